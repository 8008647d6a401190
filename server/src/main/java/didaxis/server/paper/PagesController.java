package didaxis.server.paper;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.HandingOut.Occasion;
import didaxis.server.assignment.Pages;
import didaxis.server.paper.PagesService.Wanted;
import didaxis.server.paper.PaperView.PagesView;
import didaxis.server.print.AnsweredWithPages;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Duration;
import java.time.Instant;
import org.springframework.http.CacheControl;
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

/** Papers on pages, and handed out. */
@RestController
class PagesController {
    record PaperHandOut(
            long classroomId,
            Instant dueAt,
            @Schema(types = {"boolean", "null"}) Boolean again) {}

    private static final String OPEN_DOCUMENT = "application/vnd.oasis.opendocument.text";
    private static final Duration LOOKED_AT = Duration.ofHours(1);

    private final PagesService pages;

    PagesController(PagesService pages) {
        this.pages = pages;
    }

    @GetMapping("/api/papers/{id}/pages")
    PagesView pages(
            @PathVariable long id,
            @RequestParam(defaultValue = "paper") String what,
            @RequestParam(defaultValue = "0") int variant,
            @RequestParam(required = false) Long classroom,
            @AuthenticationPrincipal SignedIn me) {
        return pages.pages(id, new Wanted(Pages.named(what), variant, classroom), me.id());
    }

    /** A page as a picture; {@code key} is that of the pages, so that a picture need not be fetched twice. */
    @GetMapping(value = "/api/papers/{id}/pages/{page}.png", produces = MediaType.IMAGE_PNG_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.IMAGE_PNG_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> page(
            @PathVariable long id,
            @PathVariable int page,
            @RequestParam(defaultValue = "paper") String what,
            @RequestParam(defaultValue = "0") int variant,
            @RequestParam(required = false) Long classroom,
            @RequestParam(defaultValue = "") String key,
            @AuthenticationPrincipal SignedIn me) {
        byte[] picture = pages.page(id, new Wanted(Pages.named(what), variant, classroom), page, key, me.id());
        CacheControl kept = key.isEmpty()
                ? CacheControl.noStore()
                : CacheControl.maxAge(LOOKED_AT).cachePrivate();
        return ResponseEntity.ok().cacheControl(kept).body(picture);
    }

    /** A paper, its answers or its memo; where it is long, where its print can be waited for. */
    @GetMapping(value = "/api/papers/{id}/{what}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @AnsweredWithPages
    ResponseEntity<byte[]> pdf(
            @PathVariable long id,
            @PathVariable String what,
            @RequestParam(defaultValue = "0") int variant,
            @RequestParam(required = false) Long classroom,
            @AuthenticationPrincipal SignedIn me) {
        return pages.pdf(id, new Wanted(Pages.named(what), variant, classroom), me.id())
                .answer();
    }

    /** The same as an open text document, to be edited. */
    @GetMapping(value = "/api/papers/{id}/{what}.odt", produces = OPEN_DOCUMENT)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = OPEN_DOCUMENT, schema = @Schema(type = "string", format = "binary")))
    byte[] openDocument(
            @PathVariable long id,
            @PathVariable String what,
            @RequestParam(defaultValue = "0") int variant,
            @RequestParam(required = false) Long classroom,
            @AuthenticationPrincipal SignedIn me) {
        return pages.openDocument(id, new Wanted(Pages.named(what), variant, classroom), me.id());
    }

    /** The same as plain text. */
    @GetMapping(value = "/api/papers/{id}/{what}.txt", produces = MediaType.TEXT_PLAIN_VALUE + ";charset=UTF-8")
    String plainText(
            @PathVariable long id,
            @PathVariable String what,
            @RequestParam(defaultValue = "0") int variant,
            @RequestParam(required = false) Long classroom,
            @AuthenticationPrincipal SignedIn me) {
        return pages.plainText(id, new Wanted(Pages.named(what), variant, classroom), me.id());
    }

    @PostMapping("/api/papers/{id}/assignments")
    @ResponseStatus(HttpStatus.CREATED)
    AssignmentSummary handOut(
            @PathVariable long id, @RequestBody PaperHandOut handOut, @AuthenticationPrincipal SignedIn me) {
        Occasion occasion = new Occasion(handOut.dueAt(), handOut.again() == Boolean.TRUE);
        return pages.handOut(id, handOut.classroomId(), occasion, me.id());
    }
}
