package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.print.AnsweredWithPages;
import didaxis.server.print.PrintJobs.JobView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was handed out, on pages. */
@RestController
class PrintController {
    /**
     * What is printed for a class.
     *
     * @param what paper, answers, memo
     * @param named whether each copy bears its learner's name
     */
    record ClassPrint(List<String> what, boolean named) {}

    private final PrintService prints;

    PrintController(PrintService prints) {
        this.prints = prints;
    }

    /**
     * A paper, its answers or its memo, of a variant; of the first where none is said. Where it is long, where its print can
     * be waited for.
     */
    @GetMapping(value = "/api/assignments/{id}/{what}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @AnsweredWithPages
    ResponseEntity<byte[]> print(
            @PathVariable long id,
            @PathVariable String what,
            @RequestParam(defaultValue = "0") int variant,
            @AuthenticationPrincipal SignedIn me) {
        return prints.print(id, Pages.named(what), variant, me.id()).answer();
    }

    /** Begins to print for everybody in the class; how far it is, is asked for by its id. */
    @PostMapping("/api/assignments/{id}/prints")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView start(@PathVariable long id, @RequestBody ClassPrint print, @AuthenticationPrincipal SignedIn me) {
        return prints.start(id, print.what(), print.named(), me.id());
    }
}
