package didaxis.core.answer;

import didaxis.core.change.Change.Direction;
import didaxis.core.circuit.Subject;
import didaxis.core.solving.Pair;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What a learner typed into a box that takes words, signs or names; empty where it cannot be read. */
public final class Typed {
    private static final String UP =
            "increas\\w*|up|ris\\w+|rose|goes up|grow\\w*|larger|bigger|greater|more|higher|brighter|↑|\\+";
    private static final String DOWN =
            "decreas\\w*|down|drop\\w*|fall\\w*|fell|shrink\\w*|smaller|less|lower|dimmer|↓|-|−";
    private static final String SAME = "same|constant|unchanged|equal|remains|stays|=";
    private static final Pattern NO_CHANGE = Pattern.compile("(not|n't|n’t|no) chang(e|es|ing)(?!\\p{L})");
    private static final Pattern DENIED = Pattern.compile("(?<!\\p{L})(not|never|no longer)(?!\\p{L})|n't|n’t");
    private static final Pattern NESTED = Pattern.compile("series|parallel");
    private static final Pattern CONTAINS = Pattern.compile("contain|hold|around");

    private Typed() {}

    /** One of the three ways; two of them in one answer are none, and what it does not do tells none. */
    public static Optional<Direction> direction(String typed) {
        String words = typed.toLowerCase(Locale.ROOT);
        if (NO_CHANGE.matcher(words).find()) return Optional.of(Direction.SAME);
        if (DENIED.matcher(words).find()) return Optional.empty();
        return one(typed, Map.of(UP, Direction.INCREASES, DOWN, Direction.DECREASES, SAME, Direction.SAME));
    }

    /** As one would write it. */
    public static String word(Direction direction) {
        return switch (direction) {
            case INCREASES -> "increases";
            case DECREASES -> "decreases";
            case SAME -> "stays the same";
            case UNDECIDED -> "is not decided";
        };
    }

    /** The sign of a difference: −1, 0 or 1. */
    public static Optional<Integer> relation(String typed) {
        return one(typed, Map.of(UP + "|>", 1, DOWN + "|<", -1, SAME, 0));
    }

    /** How two parts are joined. */
    public static Optional<Pair.Kind> joint(String typed) {
        return one(
                typed,
                Map.of(
                        "series", Pair.Kind.SERIES,
                        "parallel", Pair.Kind.PARALLEL,
                        "neither|none|no", Pair.Kind.NEITHER));
    }

    /** Series and parallel in the order in which they are named, true for series; "containing" turns it round. */
    public static Optional<List<Boolean>> nesting(String typed) {
        List<Boolean> nesting = new ArrayList<>();
        String words = typed.toLowerCase(Locale.ROOT);
        for (Matcher word = NESTED.matcher(words); word.find(); )
            nesting.add(word.group().startsWith("series"));
        if (CONTAINS.matcher(words).find()) Collections.reverse(nesting);
        return nesting.isEmpty() ? Optional.empty() : Optional.of(nesting);
    }

    /** "c > a > d", "c, a, d", "cad": places of links, each once, by their letters. */
    public static Optional<List<Integer>> chain(String typed, int links) {
        List<Integer> places = new ArrayList<>();
        for (char letter :
                typed.toLowerCase(Locale.ROOT).replaceAll("[\\s,;>→-]+", "").toCharArray()) {
            int place = letter - 'a';
            if (place < 0 || place >= links || places.contains(place)) return Optional.empty();
            places.add(place);
        }
        return places.isEmpty() ? Optional.empty() : Optional.of(places);
    }

    /** Places of links as one would write them. */
    public static String chain(List<Integer> places) {
        return places.stream()
                .map(place -> String.valueOf((char) ('a' + place)))
                .collect(Collectors.joining(" > "));
    }

