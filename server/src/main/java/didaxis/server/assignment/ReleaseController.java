package didaxis.server.assignment;

import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Handing work back. */
@RestController
class ReleaseController {
    /** {@code collect} says that sheets somebody is working on are collected as they stand. */
    record Release(@Schema(types = {"boolean", "null"}) Boolean collect) {}

    private final ReleaseService releases;

    ReleaseController(ReleaseService releases) {
        this.releases = releases;
    }

    /** Hands an assignment back: from now on learners see their findings. */
    @PostMapping("/api/assignments/{id}/release")
    AssignmentView release(
            @PathVariable long id,
            @RequestBody(required = false) Release release,
            @AuthenticationPrincipal SignedIn me) {
        return releases.release(id, release != null && release.collect() == Boolean.TRUE, me.id());
    }

    /** Takes back a release that is not a minute old. */
    @DeleteMapping("/api/assignments/{id}/release")
    AssignmentView takeReleaseBack(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return releases.takeReleaseBack(id, me.id());
    }
}
