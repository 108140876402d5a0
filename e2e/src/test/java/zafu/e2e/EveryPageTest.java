package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import zafu.e2e.EveryPage.Look;

/** What users do first: they open a page, reload it, and come back to it. */
class EveryPageTest {
    private static RunningZafu zafu;
    private static EveryPage every;

    @BeforeAll
    static void start() {
        zafu = RunningZafu.demoOfItsOwn();
        every = new EveryPage(zafu);
    }

    @AfterAll
    static void stop() {
        zafu.stop();
    }

    /** Each student opens their page; what many have is opened by the first of them. ./zafu bench walk opens all of it. */
    @Test
    void everyStudentOfTheDemoOpensWhatIsOnTheirPage() {
        int place = 0;
        for (Map.Entry<String, String> student : every.students().entrySet()) {
            Look look = Look.ALL.get(place++ % Look.ALL.size());
            every.walkStudent(student.getKey(), student.getValue(), look, false);
        }
        assertThat(place).isGreaterThan(25);
        assertThat(every.walked()).anyMatch(each -> each.startsWith("Start: "));
    }

    @Test
    void everyKindOfQuestionAndMaterialIsShownOnEveryDevice() {
        OwnClass own = every.everyKind();
        for (int i = 0; i < Look.ALL.size(); i++) {
            every.walkQuestions(own, i + 1, Look.ALL.get(i));
        }
    }

    @Test
    void everyPlaceOfAnAdultOpensByItsAddressAndWhenItIsReloaded() {
        every.walkAdult(Look.ALL.get(3));
    }
}
