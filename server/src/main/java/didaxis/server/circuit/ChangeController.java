package didaxis.server.circuit;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.compose.Composer;
import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Asks what changes when a part is set otherwise. */
@RestController
class ChangeController {
    /**
     * @param act open or close a switch; take a part out, short it, or set its value
     * @param text the value to set
     */
    record ChangeRequest(
            String notation,
            @Schema(types = {"string", "null"}) String style,
            String part,

            @Schema(allowableValues = {"open", "close", "out", "short", "set"})
            String act,

            @Schema(types = {"string", "null"}) String text) {}

    @PostMapping("/api/circuits/change")
    ChangeView change(@RequestBody ChangeRequest request) {
        Circuit before = Circuits.read(request.notation());
        HouseStyle style = StyleView.named(request.style());
        Part part = before.parts().stream()
                .filter(one -> one.label().equals(request.part()))
                .findFirst()
                .orElseThrow(() -> Problem.badRequest("This circuit has no part “" + request.part() + "”."));
        Circuit after = after(before, part, request);
        return ChangeView.of(
                ChartedCircuit.of(Circuits.chart(before), style),
                ChartedCircuit.of(Circuits.chart(after), style),
                part.label());
    }

    private static Circuit after(Circuit before, Part part, ChangeRequest request) {
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
            case "set" -> set(before, part, request.text() == null ? "" : request.text());
            default ->
                throw Problem.badRequest("A part is opened, closed, taken out, shorted or set; not “" + act + "”.");
        };
    }

    private static Circuit set(Circuit before, Part part, String text) {
        return Composer.of(before)
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
