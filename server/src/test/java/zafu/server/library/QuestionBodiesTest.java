package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Questions that an older program wrote go on asking what they asked. */
class QuestionBodiesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final QuestionBodies BODIES = new QuestionBodies(JSON);

    /** Never changed: each stands for what is in a school's database. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "SINGLE_CHOICE   | {\"options\":[\"wind\",\"moon\"],\"right\":1,\"leaveOut\":[0],\"feedbackWrong\":\"Look again.\"}",
                "MULTIPLE_CHOICE | {\"options\":[\"a\",\"b\",\"c\"],\"rights\":[0,2],\"byPart\":true}",
                "NUMERIC         | {\"value\":12.5,\"tolerance\":0.5,\"unit\":\"cm\"}",
                "SHORT_ANSWER    | {\"accepted\":[\"sea lavender\",\"lavender\"]}",
                "ORDERING        | {\"options\":[\"egg\",\"larva\",\"crab\"]}",
                "MATCHING        | {\"options\":[\"crab\",\"gull\"],\"partners\":[\"claw\",\"wing\"],\"pairs\":[0,1]}",
                "BLANKS          | {\"pieces\":[{\"text\":\"The tide \"},{\"text\":\"\",\"accepted\":[\"turns\"],\"choices\":[\"turns\",\"sleeps\"]}]}",
                "LONG_ANSWER     | {\"guidance\":\"Two reasons.\"}",
                "HOT_WORDS       | {\"pieces\":[{\"text\":\"mud\",\"right\":true},{\"text\":\"moon\",\"right\":false}]}"
            })
    void everyFormatThatWasEverKeptIsReadWhole(QuestionKind kind, String kept) {
        QuestionBody before = BODIES.read(kept);
        assertThat(before.asQuestion(kind, "?")).isNotNull();
        assertThat(BODIES.read(kept.replaceFirst("\\{", "{\"format\":1,"))).isEqualTo(before);
        JsonNode written = JSON.readTree(BODIES.write(before));
        assertThat(written.get("format").asInt()).isEqualTo(1);
        JSON.readTree(kept).properties().forEach(each -> assertThat(
                        written.get(each.getKey()).toString())
                .as("nothing of it is lost")
                .contains(firstWord(each.getValue())));
    }

    private static String firstWord(JsonNode value) {
        return value.toString().replaceAll("^\\W+", "").split("\\W")[0];
    }
}
