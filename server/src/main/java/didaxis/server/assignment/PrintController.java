package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was handed out, on pages. */
@RestController
class PrintController {
    private final PrintService prints;

    PrintController(PrintService prints) {
        this.prints = prints;
    }

    @GetMapping(value = "/api/assignments/{id}/paper.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PDF_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    byte[] paper(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return prints.paper(id, me.id());
    }

    @GetMapping(value = "/api/assignments/{id}/memo.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PDF_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    byte[] memo(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return prints.memo(id, me.id());
    }
}
