package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** The two biggest reads take as many statements for a large class as for a small one. */
class StatementCountTest extends ServerTest {
    /** The least of several readings: an event stream of an earlier test that ends meanwhile can only add to one. */
    private static long statementsOf(TestClass of, String path) {
        of.teacher.get(path).ok();
        return LongStream.range(0, 4)
                .map(time -> RequestStatements.during(() -> of.teacher.get(path).ok()))
                .min()
                .orElseThrow();
    }

    @Test
    void theProgressGridReadsAFixedNumberOfTimes() {
        TestClass small = newClass("few", 5);
        TestClass large = newClass("many", 60);
        small.handOutMany(1);
        large.handOutMany(6);
        long arrangementOfSmall = small.arrange(2);
        long arrangementOfLarge = large.arrange(6);
        large.signedIn(1).get("/api/my/work").ok();
        long few = statementsOf(small, "/api/classes/" + small.id + "/progress?arrangementId=" + arrangementOfSmall);
        long many = statementsOf(large, "/api/classes/" + large.id + "/progress?arrangementId=" + arrangementOfLarge);
        assertThat(few).isPositive().isLessThanOrEqualTo(8);
        assertThat(many).isEqualTo(few);
    }

    @Test
    void theBenchReadsAFixedNumberOfTimes() {
        TestClass small = newClass("few on the bench", 4);
        TestClass large = newClass("many on the bench", 80);
        long few = statementsOf(small, "/api/arrangements/" + small.arrange(2));
        long many = statementsOf(large, "/api/arrangements/" + large.arrange(8));
        assertThat(few).isPositive().isLessThan(30);
        assertThat(many).isEqualTo(few);
    }

    @Test
    void theStudentsScreenReadsAFixedNumberOfTimes() {
        TestClass small = newClass("few students", 3);
        TestClass large = newClass("many students", 90);
        small.arrange(2);
        large.arrange(8);
        large.grant(1, "UNTIMED", null).ok();
        small.grant(1, "UNTIMED", null).ok();
        long few = statementsOf(small, "/api/students?classId=" + small.id);
        long many = statementsOf(large, "/api/students?classId=" + large.id);
        assertThat(few).isPositive().isLessThan(25);
        assertThat(many).isEqualTo(few);
    }

    @Test
    void allMyClassesAreReadInAFixedNumberOfTimesHoweverManyTheyAre() {
        newClass("one more class", 2);
        long before = statementsOf(newClass("all classes", 2), "/api/students");
        for (int i = 0; i < 5; i++) {
            newClass("class " + i, 2);
        }
        assertThat(statementsOf(newClass("all classes again", 2), "/api/students"))
                .isEqualTo(before);
    }

    @Test
    void findingReadsAFixedNumberOfTimesForAClassOfAnySize() {
        TestClass small = newClass("few who read", 3);
        TestClass large = newClass("many who read", 60);
        large.handOutMany(2);
        small.handOutMany(2);
        large.signedIn(1).get("/api/my/work").ok();
        String query = "/library?words=tide&suggestedLevels=true";
        long few = statementsOf(small, "/api/classes/" + small.id + query);
        long many = statementsOf(large, "/api/classes/" + large.id + query);
        assertThat(few).isPositive().isLessThan(40);
        assertThat(many).isEqualTo(few);
    }

    @Test
    void theMapOfSkillsReadsAFixedNumberOfTimesForAClassOfAnySize() {
        TestClass small = newClass("few on the map", 3);
        TestClass large = newClass("many on the map", 60);
        long few = statementsOf(small, "/api/classes/" + small.id + "/skill-map");
        long many = statementsOf(large, "/api/classes/" + large.id + "/skill-map");
        assertThat(few).isPositive().isLessThan(30);
        assertThat(many).isEqualTo(few);
    }
}
