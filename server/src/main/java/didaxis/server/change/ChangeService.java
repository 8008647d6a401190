package didaxis.server.change;

import didaxis.core.change.Act;
import didaxis.core.change.Change;
import didaxis.core.circuit.Circuit;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.StyledChart;
import didaxis.server.change.ChangeController.ChangeRequest;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import java.util.List;
import org.springframework.stereotype.Service;

/** The circuit before and after one act on one of its parts. */
@Service
class ChangeService {
    ChangeView change(ChangeRequest request) {
        HouseStyle style = StyleView.named(request.style());
        Circuit before = Circuits.read(request.notation(), style).circuit();
        Act read = Acts.read(ActBody.of(request.act(), request.part(), request.text()), before, style);
        if (read instanceof Act.Varied varied)
            throw Problem.badRequest("Say to what " + varied.part() + " is set, so that values after can be told.");
        if (!(read instanceof Act.OnPart act))
            throw Problem.badRequest("What is done to one part is told here; not “" + request.act() + "”.");
        Circuit after = act.on(before);
        StyledChart then = StyledChart.of(Circuits.chart(before), style);
        Change change = Change.of(then.chart(), Circuits.chart(after), act.part());
        List<Change.Link> chain = request.cell() == null
                ? change.chain()
                : change.chainTo(request.cell().in(then.chart().subjects()));
        return ChangeView.of(then, StyledChart.of(change.after(), style), change, chain);
    }
}
