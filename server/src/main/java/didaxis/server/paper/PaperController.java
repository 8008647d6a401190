package didaxis.server.paper;

import didaxis.server.account.SignedIn;
import didaxis.server.assignment.PaperLayout;
import didaxis.server.config.Problem;
import didaxis.server.paper.PaperView.PaperRevisionView;
import didaxis.server.paper.PaperView.PaperSummary;
import didaxis.server.paper.Papers.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's papers. */
@RestController
class PaperController {
    /** @param questions their ids, in order */
    record PaperBody(
            String title,

            @Schema(
                    types = {"object", "null"},
                    implementation = PaperLayout.class)
            PaperLayout layout,

            @Schema(types = {"array", "null"}) List<Long> questions) {
        Content content() {
            return new Content(title, layout, questions);
        }
    }

    record ChangedPaper(int revision, PaperBody paper) {
        Content content() {
            if (paper == null)
                throw Problem.badRequest("A paper is needed: paper.").with("field", "paper");
            return paper.content();
        }
    }

    record CopyWanted(boolean newValues) {}

    private final PaperService papers;

    PaperController(PaperService papers) {
        this.papers = papers;
    }

    @GetMapping("/api/papers")
    List<PaperSummary> own(@AuthenticationPrincipal SignedIn me) {
        return papers.own(me.id());
    }

    @GetMapping("/api/papers/removed")
    List<PaperSummary> removed(@AuthenticationPrincipal SignedIn me) {
        return papers.removed(me.id());
    }

    @GetMapping("/api/papers/{id}")
    PaperView one(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return papers.one(id, me.id());
    }

    @PostMapping("/api/papers")
    @ResponseStatus(HttpStatus.CREATED)
    PaperView add(@RequestBody PaperBody paper, @AuthenticationPrincipal SignedIn me) {
        return papers.add(paper.content(), me.id());
    }

    @PutMapping("/api/papers/{id}")
    PaperView change(@PathVariable long id, @RequestBody ChangedPaper changed, @AuthenticationPrincipal SignedIn me) {
        return papers.change(id, changed.content(), changed.revision(), me.id());
    }

    @DeleteMapping("/api/papers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        papers.remove(id, me.id());
    }

    /** Takes back a removal. */
    @PostMapping("/api/papers/{id}/restoration")
    PaperView bringBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return papers.bringBack(id, me.id());
    }

    /** A copy of it, with other values where that is wanted. */
    @PostMapping("/api/papers/{id}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    PaperView copy(@PathVariable long id, @RequestBody CopyWanted wanted, @AuthenticationPrincipal SignedIn me) {
        return papers.copy(id, wanted.newValues(), me.id());
    }

    /** What it was before, the latest first. */
    @GetMapping("/api/papers/{id}/revisions")
    List<PaperRevisionView> revisions(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return papers.revisions(id, me.id());
    }

    @PostMapping("/api/papers/{id}/revisions/{revision}/restoration")
    PaperView bringRevisionBack(
            @PathVariable long id, @PathVariable int revision, @AuthenticationPrincipal SignedIn me) {
        return papers.bringRevisionBack(id, revision, me.id());
    }
}
