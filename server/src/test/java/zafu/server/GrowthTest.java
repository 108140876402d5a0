package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Values over time, against an aim, by group. */
class GrowthTest extends ServerTest {
    private TestClass own;
    private long measure;

    @BeforeEach
    void valuesOfSixWeeks() {
        own = newClass("growth", 4);
        measure = own.teacher.get("/api/measures").ok().get(0).get("id").asLong();
        for (int week = 1; week <= 5; week++) {
            StringBuilder list = new StringBuilder("Given name,Family name,Tideline reading scale\n");
            for (int i = 1; i <= 4; i++) {
                list.append('S')
                        .append(i)
                        .append(",Test,")
                        .append(90 + 10 * i + (i > 2 ? 6 : 1) * week)
                        .append('\n');
            }
            own.bringIn(java.time.LocalDate.of(2027, 2, 2).plusWeeks(week).toString(), list.toString());
        }
        clock.set(at("2027-03-15T09:00"));
    }

    private JsonNode growth(String query) {
        return own.teacher
                .get("/api/classes/" + own.id + "/growth?measureId=" + measure + query)
                .ok();
    }

    private JsonNode student(int number) {
        return growth("")
                .get("groups")
                .get(0)
                .get("students")
                .valueStream()
                .filter(each -> each.get("id").asLong() == own.student(number))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode aim(Object goal, String date, int... numbers) {
        List<Map<String, Object>> aims = Arrays.stream(numbers)
                .mapToObj(number -> Map.of("studentId", (Object) own.student(number), "goal", goal, "goalDate", date))
                .toList();
        return own.teacher
                .post("/api/classes/" + own.id + "/aims", Map.of("measureId", measure, "aims", aims))
                .body();
    }

    @Test
    void trendAimAndAdvice() {
        aim(150, "2027-06-01", 1, 4);
        JsonNode slow = student(1);
        assertThat(slow.get("points")).hasSize(6);
        assertThat(slow.get("perWeek").asDouble()).isEqualTo(1, within(1e-9));
        assertThat(slow.get("medianPerWeek").asDouble()).isEqualTo(1, within(1e-9));
        assertThat(slow.get("aim").get("baseline").asDouble()).isEqualTo(101);
        assertThat(slow.get("advice").asString()).isEqualTo("CHANGE_SOMETHING");
        assertThat(student(4).get("advice").asString()).isEqualTo("RAISE_THE_GOAL");
        assertThat(student(2).has("advice")).isFalse();
    }

    @Test
    void whatWasThereBeforeTakesAnAimBack() {
        aim(150, "2027-06-01", 1);
        JsonNode before = aim(170, "2027-06-01", 1);
        assertThat(student(1).get("aim").get("goal").asDouble()).isEqualTo(170);
        own.teacher.post("/api/classes/" + own.id + "/aims", before).ok();
        assertThat(student(1).get("aim").get("goal").asDouble()).isEqualTo(150);
    }

    @Test
    void anAimOffTheScaleIsRefusedInOneSentence() {
        assertThat(aim(99999, "2027-06-01", 1).get("detail").asString()).contains("The scale of");
        assertThat(student(1).has("aim")).isFalse();
    }

    @Test
    void groupsThatGrowApartAreSaidTo() {
        long arrangement = own.arrange(2);
        JsonNode shown = growth("&arrangementId=" + arrangement);
        assertThat(shown.get("apart").get("way").asString()).isEqualTo("APART");
        assertThat(shown.get("apart").get("now").asDouble()
                        - shown.get("apart").get("before").asDouble())
                .isEqualTo(25, within(1e-9));
        assertThat(shown.get("groups").get(0).get("medians")).hasSize(6);
        assertThat(shown.get("periods").get(0).get("name").asString()).isEqualTo("Reading");
    }
}
