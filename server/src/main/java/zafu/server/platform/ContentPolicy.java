package zafu.server.platform;

/** What a page of ours may load: only what ships with the application. */
public final class ContentPolicy {
    private static final String COMMON =
            "default-src 'none'; script-src 'self'; img-src 'self' data:; font-src 'self'; "
                    + "connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'; ";

    /** For everything but the page itself. */
    public static final String STRICT = COMMON + "style-src 'self'";

    private ContentPolicy() {}

    static String withStyleNonce(String nonce) {
        return COMMON + "style-src 'self' 'nonce-" + nonce + "'";
    }
}
