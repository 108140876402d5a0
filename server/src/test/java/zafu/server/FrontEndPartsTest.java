package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;

/** What never changes under its name is fetched once; what may change is asked for each time. */
class FrontEndPartsTest extends ServerTest {
    private HttpResponse<byte[]> get(String path) throws IOException, InterruptedException {
        HttpRequest asked = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .header("Accept-Encoding", "gzip")
                .build();
        return HttpClient.newHttpClient().send(asked, HttpResponse.BodyHandlers.ofByteArray());
    }

    private static String header(HttpResponse<?> answer, String name) {
        return answer.headers().firstValue(name).orElse("");
    }

    @Test
    void aPartOfTheFrontEndIsKeptByTheBrowserAndComesAsItWasZipped() throws Exception {
        HttpResponse<byte[]> part = get("/assets/part-D1gE5t00.js");
        assertThat(part.statusCode()).isEqualTo(200);
        assertThat(header(part, "Cache-Control")).isEqualTo("max-age=31536000, public, immutable");
        assertThat(header(part, "Content-Encoding")).isEqualTo("gzip");
        assertThat(header(part, "Content-Type")).isEqualTo("text/javascript");
        assertThat(part.body()).startsWith(0x1f, 0x8b);
    }

    @Test
    void aPartThatIsGoneIsNotKept() throws Exception {
        HttpResponse<byte[]> gone = get("/assets/part-that-was.js");
        assertThat(gone.statusCode()).isEqualTo(404);
        assertThat(header(gone, "Cache-Control")).contains("no-store");
    }

    @Test
    void answersAndThePageItselfAreNotKept() throws Exception {
        assertThat(header(get("/"), "Cache-Control")).contains("no-store");
        assertThat(header(get("/api/session"), "Cache-Control")).contains("no-store");
    }
}
