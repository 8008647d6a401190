package didaxis.server.circuit;

import didaxis.core.notation.Notation;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.StyledChart;
import didaxis.server.config.Problem;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What is made of one circuit: its chart and drawing, its working, the circuit after an act. */
@Service
class CircuitService {
    List<StyleView> styles() {
        return HouseStyle.PRESETS.stream().map(StyleView::of).toList();
    }

    AnalysisView analysis(CircuitRequest request) {
        HouseStyle style = StyleView.named(request.style());
        Notation.Result.Parsed typed = Circuits.read(request.notation(), style);
        StyledChart charted = StyledChart.of(Circuits.chart(typed.circuit()), style);
        return AnalysisView.of(charted, typed.alone(), request.planned(charted), request.roomOrDesk());
    }

    /** The steps from the settings to every cell; apart from the analysis, which every key asks for. */
    List<StepView> working(CircuitRequest request) {
        StyledChart charted = request.charted();
        return StepView.of(charted.working(), charted.style());
    }

    Edit.Edited edited(Edit edit) {
        Optional<Edit.Varied> varied = edit.varied();
        if (varied.isPresent()) return new Edit.Edited(edit.notation(), edit.name(), varied.get());
        return edit.outcome()
                .match(
                        composed -> new Edit.Edited(
                                Notation.print(Circuits.withinLimits(composed.circuit())), composed.inHand(), null),
                        emptied -> new Edit.Edited("", "", null),
                        refused -> {
                            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, refused.sentence());
                        });
    }
}
