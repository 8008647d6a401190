package didaxis.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.compose.Composer;
import didaxis.core.drawing.Scene.Item;
import didaxis.core.drawing.Scene.Role;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import didaxis.core.style.Terms;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

class DrawingTest {
    private static final AmountFormat FORMAT = AmountFormat.STANDARD;

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    static Captions captions(Circuit circuit) {
        Map<String, List<String>> parts = new HashMap<>();
        for (Part part : circuit.parts()) {
            List<String> lines = new ArrayList<>();
            if (part.setting() instanceof Setting.Ohms ohms)
                lines.add(FORMAT.exactly(Amount.of(ohms.ohms(), Quantity.RESISTANCE)));
            part.rating().limits().forEach(limit -> lines.add(FORMAT.exactly(limit)));
            parts.put(part.label(), lines);
        }
        return new Captions(
                parts,
                FORMAT.exactly(Amount.of(circuit.source().emf(), Quantity.VOLTAGE)),
                FORMAT.exactly(Amount.of(circuit.source().internalResistance(), Quantity.RESISTANCE)),
                Terms.EQUIVALENT,
                circuit.parts().stream().map(Part::label).collect(Collectors.toSet()));
    }

    /** Every arrangement, symbol set, degree of disguise and set of marks. */
    @Provide
    static Arbitrary<Plan> plans() {
        return Combinators.combine(
                        Arbitraries.of(Plan.Arrangement.values()),
                        Arbitraries.integers().between(1, Plan.HARDEST),
                        Arbitraries.longs().between(0, 1000),
                        Arbitraries.of(ResistorSymbol.values()),
                        Arbitraries.of(Plan.Arrows.values()),
                        Arbitraries.of(true, false),
                        Arbitraries.of(true, false))
                .as(Plan::new);
    }

    /** Ladders and rows of parts, which the hardest disguise turns into stars and rows. */
    @Property(tries = 300)
    void norDoesOneInAStarOrARow(
            @ForAll("ladders") Circuit circuit, @ForAll("plans") Plan plan, @ForAll boolean narrow) {
        noTextMeetsAnything(circuit, plan, narrow);
    }

    @Provide
    Arbitrary<Circuit> ladders() {
        return Ladders.any();
    }

    @Property(tries = 400)
    void noTextMeetsAWireASymbolOrAnotherText(
            @ForAll("circuits") Circuit circuit, @ForAll("plans") Plan plan, @ForAll boolean narrow) {
        noTextMeetsAnything(circuit, plan, narrow);
    }

    private static void noTextMeetsAnything(Circuit circuit, Plan plan, boolean narrow) {
        Scene scene = Drawing.of(circuit, captions(circuit), plan, narrow ? 358 : 820, narrow ? 220 : 540);
        List<Scene.Text> texts = scene.items().stream()
                .filter(Scene.Text.class::isInstance)
                .map(Scene.Text.class::cast)
                .toList();
        assertTrue(texts.size() > circuit.parts().size());
        for (Scene.Text text : texts) {
            double[] box = Pen.box(text);
            assertTrue(
                    box[0] >= 0 && box[1] >= 0 && box[2] <= scene.width() && box[3] <= scene.height(),
                    () -> text + " leaves the sheet");
            for (Item item : scene.items()) {
                boolean letterInItsMeter = text.role() == Role.SIGN && item instanceof Scene.Circle;
                if (item == text || letterInItsMeter) continue;
                boolean own = text.role() == Role.LABEL
                        && item.role() == Role.SYMBOL
                        && item.part().equals(text.part());
                double[] room = own ? withIndex(box, text) : box;
                assertFalse(meets(room, item), () -> circuit + ", " + plan + ": " + text + " meets " + item);
            }
        }
    }

    /** An index hangs lower by a quarter of its label's size, and two more keep it clear of a stroke. */
    private static double[] withIndex(double[] box, Scene.Text label) {
        return new double[] {box[0], box[1], box[2], Math.max(box[3], label.at().y() + label.size() / 4 + 2)};
    }

    private static boolean meets(double[] box, Item item) {
        if (!(item instanceof Scene.Line line)) return overlap(box, Pen.box(item));
        for (int k = 1; k < line.spots().size(); k++) {
            if (crosses(box, line.spots().get(k - 1), line.spots().get(k))) return true;
        }
        return line.closed() && overlap(box, Pen.box(line));
    }

    private static boolean overlap(double[] a, double[] b) {
        return a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
    }

