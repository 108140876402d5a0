package zafu.server.skill;

import static zafu.server.platform.Words.inWords;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;

/**
 * What is wanted of a file in CASE 1.0 JSON. It is read piece by piece: as a whole, the published frameworks take many
 * times their size, and a file made to be large takes all there is.
 *
 * @param title of the framework; absent where it has none
 */
record CaseFile(@Nullable String title, List<Item> items, List<Association> associations) {
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(Bounds.TREE_DEPTH)
                            .build())
                    .build())
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
            .build();

    @JsonIgnoreProperties(ignoreUnknown = true)
    record Item(
            @Nullable String identifier,
            @Nullable String fullStatement,
            @Nullable String abbreviatedStatement,
            @Nullable String humanCodingScheme,
            @Nullable List<@Nullable String> educationLevel) {}

    /** @param originNodeURI an identifier, or an object that has one, as has {@code destinationNodeURI} */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record Association(
            @Nullable String associationType,
            @Nullable JsonNode originNodeURI,
            @Nullable JsonNode destinationNodeURI) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    private record Document(@Nullable String title) {}

    /** @throws Refusal where it is no such file */
    static CaseFile read(byte[] file) {
        if (file.length > Bounds.TABLE_BYTES) {
            throw Refusal.tooLarge(inWords("skill.the-file-is-over-mb-more-than-zafu"));
        }
        try (JsonParser json = JSON.createParser(file)) {
            return read(json);
        } catch (JacksonException broken) {
            throw Refusal.unusable("file-not-readable", inWords("skill.the-file-is-no-json-that-can-be"));
        }
    }

    private static CaseFile read(JsonParser json) {
        String title = null;
        List<Item> items = null;
        List<Association> associations = List.of();
        if (json.nextToken() == JsonToken.START_OBJECT) {
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = json.currentName();
                JsonToken value = json.nextToken();
                if (name.equals("CFDocument") && value == JsonToken.START_OBJECT) {
                    title = json.readValueAs(Document.class).title();
                } else if (name.equals("CFItems") && value == JsonToken.START_ARRAY) {
                    items = list(json, Item.class);
                } else if (name.equals("CFAssociations") && value == JsonToken.START_ARRAY) {
                    associations = list(json, Association.class);
                } else {
                    json.skipChildren();
                }
            }
        }
        if (items == null) {
            throw Refusal.unusable("file-not-readable", inWords("skill.the-file-has-no-list-cfitems-so-it"));
        }
        return new CaseFile(title, items, associations);
    }

    private static <T> List<T> list(JsonParser json, Class<T> kind) {
        List<T> found = new ArrayList<>();
        while (json.nextToken() != JsonToken.END_ARRAY) {
            if (json.currentToken() == JsonToken.START_OBJECT) {
                found.add(json.readValueAs(kind));
            } else {
                json.skipChildren();
            }
            if (found.size() > Bounds.TABLE_ROWS) {
                throw Refusal.unusable(
                        "too-many", inWords("skill.the-file-holds-more-than-items", "most", Bounds.TABLE_ROWS));
            }
        }
        return found;
    }
}
