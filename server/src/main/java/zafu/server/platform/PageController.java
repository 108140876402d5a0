package zafu.server.platform;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Serves the front end's one page for every address that is a place in it. */
@Hidden
@RestController
class PageController {
    private final Page page;

    PageController(Page page) {
        this.page = page;
    }

    @GetMapping({
        "/",
        "/sign-in",
        "/first-run",
        "/join",
        "/invited/*",
        "/school",
        "/school/**",
        "/classes/**",
        "/my",
        "/my/**"
    })
    ResponseEntity<String> page() {
        return page.as(HttpStatus.OK);
    }
}
