package zafu.server.platform;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What Zafu is made of, read from the bills of materials (CycloneDX) that its build leaves in the release. */
@Component
class Parts {
    private static final List<String> BILLS = List.of("application.cdx.json", "web.cdx.json");
    private final JsonMapper json = new JsonMapper();

    /** @param licence by its usual short name; several with a comma between; blank where the part names none */
    record Part(String name, String version, String licence) {}

    /** By name; fonts that are in a part are named with it. */
    List<Part> all() {
        return BILLS.stream()
                .flatMap(this::of)
                .distinct()
                .sorted(Comparator.comparing(part -> part.name().toLowerCase(Locale.ROOT)))
                .toList();
    }

    private Stream<Part> of(String bill) {
        try (InputStream in = Parts.class.getResourceAsStream("/META-INF/sbom/" + bill)) {
            return in == null
                    ? Stream.empty()
                    : json.readTree(in)
                            .path("components")
                            .valueStream()
                            .filter(component ->
                                    !component.path("name").asString("").startsWith("zafu-"))
                            .map(Parts::part);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Part part(JsonNode component) {
        String licence = String.join(
                ", ",
                component
                        .path("licenses")
                        .valueStream()
                        .map(Parts::licence)
                        .filter(each -> !each.isEmpty())
                        .toList());
        return new Part(
                component.path("name").asString(""), component.path("version").asString(""), licence);
    }

    private static String licence(JsonNode choice) {
        JsonNode one = choice.path("license");
        String name =
                one.has("id") ? one.path("id").asString("") : one.path("name").asString("");
        return name.isEmpty() ? choice.path("expression").asString("") : name;
    }
}
