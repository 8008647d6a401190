package didaxis.core.answer;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * A circuit as resistances that are combined two or more at a time, in any order that may be, until one is left. What
 * nothing can pass is not there; a branch that is only wire stays, as one of 0 Ω.
 */
public final class Reduction {
    private static final Comparator<String> BY_LABEL =
            Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder());

    /** One resistance that is left, or a combination of such. */
    public static final class Node {
        private final boolean series;
        private final List<Node> members;
        private final List<String> labels;
        private double ohms;
        /** What the learner found for it, where that was said. */
        private OptionalDouble own = OptionalDouble.empty();

        private Node parent;
        private String alias = "";

        private Node(boolean series, List<Node> members, List<String> labels, double ohms) {
            this.series = series;
            this.members = new ArrayList<>(members);
            this.labels = labels.stream().sorted(BY_LABEL).toList();
            this.ohms = ohms;
            members.forEach(member -> member.parent = this);
        }

        private static Node item(List<String> labels, double ohms) {
            return new Node(false, List.of(), labels, ohms);
        }

        /** Whether it is one resistance by now. */
        public boolean isItem() {
            return members.isEmpty();
        }

        /** Whether its members are in series, else in parallel. */
        public boolean isSeries() {
            return series;
        }

        /** What it is a combination of; nothing where it is one resistance. */
        public List<Node> members() {
            return List.copyOf(members);
        }

        /** True resistance in ohms. */
        public double ohms() {
            return ohms;
        }

        /** What follows from it: the learner's own value, or else the true one. */
        public double used() {
            return own.orElse(ohms);
        }

        /** Takes what the learner found for it, in ohms, which others may follow from. */
        public void found(double value) {
            own = OptionalDouble.of(value);
        }

        /** Takes what the learner calls it, besides its own name. */
        public void called(String name) {
            alias = plain(name);
        }

        /** Of all that it is made of, with commas between. */
        public String labels() {
            return String.join(",", labels);
        }

        /** "R2", or "R23" and "R2,L3" for what was combined. */
        public String name() {
            if (labels.size() == 1) return labels.get(0);
            String letters = letters(labels.get(0));
            boolean alike = labels.stream().allMatch(label -> label.matches(letters + "[0-9]"));
            return alike
                    ? letters
                            + labels.stream()
                                    .map(label -> label.substring(letters.length()))
                                    .collect(Collectors.joining())
                    : String.join(",", labels);
        }

        private boolean isCalled(String plain) {
            String digits =
                    labels.stream().map(label -> label.replaceAll("[A-Z]", "")).collect(Collectors.joining());
            return plain.equals(alias)
                    || plain.equals(plain(String.join("", labels)))
                    || labels.size() > 1 && plain.equals(letters(labels.get(0)) + digits);
        }
    }

    private Node root;

    private Reduction(Node root) {
        this.root = root;
    }

    /** Empty if nothing is left that resists or conducts. */
    public static Optional<Reduction> of(Chart chart) {
        Outline outline = chart.circuit().outline();
        Node[] left = new Node[outline.size()];
        for (int i = outline.size() - 1; i >= 0; i--) {
            double ohms = chart.point().resistance(i);
            if (Double.isInfinite(ohms)) continue;
            Network node = outline.node(i);
            List<Node> members = new ArrayList<>();
            for (int m : outline.membersOf(i)) {
                if (left[m] != null) members.add(left[m]);
                else if (outline.join(i) == Join.PARALLEL && chart.point().resistance(m) == 0)
                    members.add(Node.item(List.of(outline.partsOf(m).get(0).label()), 0));
            }
            if (node instanceof Part part && part.kind().resistive()) left[i] = Node.item(List.of(part.label()), ohms);
            else if (!members.isEmpty()) left[i] = joined(outline.join(i) == Join.SERIES, members, ohms);
        }
        return Optional.ofNullable(left[0]).map(Reduction::new);
    }

    private static Node joined(boolean series, List<Node> members, double ohms) {
        if (members.size() == 1) return members.get(0);
        List<Node> flat = new ArrayList<>();
        for (Node member : members) {
            // A branch or stretch that alone was left is of the same kind as what holds it.
            if (!member.isItem() && member.series == series) flat.addAll(member.members);
            else flat.add(member);
        }
        return new Node(
                series,
                flat,
                flat.stream().flatMap(node -> node.labels.stream()).toList(),
                ohms);
    }

    /** The whole. */
    public Node root() {
        return root;
    }

    /** How many resistances are left. */
    public int left() {
        return items(root).size();
    }

    /** What is left, by name. */
    public List<String> names() {
        return items(root).stream().map(Node::name).toList();
    }

    private static List<Node> items(Node node) {
        return node.isItem()
                ? List.of(node)
                : node.members.stream().flatMap(one -> items(one).stream()).toList();
    }

    /** The resistance of this name: a label, R23, R2,3, or what the learner called it. */
    public Optional<Node> named(String name) {
        String plain = plain(name);
        return items(root).stream().filter(item -> item.isCalled(plain)).findFirst();
    }

    private static String plain(String name) {
        return name.toUpperCase(Locale.ROOT).replaceAll("[ _,()]", "");
    }

    private static String letters(String label) {
        return label.replaceAll("[0-9]", "");
    }

    /** Some resistances as one; empty if they are not joined like that as the circuit stands now. */
    public Optional<Node> combine(List<Node> items, boolean series) {
        Node whole = items.get(0).parent;
        boolean may = items.size() > 1
                && new HashSet<>(items).size() == items.size()
                && whole != null
                && whole.series == series
                && items.stream().allMatch(item -> item.isItem() && item.parent == whole);
        if (!may) return Optional.empty();
        Node one = Node.item(
                items.stream().flatMap(item -> item.labels.stream()).toList(),
                together(items.stream().mapToDouble(Node::ohms).toArray(), series));
        one.found(together(items.stream().mapToDouble(Node::used).toArray(), series));
        whole.members.set(whole.members.indexOf(items.get(0)), one);
        whole.members.removeAll(items);
        one.parent = whole;
        if (whole.members.size() == 1) replace(whole, one);
        return Optional.of(one);
    }

    private void replace(Node whole, Node one) {
        one.parent = whole.parent;
        if (whole.parent == null) root = one;
        else whole.parent.members.set(whole.parent.members.indexOf(whole), one);
    }

    /** Some resistances in ohms, in series or in parallel, as one. */
    public static double together(double[] ohms, boolean series) {
        double sum = 0;
        for (double one : ohms) sum += series ? one : 1 / one;
        return series ? sum : 1 / sum;
    }

    /** The combination to be folded first: of those with nothing but resistances the innermost. */
    public Optional<Node> next() {
        return root.isItem()
                ? Optional.empty()
                : Optional.of(innermost(root, 0)).map(Deep::node);
    }

    private record Deep(Node node, int depth) {}

    private static Deep innermost(Node node, int depth) {
        return node.members.stream()
                .filter(member -> !member.isItem())
                .map(member -> innermost(member, depth + 1))
                .reduce((one, other) -> other.depth() > one.depth() ? other : one)
                .orElse(new Deep(node, depth));
    }

    /** How combinations are nested, innermost first; true is series. */
    public List<Boolean> nesting() {
        List<Boolean> nesting = new ArrayList<>();
        for (Node node = next().orElse(null); node != null; node = node.parent) nesting.add(node.series);
        return nesting;
    }
}
