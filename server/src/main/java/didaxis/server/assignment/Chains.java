package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.formula.Symbols;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.wording.BoxName;
import didaxis.server.circuit.CellView;
import didaxis.server.marking.BoxFindingView;
import didaxis.server.marking.BoxFindingView.ChainStepView;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Which answer led to which on one sheet. */
final class Chains {
    /** Longer ways are told without their middle. */
    private static final int MOST_STEPS = 12;

    /** A cell of a question in one of its states. */
    private record Asked(int question, int state, CellView cell) {}

    private final Paper paper;
    private final Map<String, Paper.Place> places;
    private final Map<String, BoxFindingView> views = new HashMap<>();
    private final Map<Asked, String> boxes = new HashMap<>();
    /** Of a setting that is asked in another state. */
    private final Map<Asked, String> anywhere = new HashMap<>();

    private Chains(Paper paper, List<BoxFindingView> all) {
        this.paper = paper;
        this.places = paper.places();
        all.forEach(view -> views.put(view.box(), view));
        places.forEach((id, place) -> {
            if (!(place.box().form() instanceof Box.Form.Amount amount)) return;
            CellView cell = CellView.of(amount.cell());
            boxes.put(new Asked(place.question(), amount.state(), cell), id);
            anywhere.putIfAbsent(new Asked(place.question(), 0, cell), id);
        });
    }

    /** The same, each that follows from an error with the way from where that started. */
    static List<BoxFindingView> along(Paper paper, List<BoxFindingView> all) {
        Chains chains = new Chains(paper, all);
        return all.stream()
                .map(view -> view.finding().equals("follow-through") ? view.along(chains.to(view)) : view)
                .toList();
    }

    private List<ChainStepView> to(BoxFindingView view) {
        Set<String> steps = new LinkedHashSet<>();
        lead(view, steps, new LinkedHashSet<>());
        if (steps.size() < 2) return List.of();
        return steps.stream()
                .skip(Math.max(0, steps.size() - MOST_STEPS))
                .map(this::step)
                .toList();
    }

    /** What leads to a box stands before it. */
    private void lead(BoxFindingView view, Set<String> steps, Set<String> seen) {
        if (!seen.add(view.box())) return;
        for (CellView from : view.from())
            box(view, from).map(views::get).ifPresent(before -> lead(before, steps, seen));
        steps.add(view.box());
    }

    private Optional<String> box(BoxFindingView view, CellView cell) {
        Paper.Place place = places.get(view.box());
        if (!(place.box().form() instanceof Box.Form.Amount amount)) return Optional.empty();
        return Optional.ofNullable(boxes.get(new Asked(place.question(), amount.state(), cell)))
                .or(() -> Optional.ofNullable(anywhere.get(new Asked(place.question(), 0, cell))));
    }

    private ChainStepView step(String id) {
        Paper.Place place = places.get(id);
        Question question = paper.question(place);
        Box.Form.Amount amount = (Box.Form.Amount) place.box().form();
        Cell cell = amount.cell();
        boolean origin = views.get(id).origin();
        Subject.Kind kind = cell.subject().kind();
        // Where the whole circuit follows, nothing of it stands out.
        boolean some = kind == Subject.Kind.PART || kind == Subject.Kind.GROUP;
        return new ChainStepView(
                id,
                new BoxName(paper.style().house()).say(place.task(), place.box()),
                new Symbols(paper.style().house().terms()).mathMl(cell),
                origin,
                origin || some
                        ? question.state(amount.state()).chart().subjects().membersOf(cell.subject())
                        : List.of());
    }
}
