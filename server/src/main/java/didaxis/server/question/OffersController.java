package didaxis.server.question;

import didaxis.server.question.OffersService.OffersView;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Says what else could be asked. */
@RestController
class OffersController {
    /** @param state the place of the state to be asked about; the circuit as drawn where it is left out */
    record QuestionToExtend(
            QuestionBody body,
            @Schema(types = {"string", "null"}) String style,
            @Schema(types = {"integer", "null"}) Integer state) {}

    private final OffersService offers;

    OffersController(OffersService offers) {
        this.offers = offers;
    }

    @PostMapping("/api/questions/offers")
    OffersView offers(@RequestBody QuestionToExtend question) {
        return offers.of(question.body(), question.style(), question.state() == null ? 0 : question.state());
    }
}
