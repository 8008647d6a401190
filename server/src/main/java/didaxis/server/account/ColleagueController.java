package didaxis.server.account;

import didaxis.server.account.ColleagueService.Acceptance;
import didaxis.server.account.ColleagueService.NewInvitation;
import didaxis.server.account.Invitations.Invitation;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Colleagues: invited by a code, and coming in by it. */
@RestController
class ColleagueController {
    private final ColleagueService colleagues;

    ColleagueController(ColleagueService colleagues) {
        this.colleagues = colleagues;
    }

    @GetMapping("/api/invitations")
    List<Invitation> open(@AuthenticationPrincipal SignedIn me) {
        return colleagues.open(me.id());
    }

    @PostMapping("/api/invitations")
    @ResponseStatus(HttpStatus.CREATED)
    NewInvitation invite(@AuthenticationPrincipal SignedIn me) {
        return colleagues.invite(me.id());
    }

    @DeleteMapping("/api/invitations/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        colleagues.revoke(id, me.id());
    }

    /** Makes the account of a colleague who was invited; they then sign in. */
    @PostMapping("/api/colleague")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void accept(@RequestBody Acceptance acceptance, HttpServletRequest request) {
        colleagues.accept(acceptance, request);
    }
}
