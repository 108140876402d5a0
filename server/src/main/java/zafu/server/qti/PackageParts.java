package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.w3c.dom.Element;
import zafu.server.platform.Refusal;
import zafu.server.platform.ZipGuard;

/** The parts of a package, by the names its manifest gives them. */
final class PackageParts {
    private static final String MANIFEST = "imsmanifest.xml";
    private static final Set<String> PICTURES = Set.of("png", "jpg", "jpeg", "gif", "webp");
    private final Map<String, byte[]> parts;
    private final Map<String, Element> resources = new LinkedHashMap<>();
    private final Map<String, byte[]> used = new LinkedHashMap<>();

    private PackageParts(Map<String, byte[]> parts, Element manifest) {
        this.parts = parts;
        Xml.below(manifest, "resource").forEach(each -> resources.put(Xml.attribute(each, "identifier"), each));
    }

    /** @throws Refusal where it is no zip, or has no manifest that can be read */
    static PackageParts open(byte[] zip) {
        if (!ZipGuard.isZip(zip)) {
            throw Refusal.unusable("no-package", inWords("qti.the-file-is-no-package-it-is-not-a"));
        }
        Map<String, byte[]> found = ZipGuard.unpack(zip, name -> !name.endsWith("/"));
        Map<String, byte[]> parts = new LinkedHashMap<>();
        String folder = found.keySet().stream()
                .filter(name -> name.equals(MANIFEST) || name.endsWith("/" + MANIFEST))
                .min(Comparator.comparingInt(String::length))
                .map(name -> name.substring(0, name.length() - MANIFEST.length()))
                .orElseThrow(() -> Refusal.unusable(
                        "no-package", inWords("qti.the-file-is-no-package-it-has-no", "name", MANIFEST)));
        found.forEach((name, bytes) -> {
            if (name.startsWith(folder)) {
                parts.put(name.substring(folder.length()), bytes);
            }
        });
        try {
            return new PackageParts(parts, Xml.parse(parts.get(MANIFEST)));
        } catch (CannotTake broken) {
            throw Refusal.unusable(
                    "no-package",
                    inWords("qti.the-packages-is-not-used", "name", MANIFEST, "why", broken.getMessage()));
        }
    }

    Map<String, Element> resources() {
        return resources;
    }

    /** The main file of a resource. */
    String fileOf(Element resource) {
        String href = Xml.attribute(resource, "href");
        if (!href.isEmpty()) {
            return decoded(href);
        }
        return Xml.child(resource, "file")
                .map(file -> decoded(Xml.attribute(file, "href")))
                .orElse("");
    }

    byte[] require(String name) {
        byte[] found = parts.get(name);
        if (found == null) {
            throw new CannotTake(inWords("qti.the-package-names-which-is-not-in", "name", name));
        }
        return found;
    }

    Optional<byte[]> find(String name) {
        return Optional.ofNullable(parts.get(name));
    }

    /** Finds pictures from a part of the package, and remembers that they are used. */
    Function<String, String> picturesFrom(String part) {
        return source -> {
            if (source.matches("(?i)[a-z]+:.*") || source.startsWith("//")) {
                throw new CannotTake(inWords("qti.it-shows-a-picture-from-elsewhere"));
            }
            String name = resolve(part, decoded(source));
            String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
            require(name);
            if (!PICTURES.contains(ending)) {
                throw new CannotTake(inWords("qti.it-shows-which-is-no-picture-that", "name", name));
            }
            return use(name);
        };
    }

    /** Remembers that a file is used as it is, and says by which name. */
    String use(String name) {
        used.put(name, require(name));
        return inMarkdown(name);
    }

    /** How Markdown names a file of the package. */
    static String inMarkdown(String name) {
        return "package:" + name.replace(" ", "%20").replace(")", "%29");
    }

    Map<String, byte[]> used() {
        return used;
    }

    static String resolve(String from, String relative) {
        String at = from.contains("/") ? from.substring(0, from.lastIndexOf('/') + 1) : "";
        String joined = relative.startsWith("/") ? relative.substring(1) : at + relative;
        Deque<String> way = new ArrayDeque<>();
        for (String step : List.of(joined.split("/"))) {
            if (step.equals("..")) {
                way.pollLast();
            } else if (!step.equals(".") && !step.isEmpty()) {
                way.addLast(step);
            }
        }
        return String.join("/", way);
    }

    private static String decoded(String href) {
        try {
            return URLDecoder.decode(href.replace("+", "%2B"), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException asItIs) {
            return href;
        }
    }
}