    /** Whether a segment has a piece inside the box: clipped to it (Liang and Barsky's way), something is left. */
    private static boolean crosses(double[] box, Spot from, Spot to) {
        double[] starts = {from.x(), from.y()};
        double[] deltas = {to.x() - from.x(), to.y() - from.y()};
        double enter = 0;
        double leave = 1;
        for (int axis = 0; axis < 2; axis++) {
            double low = box[axis] - starts[axis];
            double high = box[axis + 2] - starts[axis];
            if (deltas[axis] == 0) {
                if (low >= 0 || high <= 0) return false;
                continue;
            }
            double one = low / deltas[axis];
            double other = high / deltas[axis];
            enter = Math.max(enter, Math.min(one, other));
            leave = Math.min(leave, Math.max(one, other));
        }
        return enter < leave;
    }

    @Test
    void whatHasNoCaptionIsNotDrawn() {
        Circuit circuit = Notation.circuit("16 V r=0.5 : R1=5 + (R2=12 || R3=4)");
        Scene scene = Drawing.of(
                circuit,
                new Captions(Map.of("R1", List.of("5 Ω")), "", "", Terms.VOLTAGE, Set.of()),
                Plan.USUAL,
                820,
                540);
        List<String> values = scene.items().stream()
                .filter(item -> item.role() == Role.VALUE)
                .map(item -> ((Scene.Text) item).text())
                .toList();
        assertEquals(List.of("5 Ω"), values);
    }

    /** As teachers disguise a parallel: the source stands amid the branches, and in the hardest one lies from corner to corner. */
    @ParameterizedTest
    @ValueSource(longs = {0, 1, 2, 3, 4, 5})
    void aDisguisedParallelHasItsSourceAmongTheBranches(long seed) {
        Circuit circuit = Notation.circuit("12 V : R1=5 || R2=6 || R3=7");
        for (int degree : new int[] {2, 3}) {
            Plan plan = new Plan(
                    Plan.Arrangement.DISGUISED, degree, seed, ResistorSymbol.RECTANGLE, Plan.Arrows.NONE, false, true);
            Scene scene = Drawing.of(circuit, captions(circuit), plan, 820, 540);
            double source = middle(scene, Composer.SOURCE);
            long before = Stream.of("R1", "R2", "R3")
                    .filter(part -> middle(scene, part) < source)
                    .count();
            assertTrue(before > 0 && before < 3, before + " of 3 are left of the source");
            boolean aslant = scene.items().stream()
                    .filter(item -> item.role() == Role.WIRE)
                    .map(item -> ((Scene.Line) item).spots())
                    .anyMatch(spots -> Math.abs(spots.get(0).x() - spots.get(1).x()) > 1
                            && Math.abs(spots.get(0).y() - spots.get(1).y()) > 1);
            assertEquals(degree == 3, aslant);
        }
    }

    private static double middle(Scene scene, String part) {
        return scene.areas().stream()
                .filter(area -> area.part().equals(part))
                .mapToDouble(area -> area.x() + area.width() / 2)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aNarrowRoomGetsADrawingOfItsOwn() {
        Circuit circuit = Notation.circuit("16 V : R1=5 + R2=6 + R3=7 + R4=8 + R5=9 + (R6=12 || R7=4)");
        Scene wide = Drawing.of(circuit, captions(circuit), Plan.USUAL, 1600, 300);
        Scene narrow = Drawing.of(circuit, captions(circuit), Plan.USUAL, 360, 360);
        assertTrue(narrow.width() < 0.8 * wide.width());
    }

    @Property(tries = 60)
    void asSvgItStandsByItselfAndHoldsWhatIsDrawn(@ForAll("circuits") Circuit circuit, @ForAll("plans") Plan plan)
            throws Exception {
        Scene scene = Drawing.of(circuit, captions(circuit), plan, 800, 500);
        String svg = Svg.print(scene, "R1 < R2 & more");
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
        Document document = factory.newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        assertEquals(
                "R1 < R2 & more", document.getElementsByTagName("title").item(0).getTextContent());
        List<String> drawn = new ArrayList<>();
        NodeList texts = document.getElementsByTagName("text");
        for (int k = 0; k < texts.getLength(); k++) drawn.add(texts.item(k).getTextContent());
        List<String> meant = scene.items().stream()
                .filter(Scene.Text.class::isInstance)
                .map(item -> ((Scene.Text) item).text())
                .toList();
        assertEquals(meant, drawn);
        long shapes = scene.items().size() - meant.size();
        long painted = Stream.of("polyline", "polygon", "circle")
                .mapToInt(tag -> document.getElementsByTagName(tag).getLength())
                .sum();
        assertEquals(shapes, painted);
        assertFalse(svg.matches("(?s).*(href|url\\(|<style|<script|class=).*"), svg);
    }
}
