package didaxis.server.assignment;

import com.fasterxml.jackson.annotation.JsonAlias;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.line.WorkingCheck.Checked;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.Derivation;
import didaxis.core.marking.Finding;
import didaxis.core.marking.NamedSlip;
import didaxis.core.quantity.Reading;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.slip.Slip;
import didaxis.core.style.ClassStyle;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A finding as it is kept: core's own codes, from which with the question and the answer all else is made when read.
 *
 * @param box its id on the sheet
 * @param derivation how the answer follows; null where it does not follow from others
 * @param slips by which it is known, the simplest first
 * @param points what the marker gives; {@link #earned} is what counts
 * @param working what a calculation in lines earned, point by point; null where it was none
 * @param amended what the memo gives for it after it was put right; null where that says nothing of its box
 * @param given null where that is left to the marker and the memo
 */
record StoredFinding(
        String box,
        Code code,
        int points,
        StoredDerivation derivation,
        List<StoredSlip> slips,
        StoredWorking working,
        Integer amended,
        Given given) {
    /** What a teacher gave for it above the marker's word, why, and who. */
    record Given(int points, String reason, String by) {}

    /** Of the slips that give one answer so many are kept. */
    private static final int MOST_SLIPS = 8;

    /** What marking can say of an answer. */
    enum Code {
        RIGHT,
        ROUNDED_EARLY,
        FOLLOW_THROUGH,
        /** Known by a slip's name; of the first, cutting off, it was the code itself. */
        @JsonAlias("CUT_OFF")
        SLIP,
        PARTLY,
        UNDECIDED,
        WRONG,
        BLANK,
        UNREADABLE,
        /** Its box counts no more; never of the marker itself. */
        LEFT_OUT;

        /** Whether it is worth all its marks, as {@link Finding#earns()} said it when it was stored. */
        boolean isRight() {
            return this == RIGHT || this == ROUNDED_EARLY || this == FOLLOW_THROUGH;
        }

        static Code of(BoxFinding finding) {
            return finding.match(
                    amount -> of(amount.finding()),
                    lines -> of(lines.answer()),
                    words -> words.slip().isPresent() && words.verdict().code() == Verdict.Code.WRONG
                            ? SLIP
                            : valueOf(words.verdict().code().name()));
        }

        private static Code of(Finding finding) {
            return finding.match(new Finding.Cases<>(
                    right -> RIGHT,
                    early -> ROUNDED_EARLY,
                    follows -> FOLLOW_THROUGH,
                    slipped -> SLIP,
                    wrong -> WRONG,
                    blank -> BLANK,
                    unreadable -> UNREADABLE));
        }
    }

    /** The simplest of the slips; null where none is known. */
    Slip slip() {
        return slips.isEmpty() ? null : slips.get(0).slip();
    }

    private List<NamedSlip> slips(Cell own, double expected, Subjects subjects) {
        return slips.stream().map(one -> one.in(own, expected, subjects)).toList();
    }

    private static List<StoredSlip> slips(Finding finding) {
        if (finding instanceof Finding.Slipped slipped)
            return slipped.slips().stream()
                    .limit(MOST_SLIPS)
                    .map(StoredSlip::of)
                    .toList();
        return named(finding.slip());
    }

    /** One that has no sum. */
    private static List<StoredSlip> named(Optional<Slip> slip) {
        return slip.stream().map(one -> new StoredSlip(one, null, null, null)).toList();
    }

    static StoredFinding of(String box, BoxFinding finding) {
        Optional<Derivation> derivation = finding.match(
                amount -> derivation(amount.finding()), lines -> derivation(lines.answer()), words -> Optional.empty());
        return new StoredFinding(
                box,
                Code.of(finding),
                finding.points(),
                derivation.map(StoredDerivation::of).orElse(null),
                finding.match(
                        amount -> slips(amount.finding()),
                        lines -> slips(lines.answer()),
                        words -> named(words.slip())),
                StoredWorking.of(finding),
                null,
                null);
    }

    /** The same with what the memo gives for it. */
    StoredFinding amended(Integer memo) {
        return new StoredFinding(box, code, points, derivation, slips, working, memo, given);
    }

    /** The same with what a teacher gave for it. */
    StoredFinding given(Given by) {
        return new StoredFinding(box, code, points, derivation, slips, working, amended, by);
    }

    /** What it counts, where its box has so many marks: the teacher's word stands above the memo's, and that above the marker's. */
    int earned(int marks) {
        int own = given != null ? given.points() : amended != null ? amended : points;
        return Math.min(own, marks);
    }

    /** The amount that is the answer, of what was typed: of lines the one they come to. */
    String answer(String typed) {
        return working == null ? typed : working.amount();
    }

    private static Optional<Derivation> derivation(Finding finding) {
        return finding.match(new Finding.Cases<>(
                right -> Optional.empty(),
                early -> Optional.of(early.derivation()),
                follows -> Optional.of(follows.derivation()),
                slipped -> Optional.empty(),
                wrong -> Optional.empty(),
                blank -> Optional.empty(),
                unreadable -> Optional.empty()));
    }

    /**
     * What was found, where a box has so many marks: right without the mark of its unit is partly right. What waited for a
     * teacher waits no more once that has given anything for it, none included.
     */
    Code judged(int marks) {
        if (marks == 0) return Code.LEFT_OUT;
        int earned = earned(marks);
        boolean waited = code == Code.UNDECIDED || working != null && working.open();
        if (given != null && waited || (given != null || amended != null) && earned != points)
            return earned == marks ? Code.RIGHT : earned > 0 ? Code.PARTLY : Code.WRONG;
        if (working != null) return worked(marks);
        if (code == Code.UNREADABLE && !slips.isEmpty()) return Code.SLIP;
        return code.isRight() && points < marks ? Code.PARTLY : code;
    }

    private Code worked(int marks) {
        if (working.open()) return Code.UNDECIDED;
        if (points == marks) return code.isRight() ? code : Code.RIGHT;
        if (points > 0) return Code.PARTLY;
        return code == Code.BLANK ? Code.WRONG : code;
    }

    /** The finding itself, of what was typed into its box. */
    BoxFinding in(Paper paper, Paper.Place place, SheetLines sheet) {
        Question question = paper.question(place);
        Box box = place.box();
        if (working != null) return worked(paper, place, sheet);
        if (box.form() instanceof Box.Form.Amount amount)
            return new BoxFinding.OfAmount(
                    box,
                    amount(amount, question, sheet.text(place), paper.style()),
                    code.isRight() && points < box.marks());
        Verdict.Code own = code == Code.SLIP ? Verdict.Code.WRONG : Verdict.Code.valueOf(code.name());
        return new BoxFinding.OfWords(box, new Verdict(own, points, paper.model(place)), Optional.ofNullable(slip()));
    }

    /** The lines are read again; the answer among them and the points stand as they were given. */
    private BoxFinding worked(Paper paper, Paper.Place place, SheetLines sheet) {
        Box box = place.box();
        Question question = paper.question(place);
        Box.Form.Amount amount = (Box.Form.Amount) box.form();
        boolean alone = working.amount().equals(sheet.text(place));
        List<Checked> lines = alone ? List.of() : sheet.of(place);
        Finding answer = amount(amount, question, working.amount(), paper.style());
        return new BoxFinding.OfLines(
                box,
                working.amount(),
                answer,
                working.credits(),
                lines,
                working.unitLost(),
                working.open(),
                working.given() == null ? OptionalInt.empty() : OptionalInt.of(working.given()));
    }

    private Finding amount(Box.Form.Amount asked, Question question, String typed, ClassStyle style) {
        Chart chart = question.state(asked.state()).chart();
        Cell own = asked.cell();
        double expected = chart.value(own).orElse(0);
        Reading reading = style.marking().format().read(asked.inUnit(typed), own.quantity());
        if (code == Code.BLANK) return new Finding.Blank(own, expected);
        if (reading instanceof Reading.Blank) return new Finding.Blank(own, expected);
        if (!(reading instanceof Reading.Read read))
            return new Finding.Unreadable(own, expected, (Reading.Unreadable) reading);
        return switch (code) {
            case ROUNDED_EARLY -> new Finding.RoundedEarly(own, expected, read, derivation.in(chart.subjects()));
            case FOLLOW_THROUGH -> new Finding.FollowThrough(own, expected, read, derivation.in(chart.subjects()));
            case SLIP -> new Finding.Slipped(own, expected, read, slips(own, expected, chart.subjects()));
            case WRONG -> new Finding.Wrong(own, expected, read);
            default -> new Finding.Right(own, expected, read);
        };
    }
}
