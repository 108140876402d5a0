package zafu.server.platform;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * In the API document a record's component is required unless it is {@code @Nullable}: the same contract that the
 * Java code states, so that the generated types need no guesses.
 */
@Component
@ConditionalOnProperty("springdoc.api-docs.enabled")
class RequiredUnlessNullable implements ModelConverter {
    private final Map<String, Class<?>> byName = new ConcurrentHashMap<>();

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass().isAnnotationPresent(JsonSubTypes.class)) {
            for (JsonSubTypes.Type each :
                    java.getRawClass().getAnnotation(JsonSubTypes.class).value()) {
                requireNameOfItsOwn(each.value());
            }
        }
        if (schema != null && java != null && java.getRawClass().isRecord()) {
            requireNameOfItsOwn(java.getRawClass());
            Schema<?> model = schema.get$ref() == null
                    ? schema
                    : context.getDefinedModels().get(nameIn(schema));
            if (model != null) {
                model.setRequired(requiredOf(java.getRawClass()));
            }
        }
        return schema;
    }

    /** The document names a record by its simple name; two of one name would silently become one. */
    private void requireNameOfItsOwn(Class<?> record) {
        Class<?> before = byName.putIfAbsent(record.getSimpleName(), record);
        if (before != null && before != record) {
            throw new IllegalStateException(before + " and " + record + " have one name in the API document");
        }
    }

    private static String nameIn(Schema<?> reference) {
        return reference.get$ref().substring(reference.get$ref().lastIndexOf('/') + 1);
    }

    private static List<String> requiredOf(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(component -> !component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                .map(RecordComponent::getName)
                .toList();
    }
}
