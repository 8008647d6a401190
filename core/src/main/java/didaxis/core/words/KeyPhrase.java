package didaxis.core.words;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What an answer in words must say to earn a mark, in one of several ways. A way is found where its words stand in their
 * order, a few others between them, in any common form and with a letter wrong in the longer ones. What says the
 * opposite, a ratio turned round or a direction, cancels it, wherever else it is said right.
 *
 * @param ways as one would say it; the first stands for all
 * @param not what must not be said, besides the opposites of the ways
 */
public record KeyPhrase(List<String> ways, List<String> not) {
    /** What an answer does with a phrase. */
    public enum Found {
        SAID,
        /** The opposite is said. */
        CONTRADICTED,
        MISSING
    }

    /** So many other words may stand between two of a way. */
    private static final int GAP = 4;

    private static final String PER = "per";
    private static final String NOT = "not";
    /** What ends a clause, or says something of what stands before it: none may lie between two words of a way. */
    private static final Set<String> BARRIERS = Set.of(PER, "product", Reader.END);

    private static final Set<String> DIRECTIONS = Set.of("up", "down", "sam");
    /** What turns a way into its opposite, word by word, as stems. */
    private static final Map<String, List<String>> OPPOSITES = Map.ofEntries(
            Map.entry("up", List.of("down", "sam")),
            Map.entry("down", List.of("up", "sam")),
            Map.entry("sam", List.of("different", "up", "down")),
            Map.entry("direct", List.of("invers")),
            Map.entry("invers", List.of("direct")),
            Map.entry("proportional", List.of("invers proportional")),
            Map.entry("series", List.of("parallel")),
            Map.entry("parallel", List.of("series")),
            Map.entry("across", List.of("through")),
            Map.entry("through", List.of("across")),
            Map.entry("insid", List.of("outsid")),
            Map.entry("gain", List.of("lost")),
            Map.entry("lost", List.of("gain")));

    public KeyPhrase {
        ways = List.copyOf(ways);
        not = List.copyOf(not);
        if (ways.isEmpty() || ways.stream().anyMatch(way -> Reader.words(way).isEmpty()))
            throw new IllegalArgumentException("ways of a key phrase (" + ways + ") must each have a word that counts");
    }

    public static KeyPhrase of(String... ways) {
        return new KeyPhrase(List.of(ways), List.of());
    }

    /** As one would say it. */
    public String says() {
        return ways.get(0);
    }

    /** What an answer does with it. */
    public Found in(String answer) {
        return in(Reader.words(answer));
    }

    Found in(List<String> answer) {
        Set<List<String>> right = new LinkedHashSet<>();
        ways.forEach(way -> right.add(Reader.words(way)));
        Set<List<String>> wrong = new LinkedHashSet<>();
        not.forEach(way -> wrong.add(Reader.words(way)));
        right.forEach(way -> wrong.addAll(opposites(way)));
        wrong.removeAll(right);
        Vocabulary known = Vocabulary.of(right, wrong);
        boolean said = false;
        for (List<String> way : right) {
            Match match = match(way, answer, known);
            if (match == Match.DENIED) return Found.CONTRADICTED;
            said |= match == Match.THERE;
        }
        for (List<String> way : wrong) if (match(way, answer, known) == Match.THERE) return Found.CONTRADICTED;
        return said ? Found.SAID : Found.MISSING;
    }

    private static List<List<String>> opposites(List<String> way) {
        List<List<String>> all = new ArrayList<>();
        int per = way.indexOf(PER);
        if (per >= 0) {
            List<String> turned = new ArrayList<>(way.subList(per + 1, way.size()));
            turned.add(PER);
            turned.addAll(way.subList(0, per));
            all.add(turned);
        }
        // One word alone may well stand beside its opposite.
        for (int k = 0; k < way.size() && way.size() > 1; k++)
            for (String opposite : OPPOSITES.getOrDefault(way.get(k), List.of())) {
                boolean already = k > 0 && opposite.startsWith(way.get(k - 1));
                if (already) continue;
                List<String> turned = new ArrayList<>(way.subList(0, k));
                turned.addAll(List.of(opposite.split(" ")));
                turned.addAll(way.subList(k + 1, way.size()));
                all.add(turned);
            }
        return all;
    }

    private enum Match {
        NONE,
        THERE,
        /** A "not" stands before it or within. */
        DENIED
    }

    private static Match match(List<String> way, List<String> answer, Vocabulary known) {
        Match found = Match.NONE;
        boolean directed = way.stream().anyMatch(DIRECTIONS::contains);
        for (int start = 0; start < answer.size(); start++) {
            if (!known.alike(answer.get(start), way.get(0))) continue;
            int at = start;
            int denied = start > 0 && answer.get(start - 1).equals(NOT) && !way.contains(NOT) ? 1 : 0;
            int k = 1;
            for (int next = start + 1; k < way.size() && next < answer.size() && next - at <= GAP + 1; next++) {
                if (known.alike(answer.get(next), way.get(k))) {
                    at = next;
                    k++;
                } else if (BARRIERS.contains(answer.get(next)) || directed && DIRECTIONS.contains(answer.get(next)))
                    break;
                else if (answer.get(next).equals(NOT) && !way.contains(NOT)) denied++;
            }
            if (k < way.size()) continue;
            if (denied > 0) found = Match.DENIED;
            else return Match.THERE;
        }
        return found;
    }
}
