package zafu.server;

import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import zafu.server.demo.HttpCaller;

/** Does what a browser does when effort is wanted of it. */
final class EffortDone {
    private EffortDone() {}

    /** Shows with the next requests the effort that this answer wants. */
    static HttpCaller by(HttpCaller caller, HttpCaller.Answer refused) {
        return caller.showing(done(refused.body().get("effort").asString()));
    }

    /** What is to be shown: the piece and a number behind a colon, whose SHA-256 begins with as many zero bits as it says. */
    static String done(String sealed) {
        int bits = Integer.parseInt(sealed.split("\\.")[1]);
        for (long number = 0; ; number++) {
            String shown = sealed + ":" + number;
            if (new BigInteger(1, sha256(shown)).bitLength() <= 256 - bits) {
                return shown;
            }
        }
    }

    private static byte[] sha256(String text) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
