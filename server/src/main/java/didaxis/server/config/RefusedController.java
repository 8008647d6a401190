package didaxis.server.config;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says what the container or its firewall refused, as a problem like all others. */
@Hidden
@RestController
class RefusedController implements ErrorController {
    private final Problems problems;

    RefusedController(Problems problems) {
        this.problems = problems;
    }

    @RequestMapping("/error")
    void refused(HttpServletRequest request, HttpServletResponse response) throws IOException {
        // Nobody has any business at this address itself.
        HttpStatus status = Optional.ofNullable(request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
                .map(code -> HttpStatus.resolve((Integer) code))
                .orElse(HttpStatus.NOT_FOUND);
        problems.write(response, Problem.of(status, Problems.sentence(status)));
    }
}
