package didaxis.server.print;

import didaxis.server.account.SignedIn;
import didaxis.server.print.PrintJobs.JobView;
import didaxis.server.print.PrintJobs.Printed;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Long prints: how far they are, stopped, fetched. */
@RestController
class PrintJobController {
    private final PrintJobs jobs;

    PrintJobController(PrintJobs jobs) {
        this.jobs = jobs;
    }

    @GetMapping("/api/prints/{id}")
    JobView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return jobs.of(id, me.id());
    }

    @DeleteMapping("/api/prints/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        jobs.stop(id, me.id());
    }

    @GetMapping(value = "/api/prints/{id}/file.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PDF_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> file(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        Printed printed = jobs.printed(id, me.id());
        ContentDisposition named = ContentDisposition.inline()
                .filename(printed.name() + ".pdf", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named.toString())
                .body(printed.pdf());
    }
}