    /** One of some reasons, by its letter or in words. */
    public static Optional<Reason> reason(String typed, List<Reason> among) {
        String plain = typed.strip().toLowerCase(Locale.ROOT).replaceAll("[.)]$", "");
        List<Reason> found = among.stream()
                .filter(reason -> plain.length() == 1 ? letter(reason, among).equals(plain) : reason.isIn(plain))
                .toList();
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    /** The letter of a reason. */
    public static String letter(Reason reason, List<Reason> among) {
        return String.valueOf((char) ('a' + among.indexOf(reason)));
    }

    /** Series within parallel within series. */
    public static String printNesting(List<Boolean> nesting) {
        return nesting.stream().map(series -> series ? "series" : "parallel").collect(Collectors.joining(" within "));
    }

    /** The one meaning whose words are there; empty where none is, or two. */
    private static <T> Optional<T> one(String typed, Map<String, T> meanings) {
        String words = typed.toLowerCase(Locale.ROOT);
        List<T> found = meanings.entrySet().stream()
                .filter(meaning -> Pattern.compile("(?<![\\p{L}])(?:" + meaning.getKey() + ")(?![\\p{L}])")
                        .matcher(words)
                        .find())
                .map(Map.Entry::getValue)
                .toList();
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    /** "A > B = C": each thing once, those that are alike together. */
    public static Optional<List<Set<Subject>>> order(String typed, List<Subject> things) {
        boolean rising = typed.contains("<");
        if (rising && typed.contains(">")) return Optional.empty();
        List<Set<Subject>> ranks = new ArrayList<>();
        Set<Subject> seen = new LinkedHashSet<>();
        for (String rank : typed.split("[<>,]")) {
            Set<Subject> alike = new LinkedHashSet<>();
            for (String name : rank.split("=")) {
                Optional<Subject> thing = named(name, things);
                if (thing.isEmpty() || !seen.add(thing.get())) return Optional.empty();
                alike.add(thing.get());
            }
            ranks.add(rising ? 0 : ranks.size(), alike);
        }
        return seen.size() == things.size() ? Optional.of(ranks) : Optional.empty();
    }

    /** An order as one would write it. */
    public static String print(List<? extends Set<Subject>> ranks) {
        return ranks.stream()
                .map(rank -> rank.stream().map(Typed::name).collect(Collectors.joining(" = ")))
                .collect(Collectors.joining(" > "));
    }

    /** "L2, L3", "none", "all". */
    public static Optional<Set<Subject>> things(String typed, List<Subject> things) {
        String words = typed.strip().toLowerCase(Locale.ROOT);
        if (words.matches("none|no|nothing|0")) return Optional.of(Set.of());
        if (words.matches("all|all of them|every(one)?|both")) return Optional.of(new LinkedHashSet<>(things));
        Set<Subject> found = new LinkedHashSet<>();
        for (String name : words.split("\\s*(?:,|;|\\band\\b|&|\\s)\\s*")) {
            Optional<Subject> thing = named(name, things);
            if (thing.isEmpty()) return Optional.empty();
            found.add(thing.get());
        }
        return Optional.of(found);
    }

    static Optional<Subject> named(String name, List<Subject> things) {
        String plain = name.strip().replaceFirst("^\\.", "");
        return things.stream()
                .filter(one -> name(one).equalsIgnoreCase(plain) || one.id().equalsIgnoreCase(plain))
                .findFirst();
    }

    /**
     * As a learner writes it: a point without the dot of the notation, the internal resistance as r, a group of unlike
     * names without the comma that stands between things.
     */
    public static String name(Subject thing) {
        return thing.kind() == Subject.Kind.INTERNAL
                ? "r"
                : thing.id().replaceFirst("^\\.", "").replace(',', '/');
    }

    /** Some things as one would write them. */
    public static String print(Set<Subject> things) {
        return things.isEmpty() ? "none" : things.stream().map(Typed::name).collect(Collectors.joining(", "));
    }

    /** As one would write it. */
    public static String word(Pair.Kind kind) {
        return switch (kind) {
            case SERIES -> "in series";
            case PARALLEL -> "in parallel";
            case NEITHER -> "neither";
        };
    }

    /** The sign of a difference as one would write it. */
    public static String word(int sign) {
        return sign < 0 ? "less" : sign > 0 ? "greater" : "equal";
    }

    /** Of an answer that is either right or not. */
    public static <T> Verdict judged(String typed, Optional<T> read, T right, int marks, String model) {
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        boolean hit = read.get().equals(right);
        return new Verdict(hit ? Verdict.Code.RIGHT : Verdict.Code.WRONG, hit ? marks : 0, model);
    }

    /** Of a reason; of several that are right any one is. */
    public static Verdict judgedReason(String typed, List<Reason> among, Set<Reason> right, int marks) {
        Optional<Boolean> hit = reason(typed, among).map(right::contains);
        String model = among.stream()
                .filter(right::contains)
                .map(reason -> letter(reason, among))
                .findFirst()
                .orElseThrow();
        return judged(typed, hit, true, marks, model);
    }
}
