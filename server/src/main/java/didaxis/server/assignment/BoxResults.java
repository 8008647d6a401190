package didaxis.server.assignment;

import didaxis.core.correction.SameAnswer;
import didaxis.core.formula.Symbols;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.wording.BoxName;
import didaxis.core.wording.BoxReading;
import didaxis.server.assignment.StoredFinding.Code;
import didaxis.server.classroom.Classrooms.Learner;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What became of one box over a whole class, in JSON: how many have it right, right from an own earlier value, partly
 * right, wrong, empty or unreadable, and what was not right, equal answers together.
 *
 * @param number of its task on the sheet
 * @param symbol of its cell, as MathML; empty where it has none
 * @param amount whether it takes a value
 * @param lost all marks that were not earned
 * @param mean of what was earned, and how far from it sheets are in the middle (standard deviation); 0 where none came in
 * @param undecided in words that nobody has decided yet
 * @param inWords whether what it earns can be decided wording by wording
 * @param expected the right answer as one would write it
 */
record BoxResults(
        String box,
        String number,
        boolean amount,
        String symbol,
        String name,
        String expected,
        int marks,
        int lost,
        double mean,
        double spread,
        int right,
        int follows,
        int partly,
        int slipped,
        int wrong,
        int blank,
        int unreadable,
        int undecided,
        boolean inWords,
        List<WrongValue> wrongValues) {
    private static final int MOST_MODELS = 3;

    /**
     * An answer that is not right, as it was read or else as it was typed, and who wrote it.
     *
     * @param decidable whether what it earns can be decided for all who wrote it: words, and lines
     * @param points what it earns
     */
    record WrongValue(String shown, boolean readable, boolean decidable, int points, List<Learner> learners) {}

    /**
     * What makes two answers one: what they are read as, in words what they say, or where they cannot be read the same
     * text.
     */
    private record WrongKey(String what, boolean readable, boolean decidable, String variant) {
        static WrongKey of(Paper paper, Paper.Place place, String text, String variant) {
            BoxReadings readings = new BoxReadings(paper);
            if (place.task() instanceof InWords || readings.isWorked(place.box(), text))
                return new WrongKey(SameAnswer.wording(place.task(), text).normalised(), true, true, "");
            BoxReading reading = readings.plain(place.task(), place.box(), paper.question(place), text);
            String said = readings.said(place.box(), reading);
            boolean readable = reading.expected().isEmpty();
            return new WrongKey(said.isEmpty() ? text.strip() : said, readable, false, variant);
        }

        /** As it is shown; words as they were written first. */
        String shown(String text) {
            if (decidable) return text.strip();
            return variant.isEmpty() ? what : variant + ": " + what;
        }
    }

    /** The right answers of a box by variants, of those that were sent; one where all have the same. */
    static Map<String, String> models(Variants variants, Paper.Place place, List<SubmittedSheet> sent) {
        Map<Integer, String> models = new TreeMap<>();
        for (SubmittedSheet sheet : sent)
            models.computeIfAbsent(variants.number(sheet.seed()), number -> model(variants.numbered(number), place));
        if (models.isEmpty()) models.put(0, model(variants.numbered(0), place));
        if (Set.copyOf(models.values()).size() == 1)
            return Map.of("", models.values().iterator().next());
        Map<String, String> lettered = new LinkedHashMap<>();
        models.forEach((number, model) -> lettered.put(variants.letter(number), model));
        return lettered;
    }

    private static String model(Paper paper, Paper.Place place) {
        return paper.model(paper.places().get(place.id()));
    }

    /** "2 A", or "A: 2 A; B: 3 A"; of many variants only the first. */
    static String expected(Map<String, String> models) {
        if (models.size() == 1) return models.values().iterator().next();
        String shown = models.entrySet().stream()
                .limit(MOST_MODELS)
                .map(one -> one.getKey() + ": " + one.getValue())
                .collect(Collectors.joining("; "));
        return models.size() > MOST_MODELS ? shown + "; …" : shown;
    }

    /** Of every box in the sheet's order; only what was sent or collected counts. */
    static List<BoxResults> of(Variants variants, List<SubmittedSheet> sent, List<Learner> learners) {
        Map<Long, Learner> byId = learners.stream().collect(Collectors.toMap(Learner::id, Function.identity()));
        List<SubmittedSheet> own =
                sent.stream().filter(one -> byId.containsKey(one.learnerId())).toList();
        return variants.numbered(0).places().values().stream()
                .map(place -> of(variants, place, own, byId))
                .toList();
    }

    /** What a box has earned over all sheets. */
    private record Earned(int lost, double mean, double spread) {
        static Earned of(Paper.Place place, List<SubmittedSheet> sent) {
            int[] points = sent.stream()
                    .mapToInt(sheet -> sheet.finding(place.id())
                            .map(one -> one.earned(place.marks()))
                            .orElse(0))
                    .toArray();
            double mean = IntStream.of(points).average().orElse(0);
            double variance = IntStream.of(points)
                    .mapToDouble(one -> (one - mean) * (one - mean))
                    .average()
                    .orElse(0);
            int lost = place.marks() * points.length - IntStream.of(points).sum();
            return new Earned(lost, mean, Math.sqrt(variance));
        }
    }

    private static BoxResults of(
            Variants variants, Paper.Place place, List<SubmittedSheet> sent, Map<Long, Learner> learners) {
        Paper paper = variants.numbered(0);
        Map<String, String> models = models(variants, place, sent);
        Map<Code, Integer> counts = new EnumMap<>(Code.class);
        Map<WrongKey, WrongValue> wrong = new LinkedHashMap<>();
        Earned earned = Earned.of(place, sent);
        for (SubmittedSheet sheet : sent) {
            Code code = sheet.finding(place.id())
                    .map(stored -> stored.judged(place.marks()))
                    .orElse(Code.BLANK);
            counts.merge(code, 1, Integer::sum);
            if (code.isRight() || code == Code.BLANK || code == Code.LEFT_OUT) continue;
            String text = sheet.text(place.id());
            Paper own = variants.of(sheet.seed());
            String variant = models.size() == 1 ? "" : variants.letter(variants.number(sheet.seed()));
            WrongKey key = WrongKey.of(own, own.places().get(place.id()), text, variant);
            int points = sheet.finding(place.id())
                    .map(one -> one.earned(place.marks()))
                    .orElse(0);
            wrong.computeIfAbsent(
                            key,
                            first -> new WrongValue(
                                    key.shown(text), key.readable(), key.decidable(), points, new ArrayList<>()))
                    .learners()
                    .add(learners.get(sheet.learnerId()));
        }
        List<WrongValue> values = wrong.values().stream()
                .sorted(Comparator.comparing((WrongValue one) -> -one.learners().size()))
                .toList();
        Box box = place.box();
        return new BoxResults(
                place.id(),
                place.number(),
                box.form() instanceof Box.Form.Amount,
                BoxView.cell(box)
                        .map(new Symbols(paper.style().house().terms())::mathMl)
                        .orElse(""),
                new BoxName(paper.style().house()).say(place.task(), box),
                expected(models),
                place.marks(),
                earned.lost(),
                earned.mean(),
                earned.spread(),
                count(counts, Code.RIGHT, Code.ROUNDED_EARLY),
                count(counts, Code.FOLLOW_THROUGH),
                count(counts, Code.PARTLY),
                count(counts, Code.SLIP),
                count(counts, Code.WRONG),
                count(counts, Code.BLANK),
                count(counts, Code.UNREADABLE),
                count(counts, Code.UNDECIDED),
                place.task() instanceof InWords,
                values);
    }

    private static int count(Map<Code, Integer> counts, Code... codes) {
        return List.of(codes).stream()
                .mapToInt(code -> counts.getOrDefault(code, 0))
                .sum();
    }
}
