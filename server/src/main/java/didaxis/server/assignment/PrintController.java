package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was handed out, on pages. */
@RestController
class PrintController {
    private final PrintService prints;

    PrintController(PrintService prints) {
        this.prints = prints;
    }

    /** A paper, its answers or its memo, of a variant; of the first where none is said. */
    @GetMapping(value = "/api/assignments/{id}/{what}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PDF_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    byte[] print(
            @PathVariable long id,
            @PathVariable String what,
            @RequestParam(defaultValue = "0") int variant,
            @AuthenticationPrincipal SignedIn me) {
        return prints.print(id, Pages.named(what), variant, me.id());
    }
}
