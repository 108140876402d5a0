package zafu.server.platform;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Takes out of words that are sent what no database keeps and no page shows: the letter 0, and halves of letters, which a
 * program that cuts text by its length leaves behind. A student's answer must not be refused for one.
 */
@Configuration
class WordsThatCanBeKept {
    @Bean
    JsonMapperBuilderCustomizer words() {
        return builder -> builder.addModule(new SimpleModule().addDeserializer(String.class, new Kept()));
    }

    private static final class Kept extends StringDeserializer {
        @Override
        public String deserialize(JsonParser json, DeserializationContext context) {
            String sent = super.deserialize(json, context);
            return sent == null ? null : kept(sent);
        }
    }

    static String kept(String sent) {
        boolean clean = sent.codePoints().noneMatch(WordsThatCanBeKept::cannotBeKept);
        return clean
                ? sent
                : sent.codePoints()
                        .filter(letter -> !cannotBeKept(letter))
                        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                        .toString();
    }

    private static boolean cannotBeKept(int letter) {
        return letter == 0 || letter >= Character.MIN_SURROGATE && letter <= Character.MAX_SURROGATE;
    }
}
