package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** What is too large is refused before it is read, or while. */
class UploadLimitTest extends ServerTest {
    private static final long FIFTY_MEGABYTES = 50L * 1024 * 1024;

    @Test
    void fiftyMegabytesAreRefusedBeforeTheyAreRead() throws Exception {
        HttpCaller teacher = teacher();
        try (Socket socket = new Socket("localhost", port)) {
            OutputStream out = socket.getOutputStream();
            String head = "POST /api/class-lists/preview HTTP/1.1\r\nHost: localhost\r\nContent-Length: "
                    + FIFTY_MEGABYTES + "\r\nContent-Type: multipart/form-data; boundary=x\r\nCookie: "
                    + teacher.cookieHeader() + "\r\nX-XSRF-TOKEN: " + teacher.csrfToken() + "\r\n\r\n";
            out.write(head.getBytes(StandardCharsets.US_ASCII));
            out.flush();
            // Not one byte of the body has been sent.
            BufferedReader in = new BufferedReader(new InputStreamReader(socket.getInputStream()));
            assertThat(in.readLine()).contains(" 413");
        }
    }

    @Test
    void whatIsNoFileIsReadAsFarAsItMakesSense() {
        HttpCaller teacher = teacher();
        String body = "a".repeat(1_900_000);
        assertThat(teacher.post("/api/library/items", Map.of("kind", "TEXT", "title", "x", "body", body))
                        .status())
                .as("longer than a text may be")
                .isEqualTo(422);
        HttpCaller.Answer refused =
                teacher.post("/api/library/items", Map.of("kind", "TEXT", "title", "x", "body", body + body + body));
        assertThat(refused.status()).isEqualTo(413);
        assertThat(refused.body().get("detail").asString()).contains("more than Zafu reads at once");
    }

    @Test
    void listsWithinListsAreNotReadDownToTheirEnd() {
        Object deep = "x";
        for (int i = 0; i < 200; i++) {
            deep = List.of(deep);
        }
        assertThat(teacher().post("/api/library/items", Map.of("kind", deep)).status())
                .isIn(400, 413);
    }

    /** Each of these was a fault of ours once, with a line in the log for whoever wanted to fill it. */
    @Test
    void whatIsNoIdLeadsNowhereAndWhatIsNoChoiceIsSaidSo() {
        HttpCaller teacher = teacher();
        TestClass own = newClass("no ids", 1);
        assertThat(teacher.get("/api/files/99999999999999999999").status()).isEqualTo(404);
        assertThat(teacher.get("/api/classes/abc/students").status()).isEqualTo(404);
        HttpCaller.Answer refused = teacher.get("/api/classes/" + own.id + "/export?what=STUDENTS&as=NONSENSE");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("detail").asString()).contains("\"as\"");
    }
}
