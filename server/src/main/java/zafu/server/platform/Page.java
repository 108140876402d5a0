package zafu.server.platform;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** The front end's one page, each time with a nonce of its own. */
@Component
class Page {
    private static final String NONCE_MARK = "__CSP_NONCE__";
    private final SecureRandom random = new SecureRandom();
    private final String page;

    Page() throws IOException {
        ClassPathResource index = new ClassPathResource("static/index.html");
        page = index.exists()
                ? index.getContentAsString(StandardCharsets.UTF_8)
                : "<!doctype html><title>Zafu</title><p>The front end is not built. Start Zafu with ./zafu demo.</p>";
    }

    /** The page for an address where nothing is, too: it leads on from there. */
    ResponseEntity<String> as(HttpStatus status) {
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
