package zafu.server.platform;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * In the API document a sealed interface is one of its records, told apart by a property with one possible value each: so that
 * the front end's types are a union, and a new record shows every place that must decide.
 */
// The library of the document speaks of schemas without saying of what.
@SuppressWarnings({"rawtypes", "unchecked"})
@Component
@ConditionalOnProperty("springdoc.api-docs.enabled")
class SealedInContract implements ModelConverter, OpenApiCustomizer {
    private static final String IN_DOCUMENT = "#/components/schemas/";
    private final Map<String, Class<?>> sealed = new ConcurrentHashMap<>();

    /** Remembers what is sealed; the document is put right once it is whole. */
    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass().isAnnotationPresent(JsonSubTypes.class)) {
            sealed.put(java.getRawClass().getSimpleName(), java.getRawClass());
        }
        return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }

    @Override
    public void customise(OpenAPI document) {
        Map<String, Schema> schemas = document.getComponents().getSchemas();
        Map<Set<String>, String> unions = new LinkedHashMap<>();
        sealed.forEach((name, type) -> {
            if (schemas.containsKey(name)) {
                unions.put(union(schemas, name, type), name);
            }
        });
        Stream<Schema> inPaths = document.getPaths().values().stream()
                .flatMap(path -> path.readOperations().stream())
                .flatMap(operation -> Stream.concat(
                        Stream.ofNullable(operation.getRequestBody()).map(body -> body.getContent()),
                        operation.getResponses().values().stream().map(response -> response.getContent())))
                .filter(content -> content != null)
                .flatMap(content -> content.values().stream())
                .map(MediaType::getSchema)
                .filter(schema -> schema != null);
        inPaths.forEach(schema -> name(schema, unions));
        schemas.values().forEach(schema -> nameWithin(schema, unions));
    }

    /** @return references to what it can be */
    private static Set<String> union(Map<String, Schema> schemas, String name, Class<?> type) {
        String property = type.getAnnotation(JsonTypeInfo.class).property();
        Discriminator discriminator = new Discriminator().propertyName(property);
        List<Schema> each = new ArrayList<>();
        Set<String> references = new HashSet<>();
        for (JsonSubTypes.Type one : type.getAnnotation(JsonSubTypes.class).value()) {
            String child = one.value().getSimpleName();
            schemas.put(child, told(schemas.get(child), property, one.name()));
            discriminator.mapping(one.name(), IN_DOCUMENT + child);
            each.add(new Schema<>().$ref(IN_DOCUMENT + child));
            references.add(IN_DOCUMENT + child);
        }
        Schema<?> union = new Schema<>();
        union.setOneOf(each);
        union.setDiscriminator(discriminator);
        schemas.put(name, union);
        return references;
    }

    /** What one record adds to nothing, with the property that tells it from the others. */
    private static Schema<?> told(Schema<?> before, String property, String as) {
        ObjectSchema told = new ObjectSchema();
        StringSchema kind = new StringSchema();
        kind.addEnumItem(as);
        told.addProperty(property, kind);
        told.addRequiredItem(property);
        List<Schema> parts = before.getAllOf() == null ? List.of(before) : before.getAllOf();
        for (Schema<?> part : parts) {
            if (part.getProperties() != null) {
                part.getProperties().forEach(told::addProperty);
            }
        }
        if (before.getRequired() != null) {
            before.getRequired().forEach(told::addRequiredItem);
        }
        told.setDescription(before.getDescription());
        return told;
    }

    /** Where all records of a sealed interface stand as a choice, its name is put instead. */
    private static void name(Schema<?> schema, Map<Set<String>, String> unions) {
        if (schema.getOneOf() != null) {
            Set<String> references = new HashSet<>();
            schema.getOneOf().forEach(each -> references.add(each.get$ref()));
            String name = unions.get(references);
            if (name != null) {
                schema.setOneOf(null);
                schema.set$ref(IN_DOCUMENT + name);
                return;
            }
        }
        nameWithin(schema, unions);
    }

    private static void nameWithin(Schema<?> schema, Map<Set<String>, String> unions) {
        if (schema.getProperties() != null) {
            schema.getProperties().values().forEach(each -> name(each, unions));
        }
        if (schema.getItems() != null) {
            name(schema.getItems(), unions);
        }
        if (schema.getAdditionalProperties() instanceof Schema<?> values) {
            name(values, unions);
        }
    }
}
