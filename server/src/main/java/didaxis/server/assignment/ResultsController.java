package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.ResultsService.ResultsView;
import didaxis.server.assignment.ResultsService.TeacherSheetView;
import didaxis.server.circuit.SceneView;
import didaxis.server.print.AnsweredWithPages;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What has come of what a teacher handed out. */
@RestController
class ResultsController {
    private static final String CSV = "text/csv;charset=UTF-8";

    private final ResultsService results;

    ResultsController(ResultsService results) {
        this.results = results;
    }

    @GetMapping("/api/classes/{classId}/results")
    ResultsView results(@PathVariable long classId, @AuthenticationPrincipal SignedIn me) {
        return results.results(classId, me.id());
    }

    /** The same as CSV, to be opened in a spreadsheet. */
    @GetMapping(value = "/api/classes/{classId}/results.csv", produces = CSV)
    ResponseEntity<String> marks(@PathVariable long classId, @AuthenticationPrincipal SignedIn me) {
        return file("marks.csv", ResultsCsv.marks(results.results(classId, me.id())));
    }

    /** What was found of every box of every sheet, as CSV. */
    @GetMapping(value = "/api/assignments/{id}/findings.csv", produces = CSV)
    ResponseEntity<String> findings(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return file("findings.csv", results.findings(id, me.id()));
    }

    /**
     * What has come of an assignment, to print: what to teach again, slips, box by box, everybody's marks. Where it is long,
     * where its print can be waited for.
     */
    @GetMapping(value = "/api/assignments/{id}/summary.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @AnsweredWithPages
    ResponseEntity<byte[]> summary(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return results.summary(id, me.id()).answer();
    }

    private static ResponseEntity<String> file(String name, String csv) {
        ContentDisposition named =
                ContentDisposition.attachment().filename(name).build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named.toString())
                .body(csv);
    }

    @GetMapping("/api/assignments/{id}/boxes")
    BoxesView boxes(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return results.boxes(id, me.id());
    }

    /** The sheet as a learner gets it, before anything is written on it. */
    @GetMapping("/api/assignments/{id}/preview")
    SheetView preview(
            @PathVariable long id,
            @RequestParam(defaultValue = "800") double width,
            @RequestParam(defaultValue = "500") double height,
            @AuthenticationPrincipal SignedIn me) {
        return results.preview(id, me.id(), new SceneView.Room(width, height));
    }

    @GetMapping("/api/assignments/{id}/sheets/{learnerId}")
    TeacherSheetView sheet(
            @PathVariable long id,
            @PathVariable long learnerId,
            @RequestParam(required = false) Integer attempt,
            @AuthenticationPrincipal SignedIn me) {
        return results.sheet(id, learnerId, Optional.ofNullable(attempt), me.id());
    }
}
