package zafu.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Secrets in addresses and cookies, and what is kept of them. */
public final class Secrets {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** Random bytes as letters, digits, {@code -} and {@code _}, fit for an address. */
    public static String make(int bytes) {
        byte[] made = new byte[bytes];
        RANDOM.nextBytes(made);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(made);
    }

    /** The SHA-256 of a secret, 64 hexadecimal digits: enough to know it again, not enough to use it. */
    public static String hash(String secret) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
