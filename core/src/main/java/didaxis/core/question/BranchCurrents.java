package didaxis.core.question;

import didaxis.core.answer.CurrentNames;
import didaxis.core.answer.CurrentNames.Equation;
import didaxis.core.answer.Verdict;
import didaxis.core.chart.Branches;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * A name for the current of each branch, the same wherever the same current must pass, and how these are related where
 * they part. The names are the learner's own.
 *
 * @param marks as {@link #usualMarks} a branch and a relation each; of any other number their share, all only for all
 */
public record BranchCurrents(String id, int state, int marks) implements Task {
    /** So many other circuits that are connected alike a relation must be true of. */
    private static final int OTHERS = 3;

    private static final double EXACT = 1e-9;

    /** One for each branch, and for each relation. */
    public static int usualMarks(State state) {
        Branches branches = Branches.of(state.chart());
        return Math.max(
                1,
                Math.min(
                        Question.MOST_MARKS_A_BOX,
                        branches.all().size() + branches.relations().size()));
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Currents(), marks));
    }

    /** The source and the parts, in reading order. */
    @Override
    public List<Subject> things(Question question) {
        List<Subject> all = new ArrayList<>();
        all.add(Subject.TOTAL);
        Branches branches = branches(question);
        for (Part part : question.state(state).circuit().parts())
            if (branches.place(Subject.part(part.label())).isPresent()) all.add(Subject.part(part.label()));
        return all;
    }

    private Branches branches(Question question) {
        return Branches.of(question.state(state).chart());
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return branches(question).relations().isEmpty()
                ? List.of(new TaskFlaw.TooFew(id, things(question)))
                : List.of();
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        Branches branches = branches(question);
        String model = model(question, branches).print();
        if (typed.isBlank()) return new Verdict(Verdict.Code.BLANK, 0, model);
        Optional<CurrentNames> read = CurrentNames.read(typed, things(question));
        if (read.isEmpty()) return new Verdict(Verdict.Code.UNREADABLE, 0, model);
        int wanted = branches.all().size() + branches.relations().size();
        int earned = named(read.get(), branches) + related(read.get(), question, branches);
        if (earned == wanted && wanted > 0) return new Verdict(Verdict.Code.RIGHT, marks, model);
        int points = marks * earned / Math.max(1, wanted);
        return new Verdict(points > 0 ? Verdict.Code.PARTLY : Verdict.Code.WRONG, points, model);
    }

    /** How many branches have one name in all their parts, and no other branch has it. */
    private static int named(CurrentNames read, Branches branches) {
        int count = 0;
        for (List<Subject> branch : branches.all()) {
            Set<String> names = new HashSet<>();
            branch.forEach(thing -> names.add(read.names().getOrDefault(thing, "")));
            boolean elsewhere = read.names().entrySet().stream()
                    .anyMatch(one -> !branch.contains(one.getKey()) && names.contains(one.getValue()));
            if (names.size() == 1 && !names.contains("") && !elsewhere) count++;
        }
        return count;
    }

    /** How many relations are true of every circuit that is connected alike, each once; a wrong one takes one. */
    private int related(CurrentNames read, Question question, Branches branches) {
        List<Chart> charts = charts(question.state(state));
        Set<Map<Integer, Integer>> right = new HashSet<>();
        int wrong = 0;
        for (Equation equation : read.equations()) {
            Optional<Map<Integer, Integer>> factors = ofBranches(equation, read, branches);
            boolean holds =
                    factors.isPresent() && charts.stream().allMatch(chart -> holds(factors.get(), branches, chart));
            if (holds) right.add(oneWay(factors.get()));
            else wrong++;
        }
        return Math.max(0, Math.min(right.size(), branches.relations().size()) - wrong);
    }

    /** The factors of branches; empty where a name is none of a branch, or nothing is said. */
    private static Optional<Map<Integer, Integer>> ofBranches(Equation equation, CurrentNames read, Branches branches) {
        Map<Integer, Integer> factors = new LinkedHashMap<>();
        for (Map.Entry<String, Integer> one : equation.factors().entrySet()) {
            Set<Integer> meant = new LinkedHashSet<>();
            read.names().forEach((thing, name) -> {
                if (name.equals(one.getKey())) meant.add(place(thing, branches));
            });
            if (meant.size() != 1) return Optional.empty();
            factors.merge(meant.iterator().next(), one.getValue(), Integer::sum);
        }
        factors.values().removeIf(factor -> factor == 0);
        return factors.isEmpty() ? Optional.empty() : Optional.of(factors);
    }

    private static int place(Subject thing, Branches branches) {
        return branches.place(thing)
                .orElseThrow(() ->
                        new IllegalArgumentException("thing (" + thing.id() + ") must be in one of the branches"));
    }

    private static boolean holds(Map<Integer, Integer> factors, Branches branches, Chart chart) {
        double sum = 0;
        double size = 0;
        for (Map.Entry<Integer, Integer> one : factors.entrySet()) {
            Cell current = Cell.current(branches.all().get(one.getKey()).get(0));
            double term = one.getValue() * chart.value(current).orElse(Double.NaN);
            sum += term;
            size += Math.abs(term);
        }
        return Math.abs(sum) <= EXACT * size;
    }

    /** The same whichever side a name was written on. */
    private static Map<Integer, Integer> oneWay(Map<Integer, Integer> factors) {
        int first = factors.get(factors.keySet().stream().min(Integer::compare).orElseThrow());
        Map<Integer, Integer> turned = new HashMap<>(factors);
        if (first < 0) turned.replaceAll((branch, factor) -> -factor);
        return turned;
    }

    /** The circuit's own chart, and those of others with other resistances. */
    private static List<Chart> charts(State here) {
        List<Chart> charts = new ArrayList<>(List.of(here.chart()));
        Random random = new Random(1);
        for (int k = 0; k < OTHERS; k++) {
            Map<String, Setting> settings = new HashMap<>();
            for (Part part : here.circuit().parts())
                if (part.setting() instanceof Setting.Ohms ohms && ohms.ohms() > 0)
                    settings.put(part.label(), new Setting.Ohms(1 + 99 * random.nextDouble()));
            here.chartOf(here.circuit().with(here.circuit().source(), settings)).ifPresent(charts::add);
        }
        return charts;
    }

    private CurrentNames model(Question question, Branches branches) {
        Map<Subject, String> names = new LinkedHashMap<>();
        for (Subject thing : things(question))
            branches.place(thing).ifPresent(place -> names.put(thing, "I" + (place + 1)));
        List<Equation> equations = branches.relations().stream()
                .map(one -> new Equation(sum(one.whole(), names) + " = " + sum(one.parting(), names), Map.of()))
                .toList();
        return new CurrentNames(names, equations);
    }

    private static String sum(List<Subject> things, Map<Subject, String> names) {
        return String.join(" + ", things.stream().map(names::get).toList());
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.branchCurrents().apply(this);
    }
}
