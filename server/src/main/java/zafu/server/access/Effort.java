package zafu.server.access;

import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import zafu.server.platform.Secrets;

/**
 * A piece of effort that a browser does before it is answered: to find a number which, behind the words of the piece, gives a
 * SHA-256 that begins with so many zero bits. Nothing is kept of it here; a seal tells that it was asked for.
 *
 * @param about what it is worth something for; work for one door does not open another
 * @param bits how many zero bits; one more is twice the work
 * @param chance tells pieces apart
 */
record Effort(String about, int bits, Instant uselessAfter, String chance) {
    private static final String BETWEEN = ".";
    private static final int PARTS = 5;

    static Effort asked(String about, int bits, Instant uselessAfter) {
        return new Effort(about, bits, uselessAfter, Secrets.make(12));
    }

    /** As it goes to a browser. */
    String sealed(String secret) {
        return words() + BETWEEN + seal(words(), secret);
    }

    /** A piece of effort that was done: {@code sealed:number}. Empty where it was not asked for by us, or is not done. */
    static Optional<Effort> done(String shown, String secret) {
        int colon = shown.indexOf(':');
        String sealed = colon < 0 ? "" : shown.substring(0, colon);
        String[] parts = sealed.split("\\.");
        if (parts.length != PARTS || !isSealed(sealed, secret)) {
            return Optional.empty();
        }
        Effort effort = new Effort(
                parts[0], Integer.parseInt(parts[1]), Instant.ofEpochSecond(Long.parseLong(parts[2])), parts[3]);
        return zeroBits(sha256(shown)) >= effort.bits ? Optional.of(effort) : Optional.empty();
    }

    private String words() {
        return String.join(BETWEEN, about, String.valueOf(bits), String.valueOf(uselessAfter.getEpochSecond()), chance);
    }

    private static boolean isSealed(String sealed, String secret) {
        int last = sealed.lastIndexOf(BETWEEN);
        byte[] right = seal(sealed.substring(0, last), secret).getBytes(StandardCharsets.UTF_8);
        return MessageDigest.isEqual(right, sealed.substring(last + 1).getBytes(StandardCharsets.UTF_8));
    }

    private static String seal(String words, String secret) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
            byte[] seal = mac.doFinal(words.getBytes(StandardCharsets.UTF_8));
            return Base64.getUrlEncoder().withoutPadding().encodeToString(seal);
        } catch (NoSuchAlgorithmException | InvalidKeyException never) {
            throw new IllegalStateException(never);
        }
    }

    private static byte[] sha256(String shown) {
        return HexFormat.of().parseHex(Secrets.hash(shown));
    }

    private static int zeroBits(byte[] digest) {
        int bits = 0;
        for (byte each : digest) {
            if (each != 0) {
                return bits + Integer.numberOfLeadingZeros(each & 0xff) - 24;
            }
            bits += 8;
        }
        return bits;
    }
}
