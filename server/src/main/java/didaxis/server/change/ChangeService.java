package didaxis.server.change;

import didaxis.core.change.Change;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.compose.Composer;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.StyledChart;
import didaxis.server.change.ChangeController.ChangeRequest;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** The circuit before and after one act on one of its parts. */
@Service
class ChangeService {
    ChangeView change(ChangeRequest request) {
        HouseStyle style = StyleView.named(request.style());
        Circuit before = Circuits.read(request.notation(), style).circuit();
        Part part = before.parts().stream()
                .filter(one -> one.label().equals(request.part()))
                .findFirst()
                .orElseThrow(() -> Problem.badRequest("This circuit has no part “" + request.part() + "”."));
        Circuit after = after(before, part, request, style);
        StyledChart then = StyledChart.of(Circuits.chart(before), style);
        Change change = Change.of(then.chart(), Circuits.chart(after), part.label());
        List<Change.Link> chain = request.cell() == null
                ? change.chain()
                : change.chainTo(request.cell().in(then.chart().subjects()));
        return ChangeView.of(then, StyledChart.of(change.after(), style), change, chain);
    }

    private static Circuit after(Circuit before, Part part, ChangeRequest request, HouseStyle style) {
        boolean isSwitch = part.kind() == PartKind.SWITCH;
        String act = request.act() == null ? "" : request.act();
        return switch (act) {
            case "open", "close" -> {
                if (!isSwitch)
                    throw Problem.badRequest(part.label() + " is no switch; only a switch opens and closes.");
                yield before.with(part.with(act.equals("open") ? Setting.Position.OPEN : Setting.Position.CLOSED));
            }
            case "out", "short" -> {
                if (isSwitch) throw Problem.badRequest(part.label() + " is a switch; open or close it.");
                yield before.with(part.with(act.equals("out") ? Setting.Fault.OUT : Setting.Fault.SHORT));
            }
            case "set" -> set(before, part, request.text() == null ? "" : request.text(), style);
            default ->
                throw Problem.badRequest("A part is opened, closed, taken out, shorted or set; not “" + act + "”.");
        };
    }

    private static Circuit set(Circuit before, Part part, String text, HouseStyle style) {
        return Composer.of(before, style.numbers().decimalSign())
                .set(part.label(), text)
                .match(
                        composed -> {
                            if (!composed.inHand().equals(part.label()))
                                throw Problem.badRequest("A value is expected, without another label.");
                            return composed.circuit();
                        },
                        emptied -> before,
                        refused -> {
                            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, refused.sentence());
                        });
    }
}
