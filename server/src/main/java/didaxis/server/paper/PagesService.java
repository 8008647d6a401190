package didaxis.server.paper;

import didaxis.core.style.ClassStyle;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.Assignments.Bundle;
import didaxis.server.assignment.Copy;
import didaxis.server.assignment.HandingOut;
import didaxis.server.assignment.Pages;
import didaxis.server.assignment.Variants;
import didaxis.server.classroom.ClassStyles;
import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.paper.PaperView.PagesView;
import didaxis.server.print.LatestPages;
import didaxis.server.print.OpenDocument;
import didaxis.server.print.PlainText;
import didaxis.server.print.PrintedPages;
import didaxis.server.print.SetPages;
import java.util.List;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Papers on pages, and handed out. */
@Service
class PagesService {
    private final PaperService papers;
    private final Classrooms classrooms;
    private final ClassStyles styles;
    private final HandingOut handingOut;
    private final LatestPages latest;
    private final Transactions transactions;

    PagesService(
            PaperService papers,
            Classrooms classrooms,
            ClassStyles styles,
            HandingOut handingOut,
            LatestPages latest,
            Transactions transactions) {
        this.papers = papers;
        this.classrooms = classrooms;
        this.styles = styles;
        this.handingOut = handingOut;
        this.latest = latest;
        this.transactions = transactions;
    }

    /**
     * What is to be printed.
     *
     * @param variant its number; the first is 0
     * @param classroom in whose style; null for the usual one
     */
    record Wanted(Pages what, int variant, Long classroom) {}

    /** A document, what it is called, and which variant it is. */
    private record Document(String name, String html, int variants, String letter) {}

    private Document document(long id, Wanted wanted, long owner) {
        ComposedPaper paper = papers.composed(id, owner);
        record Reader(String classroom, ClassStyle style) {}
        Reader reader = wanted.classroom() == null
                ? new Reader("", ClassStyle.STANDARD)
                : transactions.read(() -> {
                    Classrooms.Classroom one = classrooms.one(wanted.classroom(), owner);
                    return new Reader(one.name(), styles.ofClass(one.id()));
                });
        Variants variants = paper.variants(reader.style());
        int number = Math.floorMod(wanted.variant(), variants.count());
        Copy copy = new Copy(paper.title(), reader.classroom(), "", variants.letter(number));
        String html = wanted.what().html(copy, variants.numbered(number), paper.printedLayout());
        String name = paper.title() + ", " + wanted.what().word();
        return new Document(name, html, variants.count(), variants.letter(number));
    }

    PagesView pages(long id, Wanted wanted, long owner) {
        Document document = document(id, wanted, owner);
        String key = LatestPages.key(document.html());
        return looked(id, wanted, document, owner)
                .match(
                        pages -> new PagesView(key, document.variants(), document.letter(), pages.texts(), null),
                        print -> new PagesView(key, document.variants(), document.letter(), List.of(), print));
    }

    /** @param key of the pages; those that are not there any more are set again */
    byte[] page(long id, Wanted wanted, int page, String key, long owner) {
        PrintedPages pages = latest.ofKey(key, owner).orElseGet(() -> again(id, wanted, owner));
        if (page < 0 || page >= pages.texts().size()) throw Problem.notFound("page");
        return pages.png(page);
    }

    private PrintedPages again(long id, Wanted wanted, long owner) {
        return looked(id, wanted, document(id, wanted, owner), owner).match(Function.identity(), print -> {
            throw Problem.of(HttpStatus.CONFLICT, "These pages are being set; look again in a moment.")
                    .with("print", print.id());
        });
    }

    private SetPages looked(long id, Wanted wanted, Document document, long owner) {
        return latest.looked(id + " " + wanted, document.name(), document.html(), owner);
    }

    /** The same as an open text document, to be edited. */
    byte[] openDocument(long id, Wanted wanted, long owner) {
        return OpenDocument.of(document(id, wanted, owner).html());
    }

    String plainText(long id, Wanted wanted, long owner) {
        return PlainText.of(document(id, wanted, owner).html());
    }

    SetPages pdf(long id, Wanted wanted, long owner) {
        Document document = document(id, wanted, owner);
        return latest.file(document.name(), document.html(), owner);
    }

    /** Hands a paper to a class, with the values that its pages have. */
    AssignmentSummary handOut(long id, long classId, HandingOut.Occasion occasion, long owner) {
        ComposedPaper paper = papers.composed(id, owner);
        if (paper.contents().isEmpty())
            throw Problem.badRequest("There is no question on this paper yet.").with("field", "questions");
        var layout = paper.layout();
        var versions = layout.versionsOrSame();
        var found = HandingOut.found(paper.contents(), versions, paper::sets);
        return handingOut.handOut(classId, new Bundle(paper.title(), found, versions, layout), occasion, owner);
    }
}
