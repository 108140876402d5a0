package zafu.server.platform;

import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What may stand as the address of a page where others will follow it: {@code http} or {@code https} and a place. Whatever
 * could run something is none, nor is one with a name before an @, which shows one place and leads to another.
 */
public final class WebAddress {
    private static final Set<String> SCHEMES = Set.of("http", "https");

    private WebAddress() {}

    public static boolean isOne(@Nullable String typed) {
        try {
            URI uri = URI.create(typed == null ? "" : typed.strip());
            return SCHEMES.contains(String.valueOf(uri.getScheme()).toLowerCase(Locale.ROOT))
                    && uri.getHost() != null
                    && uri.getUserInfo() == null;
        } catch (IllegalArgumentException broken) {
            return false;
        }
    }
}
