package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.ColourCode;
import didaxis.core.quantity.ColourCode.Band;
import didaxis.core.style.MarkingStyle;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A resistor is read from its bands, or its bands are named from what it is.
 *
 * @param percent its tolerance
 * @param bandsAsked whether its bands are asked, or else its resistance and its tolerance
 */
public record ColourBands(String id, int state, String part, double percent, boolean bandsAsked, int marks)
        implements Task {
    /** Common practice for carbon film. */
    public static final double USUAL_PERCENT = 5;

    private Cell cell() {
        return Cell.resistance(Subject.part(part));
    }

    @Override
    public List<Box> boxes() {
        if (bandsAsked) return List.of(new Box(id, id, new Box.Form.Bands(), marks));
        return List.of(
                new Box(Box.id(id, 0, 2), id, new Box.Form.Amount(cell(), state, ""), marks),
                new Box(Box.id(id, 1, 2), id, new Box.Form.Percent(), marks));
    }

    /** Its resistance, which the bands tell. */
    @Override
    public Set<Cell> tells() {
        return Set.of(cell());
    }

    /** Its bands from the first on; empty where bands cannot say what it is. */
    public Optional<List<Band>> bands(Question question) {
        return ColourCode.bands(question.state(state).chart().value(cell()).orElse(0), percent);
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        if (!question.state(state).numbered()) return List.of(new TaskFlaw.NoNumber(id));
        if (bands(question).isEmpty()) return List.of(new TaskFlaw.NoBands(id, part, percent));
        boolean away = bandsAsked ? isAsked(question) : question.isTold(cell(), state);
        return away ? List.of(new TaskFlaw.GivenAway(id, cell())) : List.of();
    }

    /** Whether its resistance, which the prompt says where the bands are asked, is asked in some box. */
    private boolean isAsked(Question question) {
        return question.boxes().stream()
                .anyMatch(box -> box.form() instanceof Box.Form.Amount amount
                        && amount.cell().equals(cell()));
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        if (box.form() instanceof Box.Form.Percent) {
            Optional<Double> own = ColourCode.percent(typed).stream().boxed().findFirst();
            return Typed.judged(typed, own, percent, box.marks(), AmountFormat.exactly(percent) + " %");
        }
        List<Band> bands = bands(question).orElseThrow();
        ColourCode right = ColourCode.of(bands).orElseThrow();
        // As many bands as there are ways to write it with: three figures where two would do.
        Optional<Boolean> same = ColourCode.read(typed)
                .map(own -> ColourCode.of(own)
                        .filter(code -> code.percent() == right.percent() && same(code.ohms(), right.ohms()))
                        .isPresent());
        return Typed.judged(typed, same, true, box.marks(), print(bands));
    }

    private static boolean same(BigDecimal one, BigDecimal other) {
        return one.compareTo(other) == 0;
    }

    /** From the first band on. */
    public static String print(List<Band> bands) {
        return bands.stream().map(Band::word).collect(Collectors.joining(", "));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.colourBands().apply(this);
    }
}
