package didaxis.server.line;

import didaxis.core.line.WorkingCheck;
import didaxis.core.wording.WorkingSentence;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import didaxis.server.line.LinesController.CheckedLineView;
import didaxis.server.line.LinesController.LinesRequest;
import java.util.List;
import org.springframework.stereotype.Service;

/** Holds a working against the circuit it is of. */
@Service
class LinesService {
    private static final int MOST_CHARACTERS = 20_000;
    private static final int MOST_LINES = 200;

    List<CheckedLineView> check(LinesRequest request) {
        StyledChart charted = Circuits.styled(request.notation(), request.style());
        if (request.working() == null) throw Problem.badRequest("A working is needed: its lines, one under the other.");
        List<String> lines = request.working().lines().toList();
        if (lines.size() > MOST_LINES || request.working().length() > MOST_CHARACTERS)
            throw Problem.badRequest("A working may have up to " + MOST_LINES + " lines and " + MOST_CHARACTERS
                    + " characters; this one has " + lines.size() + " and "
                    + request.working().length() + ".");
        WorkingSentence sentence = new WorkingSentence(charted.style());
        return WorkingCheck.of(lines, charted.chart(), charted.style()).stream()
                .map(checked -> CheckedLineView.of(checked, sentence))
                .toList();
    }
}
