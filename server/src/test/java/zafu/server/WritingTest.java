package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** How a school writes: its weeks, its hours, its paper. */
class WritingTest extends ServerTest {
    private static final String PATH = "/api/school/writing";
    private static final int A4_WIDTH = 595;
    private static final int LETTER_WIDTH = 612;

    @AfterEach
    void asItWas() {
        teacher().put(PATH, Map.of("weekStarts", "MONDAY")).ok();
    }

    @Test
    void aWeekStartsWhereTheSchoolStartsIt() {
        TestClass own = newClass("week from sunday", 2);
        String week = "/api/classes/" + own.id + "/week?day=2027-02-09";
        assertThat(own.teacher.get(week).ok().get("begins").asString()).isEqualTo("2027-02-08");
        own.teacher.put(PATH, Map.of("weekStarts", "SUNDAY")).ok();
        assertThat(own.teacher.get(week).ok().get("begins").asString()).isEqualTo("2027-02-07");
        own.teacher.put(PATH, Map.of("weekStarts", "SATURDAY")).ok();
        assertThat(own.teacher.get(week).ok().get("begins").asString()).isEqualTo("2027-02-06");
    }

    @Test
    void everyPageIsToldHowTheTimeOfDayIsWritten() {
        TestClass own = newClass("twelve hours", 1);
        assertThat(nobody().get("/api/session").ok().has("hours")).isFalse();
        own.teacher.put(PATH, Map.of("weekStarts", "MONDAY", "hours", "H12")).ok();
        for (HttpCaller each : new HttpCaller[] {nobody(), own.teacher, own.signedIn(1)}) {
            assertThat(each.get("/api/session").ok().get("hours").asString()).isEqualTo("H12");
        }
    }

    @Test
    void paperIsThatOfThePlaceUntilTheSchoolChooses() throws Exception {
        TestClass own = newClass("paper", 1);
        assertThat(widthOfCards(own)).isEqualTo(LETTER_WIDTH);
        own.teacher.put(PATH, Map.of("weekStarts", "MONDAY", "paper", "A4")).ok();
        assertThat(widthOfCards(own)).isEqualTo(A4_WIDTH);
    }

    @Test
    void onlyWhoKeepsWhatIsSharedChoosesAndStudentsAreNotAsked() {
        TestClass own = newClass("writing by whom", 1);
        assertThat(own.signedIn(1).get(PATH).status()).isEqualTo(403);
        assertThat(own.signedIn(1).put(PATH, Map.of("weekStarts", "SUNDAY")).status())
                .isEqualTo(403);
        assertThat(own.teacher.put(PATH, Map.of("hours", "H12")).status()).isEqualTo(422);
        assertThat(own.teacher.get(PATH).ok().get("weekStarts").asString()).isEqualTo("MONDAY");
    }

    private static int widthOfCards(TestClass own) throws Exception {
        byte[] cards =
                own.teacher.getBytes("/api/classes/" + own.id + "/entry-cards").body();
        try (PDDocument pdf = Loader.loadPDF(cards)) {
            return Math.round(pdf.getPage(0).getMediaBox().getWidth());
        }
    }
}
