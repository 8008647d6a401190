package didaxis.server.exchange;

import didaxis.server.account.SignedIn;
import didaxis.server.exchange.PackageService.TakenIn;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Packages, out and in. */
@RestController
class PackageController {
    private final PackageService packages;

    PackageController(PackageService packages) {
        this.packages = packages;
    }

    /** All that a teacher has. */
    @GetMapping("/api/packages")
    ResponseEntity<PackageBody> all(@AuthenticationPrincipal SignedIn me) {
        return file("didaxis-package.json", packages.all(me.id()));
    }

    /** One paper with its questions. */
    @GetMapping("/api/papers/{id}/package")
    ResponseEntity<PackageBody> paper(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        return file("didaxis-paper.json", packages.paper(id, me.id()));
    }

    private static ResponseEntity<PackageBody> file(String name, PackageBody body) {
        ContentDisposition named =
                ContentDisposition.attachment().filename(name).build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named.toString())
                .body(body);
    }

    /** Takes a package in; its first style becomes that of a class, where one is said. */
    @PostMapping("/api/packages")
    TakenIn takeIn(
            @RequestBody PackageBody body,
            @RequestParam(required = false) Long classroom,
            @AuthenticationPrincipal SignedIn me) {
        return packages.takeIn(body, classroom, me.id());
    }
}
