package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Lists that come in, are taken back as one step, and go out again. */
class ListRoundTripTest extends ServerTest {
    enum As {
        CSV,
        XLSX
    }

    private static JsonNode preview(TestClass own, byte[] file) {
        return own.teacher
                .upload("/api/class-lists/preview", file, own.listOf("2027-02-09"))
                .ok();
    }

    private static byte[] export(TestClass own, String what, As as) {
        return own.teacher
                .getBytes("/api/classes/" + own.id + "/export?what=" + what + "&as=" + as)
                .body();
    }

    private TestClass rich(String name) {
        TestClass own = newClass(name, 3);
        own.bringIn(
                "2027-02-08",
                "Given name,Family name,Number,Preferred name,Tags,Words per minute\n"
                        + "S1,Test," + name + "-1,Sam,\"crew; boats\",88\n"
                        + "S2,Test," + name + "-2,,,abs\n");
        own.grant(1, "EXTENDED_TIME", "1.5").ok();
        own.grant(1, "READ_ALOUD", null).ok();
        own.grant(2, "EXTRA_DAYS", "2").ok();
        return own;
    }

    @ParameterizedTest
    @EnumSource(As.class)
    void whatGoesOutAndComesInAgainChangesNothing(As as) {
        TestClass own = rich("round " + as);
        for (String what : List.of("STUDENTS", "SCORES", "NEEDS")) {
            JsonNode preview = preview(own, export(own, what, as));
            assertThat(preview.get("withProblem").asInt()).as(what).isZero();
            assertThat(preview.get("good").asInt()).as(what).isPositive();
            assertThat(preview.get("unchanged")).as(what).isEqualTo(preview.get("good"));
            assertThat(preview.get("newStudents").asInt()).as(what).isZero();
        }
    }

    @Test
    void cellsThatLookLikeFormulasGoOutHarmlessAndComeBackAsTheyWere() {
        TestClass own = newClass("formulas", 1);
        own.bringIn("2027-02-08", "Given name,Family name,Tags\nBryn,@Hollowell,=1+1\n");
        byte[] csv = export(own, "STUDENTS", As.CSV);
        assertThat(new String(csv, StandardCharsets.UTF_8))
                .contains("'@Hollowell")
                .contains("'=1+1");
        JsonNode preview = preview(own, csv);
        assertThat(preview.get("unchanged").asInt()).isEqualTo(2);
    }

    @Test
    void anImportIsTakenBackAsOneStep() {
        TestClass own = newClass("undo import", 2);
        String before = own.screen("").get("students").toString();
        JsonNode taken = own.bringIn(
                "2027-02-08",
                "Name,Number,Tideline reading scale,Extra days,Find the ratio\n"
                        + "S1 Test,undo-1,700,2,90 %\nBryn Hollowell,undo-2,300,,40 %\n");
        assertThat(own.screen("").get("total").asInt()).isEqualTo(3);
        assertThat(taken.get("needs").asInt()).isEqualTo(1);
        String skills = "/api/students/" + own.student(1) + "/skills";
        assertThat(own.teacher.get(skills).ok().get(0).get("status").asString()).isEqualTo("NEARLY");
        String path = "/api/imports/" + taken.get("importId").asLong() + "/undo";
        own.teacher.post(path, null).done();
        assertThat(own.screen("").get("students").toString()).isEqualTo(before);
        assertThat(own.teacher.get(skills).ok()).isEmpty();
        assertThat(own.teacher.post(path, null).status()).isEqualTo(409);
    }

    @Test
    void anImportThatALaterOneStandsOnWaitsForIt() {
        TestClass own = newClass("undo order", 1);
        long first = own.bringIn("2027-02-07", "Name,Tideline reading scale\nS1 Test,200\n")
                .get("importId")
                .asLong();
        long second = own.bringIn("2027-02-08", "Name,Tideline reading scale\nS1 Test,300\n")
                .get("importId")
                .asLong();
        HttpCaller.Answer refused = own.teacher.post("/api/imports/" + first + "/undo", null);
        assertThat(refused.body().get("detail").asString()).startsWith("A later import into this class");
        own.teacher.post("/api/imports/" + second + "/undo", null).done();
        own.teacher.post("/api/imports/" + first + "/undo", null).done();
        assertThat(own.row(1).get("scores").get(0).get("value").asInt()).isEqualTo(100);
    }

