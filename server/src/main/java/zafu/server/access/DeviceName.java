package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a browser calls itself, in words by which a person knows their device again. */
final class DeviceName {
    /** The first that occurs counts: most browsers also name those that they descend from. */
    private static final Map<String, String> BROWSERS = ordered(
            "Edg",
            "Edge",
            "OPR/",
            "Opera",
            "SamsungBrowser",
            "Samsung Internet",
            "Firefox",
            "Firefox",
            "FxiOS",
            "Firefox",
            "CriOS",
            "Chrome",
            "Chromium",
            "Chromium",
            "Chrome",
            "Chrome",
            "Safari",
            "Safari");

    private static final Map<String, String> SYSTEMS = ordered(
            "iPhone",
            "iPhone",
            "iPad",
            "iPad",
            "Android",
            "Android",
            "CrOS",
            "Chromebook",
            "Windows",
            "Windows",
            "Mac OS X",
            "Mac",
            "Linux",
            "Linux");

    private DeviceName() {}

    /** Such as "Firefox on Windows". */
    static String of(@Nullable String userAgent) {
        String said = userAgent == null ? "" : userAgent;
        String browser = firstIn(said, BROWSERS, inWords("access.a-browser"));
        String system = firstIn(said, SYSTEMS, "");
        return system.isEmpty() ? browser : inWords("access.on", "browser", browser, "system", system);
    }

    private static String firstIn(String said, Map<String, String> signs, String otherwise) {
        return signs.entrySet().stream()
                .filter(sign -> said.contains(sign.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(otherwise);
    }

    private static Map<String, String> ordered(String... pairs) {
        Map<String, String> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put(pairs[i], pairs[i + 1]);
        }
        return map;
    }
}
