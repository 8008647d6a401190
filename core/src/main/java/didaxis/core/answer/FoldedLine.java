package didaxis.core.answer;

import didaxis.core.answer.Reduction.Node;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * One line of a reduction as a learner writes it: "R2 + R3 = 12 Ω", "Rp = R2 || R3", "R1 + (R2 || R3)", "R2 and R3 in
 * series".
 *
 * @param alias what the learner calls the result; empty if nothing
 * @param pick what is combined
 * @param value what it comes to, as it is written; empty where that is not said
 */
public record FoldedLine(String alias, Pick pick, String value) {
    private static final Pattern TOKEN = Pattern.compile("\\s*(\\p{L}[\\p{L}0-9_]*(?:,[\\p{L}0-9]+)*|\\|\\||[+()])");
    private static final Pattern IN_WORDS = Pattern.compile("(.+?)\\s+(?:are\\s+)?in\\s+(series|parallel)");

    /** A name, or some picks in series or in parallel. */
    public record Pick(String name, boolean series, List<Pick> of) {
        /** The resistance that comes of it when it is done inside out; empty if something is not joined like that. */
        public Optional<Node> in(Reduction reduction) {
            if (of.isEmpty()) return reduction.named(name);
            List<Node> items = new ArrayList<>();
            for (Pick one : of) {
                Optional<Node> item = one.in(reduction);
                if (item.isEmpty()) return Optional.empty();
                items.add(item.get());
            }
            return reduction.combine(items, series);
        }

        /** All that it names. */
        public List<String> names() {
            return of.isEmpty()
                    ? List.of(name)
                    : of.stream().flatMap(one -> one.names().stream()).toList();
        }

        /** As one would write it. */
        String text() {
            List<String> inner = of.stream()
                    .map(one -> one.of.isEmpty() ? one.name : "(" + one.text() + ")")
                    .toList();
            return of.isEmpty() ? name : String.join(series ? " + " : " || ", inner);
        }
    }

    /** What was read, as one would write it; empty if one of the lines is none. */
    public static Optional<String> read(String typed, MarkingStyle style) {
        return all(typed, style)
                .map(lines -> lines.stream().map(line -> line.shown(style)).collect(Collectors.joining("; ")));
    }

    private String shown(MarkingStyle style) {
        String name = alias.isEmpty() ? "" : alias + " = ";
        OptionalDouble ohms = ohms(style);
        String found = ohms.isPresent()
                ? " = " + style.format().exactly(Amount.of(ohms.getAsDouble(), Quantity.RESISTANCE))
                : "";
        return name + pick.text() + found;
    }

    /** The lines between semicolons or line ends; empty if one of them is none. */
    public static Optional<List<FoldedLine>> all(String typed, MarkingStyle style) {
        List<FoldedLine> lines = new ArrayList<>();
        for (String text : typed.split("[;\\n]")) {
            if (text.isBlank()) continue;
            Optional<FoldedLine> line = of(text, style);
            if (line.isEmpty()) return Optional.empty();
            lines.add(line.get());
        }
        return lines.isEmpty() ? Optional.empty() : Optional.of(lines);
    }

    private static Optional<FoldedLine> of(String text, MarkingStyle style) {
        String alias = "";
        Optional<Pick> pick = Optional.empty();
        String value = "";
        for (String side : text.split("[=→]")) {
            Optional<Pick> read = pick.isPresent() ? Optional.empty() : pick(side);
            if (read.filter(one -> !one.of().isEmpty()).isPresent()) pick = read;
            else if (read.isPresent()) alias = read.get().name();
            else value = ohms(side, style).isPresent() ? side.strip() : "";
        }
        String last = value;
        String name = alias;
        return pick.map(one -> new FoldedLine(name, one, last));
    }

    /** What it comes to; empty where that is not said. */
    public OptionalDouble ohms(MarkingStyle style) {
        return ohms(value, style);
    }

    /** Whether it is said to come to this. */
    public boolean isWorth(double ohms, MarkingStyle style) {
        OptionalDouble own = ohms(style);
        return own.isPresent() && style.tolerance().matches(ohms, own.getAsDouble());
    }

    private static OptionalDouble ohms(String text, MarkingStyle style) {
        return style.format()
                .read(text, Quantity.RESISTANCE)
                .match(
                        read -> OptionalDouble.of(read.amount().si()),
                        blank -> OptionalDouble.empty(),
                        unreadable -> OptionalDouble.empty());
    }

    private static Optional<Pick> pick(String text) {
        String signs = text.strip()
                .replaceAll("(?i)\\s+(are\\s+)?in series with\\s+", " + ")
                .replaceAll("(?i)\\s+(are\\s+)?(in )?parallel (with|to)\\s+", " || ")
                .replaceAll("\\|\\||∥|//|∣∣", "||");
        Matcher words = IN_WORDS.matcher(signs);
        if (words.matches())
            signs = words.group(1)
                    .replaceAll(
                            "\\s*,\\s*(?:and\\s+)?|\\s+and\\s+", words.group(2).equals("series") ? " + " : " || ");
        List<String> tokens = new ArrayList<>();
        Matcher token = TOKEN.matcher(signs);
        int end = 0;
        while (token.find() && token.start() == end) {
            tokens.add(token.group(1));
            end = token.end();
        }
        if (end < signs.length()) return Optional.empty();
        int[] at = {0};
        Optional<Pick> whole = joined(tokens, at, true);
        return at[0] == tokens.size() ? whole : Optional.empty();
    }

    /** Series of parallels of names and brackets. */
    private static Optional<Pick> joined(List<String> tokens, int[] at, boolean series) {
        List<Pick> members = new ArrayList<>();
        do {
            if (!members.isEmpty()) at[0]++;
            Optional<Pick> member = series ? joined(tokens, at, false) : single(tokens, at);
            if (member.isEmpty()) return Optional.empty();
            members.add(member.get());
        } while (at[0] < tokens.size() && tokens.get(at[0]).equals(series ? "+" : "||"));
        return Optional.of(members.size() == 1 ? members.get(0) : new Pick("", series, List.copyOf(members)));
    }

    private static Optional<Pick> single(List<String> tokens, int[] at) {
        if (at[0] >= tokens.size()) return Optional.empty();
        String token = tokens.get(at[0]++);
        if (!token.equals("("))
            return token.matches("\\p{L}.*") ? Optional.of(new Pick(token, false, List.of())) : Optional.empty();
        Optional<Pick> inside = joined(tokens, at, true);
        boolean closed = at[0] < tokens.size() && tokens.get(at[0]++).equals(")");
        return closed ? inside : Optional.empty();
    }
}
