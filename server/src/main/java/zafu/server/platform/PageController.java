package zafu.server.platform;

import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Serves the front end's one page for every address that is a place in it, each time with a nonce of its own. */
@Hidden
@RestController
class PageController {
    private static final String NONCE_MARK = "__CSP_NONCE__";
    private final SecureRandom random = new SecureRandom();
    private final String page;

    PageController() throws IOException {
        ClassPathResource index = new ClassPathResource("static/index.html");
        page = index.exists()
                ? index.getContentAsString(StandardCharsets.UTF_8)
                : "<!doctype html><title>Zafu</title><p>The front end is not built. Start Zafu with ./zafu demo.</p>";
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
        return page(HttpStatus.OK);
    }

    /** The page for an address where nothing is, too: it leads on from there. */
    ResponseEntity<String> page(HttpStatus status) {
        byte[] bytes = new byte[16];
        random.nextBytes(bytes);
        String nonce = Base64.getEncoder().encodeToString(bytes);
        return ResponseEntity.status(status)
                .contentType(MediaType.TEXT_HTML)
                .cacheControl(CacheControl.noStore())
                .header("Content-Security-Policy", ContentPolicy.withStyleNonce(nonce))
                .body(page.replace(NONCE_MARK, nonce));
    }
}
