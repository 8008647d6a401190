package didaxis.server.assignment;

import didaxis.core.question.Question;
import didaxis.core.style.ClassStyle;
import didaxis.core.template.Values;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.VariedQuestion;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What was handed out, in all its variants. Which one somebody has hangs on a seed alone, which is who it is or stands with a
 * further attempt, so that it is the same one for ever. The first is 0, or A.
 */
public final class Variants {
    /** A question as it was handed out. */
    public static final class Frozen {
        private final QuestionBody body;
        private final List<Values> sets;
        private final VariedQuestion varied;

        /** @param sets the values of what varies in it; none where nothing does */
        public Frozen(QuestionBody body, List<Values> sets) {
            this.body = body;
            this.sets = List.copyOf(sets);
            varied = new VariedQuestion(body);
        }

        private Question variant(int number) {
            return sets.isEmpty() ? varied.asked() : varied.asked(sets.get(number % sets.size()));
        }
    }

    private static final int LETTERS = 26;

    private final List<Frozen> questions;
    private final int count;
    private final ClassStyle style;
    private final Map<Integer, Paper> made = new ConcurrentHashMap<>();
    private final Decided decided;
    private final MemoRevision memo;

    private Variants(List<Frozen> questions, int count, ClassStyle style, Decided decided, MemoRevision memo) {
        this.questions = List.copyOf(questions);
        this.count = count;
        this.style = style;
        this.decided = decided;
        this.memo = memo;
    }

    public static Variants of(List<Frozen> questions, Versions versions, ClassStyle style) {
        int most = questions.stream()
                .mapToInt(question -> Math.max(1, question.sets.size()))
                .max()
                .orElse(1);
        return new Variants(questions, versions.count(most), style, Decided.NONE, MemoRevision.AS_HANDED_OUT);
    }

    /** The same with what was decided of answers in words. */
    Variants deciding(Decided other) {
        return new Variants(questions, count, style, other, memo);
    }

    /** What was decided of answers in words. */
    Decided decided() {
        return decided;
    }

    /** The same under a memo, whose questions are these. */
    Variants under(MemoRevision other) {
        return new Variants(questions, count, style, decided, other);
    }

    /** How many there are. */
    public int count() {
        return count;
    }

    /** The revision of the memo that they are under. */
    int memo() {
        return memo.revision();
    }

    /** How many questions there are. */
    int questions() {
        return questions.size();
    }

    /** A question with what varies in it; the first has the place 0. */
    QuestionBody body(int place) {
        return questions.get(place).body;
    }

    /** The variant of a seed. */
    int number(long seed) {
        return (int) Math.floorMod(seed, (long) count);
    }

    /** The paper that somebody with this seed has. */
    Paper of(long seed) {
        return numbered(number(seed));
    }

    /** Makes the papers of these sheets, so that what needs them in a transaction finds them there. */
    void make(List<SubmittedSheet> sheets) {
        sheets.forEach(sheet -> of(sheet.seed()));
    }

    /** The paper of a variant. */
    public Paper numbered(int number) {
        return made.computeIfAbsent(number, this::make);
    }

    private Paper make(int number) {
        return Paper.of(
                        questions.stream()
                                .map(question -> question.variant(number))
                                .toList(),
                        questions.stream()
                                .map(question -> Paper.Look.of(question.body))
                                .toList(),
                        style)
                .deciding(decided)
                .under(memo);
    }

    /** What a variant is called: A, B, …, Z, AA; nothing where there is one alone. */
    public String letter(int number) {
        return count == 1 ? "" : lettered(number);
    }

    private static String lettered(int number) {
        String last = String.valueOf((char) ('A' + number % LETTERS));
        return number < LETTERS ? last : lettered(number / LETTERS - 1) + last;
    }
}
