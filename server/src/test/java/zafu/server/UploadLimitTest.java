package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** What is announced as too large is refused before a byte of it is read. */
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
}
