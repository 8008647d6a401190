package didaxis.server.print;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** A document for the printer, read as a tree, to be written in another form. */
final class PageDocument {
    private static final String DOCTYPE = "<!DOCTYPE html>";

    private final Document document;

    private PageDocument(Document document) {
        this.document = document;
    }

    /** @param html well-formed, of our own making: it refers to nothing outside it */
    static PageDocument of(String html) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setNamespaceAware(true);
            return new PageDocument(factory.newDocumentBuilder()
                    .parse(new InputSource(new StringReader(html.substring(DOCTYPE.length())))));
        } catch (ParserConfigurationException | SAXException | IOException e) {
            throw new IllegalStateException("a page that was made for the printer cannot be read", e);
        }
    }

    String title() {
        return document.getElementsByTagName("title").item(0).getTextContent();
    }

    Element body() {
        return (Element) document.getElementsByTagName("body").item(0);
    }

    static List<Element> children(Element element) {
        List<Element> children = new ArrayList<>();
        for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling())
            if (node instanceof Element child) children.add(child);
        return children;
    }

    static boolean is(Element element, String type) {
        return List.of(element.getAttribute("class").split(" ")).contains(type);
    }
}
