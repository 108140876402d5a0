package zafu.server.platform;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files that people brought, as they go out again: always as a download, so that none ever runs in this site's name. */
public final class Downloads {
    private Downloads() {}

    /** A file with what is in it. */
    public record Content(String name, byte[] bytes) {}

    public static ResponseEntity<byte[]> of(Content content) {
        String disposition = ContentDisposition.attachment()
                .filename(content.name(), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .header("X-Content-Type-Options", "nosniff")
                .body(content.bytes());
    }
}