    @ParameterizedTest
    @CsvSource({"breaks, 10", "breaks, 10.0", "extended time, 1.50", "extra days, 20"})
    void aNeedThatIsHereIsNotGrantedAgain(String need, String amount) {
        TestClass own = newClass("needs twice " + need + amount, 1);
        String list = "Name,Need,Amount\nS1 Test," + need + "," + amount + "\n";
        assertThat(own.bringIn("2027-02-08", list).get("needs").asInt()).isEqualTo(1);
        assertThat(own.bringIn("2027-02-08", list).get("needs").asInt()).isZero();
        String out = new String(
                own.teacher
                        .getBytes("/api/classes/" + own.id + "/export?what=NEEDS&as=CSV")
                        .body(),
                StandardCharsets.UTF_8);
        assertThat(own.bringIn("2027-02-08", out).get("needs").asInt()).as(out).isZero();
    }

    @Test
    void broughtInAgainAfterAnUndoNobodyIsDoubled() {
        TestClass own = newClass("undo again", 1);
        String list = "Name,Tideline reading scale\nBryn Hollowell,300\n";
        long first = own.bringIn("2027-02-08", list).get("importId").asLong();
        own.teacher.post("/api/imports/" + first + "/undo", null).done();
        JsonNode again = own.bringIn("2027-02-08", list);
        assertThat(again.get("newStudents").asInt()).isZero();
        assertThat(own.screen("").get("total").asInt()).isEqualTo(2);
    }

    @Test
    void studentsAreKnownByTheirNumberAcrossClassesAndNames() {
        TestClass one = newClass("number one", 1);
        TestClass two = newClass("number two", 1);
        one.bringIn("2027-02-08", "Name,Number,Tideline reading scale\nBryn Hollowell,shared-1,300\n");
        JsonNode taken =
                two.bringIn("2027-02-08", "Name,Number,Tideline reading scale\nBrynn Hollowell,shared-1,310\n");
        assertThat(taken.get("newStudents").asInt()).isZero();
        assertThat(two.screen("text=Brynn").get("students").get(0).get("classIds"))
                .hasSize(1);
        assertThat(one.screen("text=Brynn").get("students")).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'S1 Test,other-7\n'|Row 2 gives S1 Test the number other-7. Here it is own-",
                "'Ann Bell,9\nBen Cole,9\n'|Row 3 gives Ben Cole the number 9, which Ann Bell has already."
            })
    void numbersThatContradictAreNamed(String rows, String problem) {
        TestClass own = newClass("contradict " + rows.hashCode(), 1);
        own.bringIn("2027-02-08", "Name,Number\nS1 Test,own-" + rows.hashCode() + "\n");
        JsonNode preview = preview(own, ("Name,Number\n" + rows).getBytes(StandardCharsets.UTF_8));
        Stream<String> said = Stream.concat(
                preview.get("rows").valueStream().map(row -> row.path("problem").asString("")),
                preview.get("questions").valueStream().map(each -> each.get("asks")
                        .asString()));
        assertThat(said).anyMatch(sentence -> sentence.startsWith(problem));
    }

    @Test
    void aDayInEachRowBringsSeveralScoresOfOneStudent() {
        TestClass own = newClass("dated rows", 1);
        own.bringIn(
                "2027-02-09",
                "Name,Date,Tideline reading scale\nS1 Test,14.09.2026,410\nS1 Test,16/11/2026,430\nS1 Test,2027-02-05,450\n");
        assertThat(own.row(1).get("scores").get(0).get("history").valueStream().map(JsonNode::asInt))
                .containsExactly(410, 430, 100, 450);
    }

    @ParameterizedTest
    @CsvSource({"31.02.2027, is a day that does not exist", "soon, is no date. Write it like 2027-02-09"})
    void daysThatCannotBeAreNamedByRowAndColumn(String day, String fault) {
        TestClass own = newClass("bad day " + day.hashCode(), 1);
        byte[] list = ("Name,Date,Tideline reading scale\nS1 Test," + day + ",5\n").getBytes(StandardCharsets.UTF_8);
        assertThat(preview(own, list).get("rows").get(0).get("problem").asString())
                .isEqualTo("Row 2 has \"" + day + "\" under Date, which " + fault + ".");
    }

    @Test
    void pastedNamesAreStudents() {
        HttpCaller teacher = teacher();
        Map<String, Object> wanted = Map.of("className", "Pasted", "grade", 5, "takenOn", "2027-02-09", "pasted", true);
        JsonNode taken = teacher.upload(
                        "/api/class-lists", "Bryn Hollowell\n\nFenwick, Odell\n Ebba \n".getBytes(), wanted)
                .ok();
        assertThat(taken.get("newStudents").asInt()).isEqualTo(3);
        TestClass made = TestClass.of(teacher, port, taken.get("classId").asLong());
        assertThat(made.screen("sort=name")
                        .get("students")
                        .valueStream()
                        .map(each -> each.get("givenName").asString() + " "
                                + each.get("familyName").asString()))
                .containsExactly("Bryn Hollowell", "Ebba ", "Odell Fenwick");
    }
}
