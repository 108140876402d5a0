package zafu.server.oneroster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.server.oneroster.RosterBundle.Part;
import zafu.server.oneroster.RosterBundle.Role;
import zafu.server.platform.Refusal;

/** Bundles as different systems write them. */
class BundleReaderTest {
    private final Map<String, String> files = new LinkedHashMap<>();
    private String version = "1.2";
    private String folder = "";

    private BundleReaderTest with(String name, String text) {
        files.put(name, text);
        return this;
    }

    private RosterBundle read(String mode) {
        StringBuilder manifest = new StringBuilder("propertyName,value\noneroster.version," + version + "\n");
        files.keySet().forEach(name -> manifest.append("file.")
                .append(name)
                .append(',')
                .append(mode)
                .append('\n'));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            add(zip, "manifest", manifest.toString());
            for (Map.Entry<String, String> file : files.entrySet()) {
                add(zip, file.getKey(), file.getValue());
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return BundleReader.read(out.toByteArray());
    }

    private void add(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(folder + name + ".csv"));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void rolesComeFromTheUsersInOnePointOneAndFromTheirOwnFileInOnePointTwo() {
        version = "1.1";
        with("users", "sourcedId,role,givenName,familyName\nu1,student,Umi,Ilves\nt1,teacher,Ottoline,Farrow\n");
        assertThat(read("bulk").people())
                .extracting(RosterBundle.Person::role)
                .containsExactly(Role.STUDENT, Role.TEACHER);
        version = "1.2";
        with("users", "sourcedId,givenName,familyName\nu1,Umi,Ilves\n")
                .with("roles", "sourcedId,userSourcedId,roleType,role\nr1,u1,secondary,aide\nr2,u1,primary,student\n");
        assertThat(read("bulk").people()).extracting(RosterBundle.Person::role).containsExactly(Role.STUDENT);
    }

    @Test
    void filesMayLieInAFolder() {
        folder = "export-2027/";
        with("users", "sourcedId,role,givenName,familyName\nu1,student,Umi,Ilves\n");
        assertThat(read("bulk").people()).hasSize(1);
    }

    @Test
    void headersAreKnownWhateverTheirCaseAndOrderAndBeyondOurs() {
        with("users", "\uFEFFFAMILYNAME,pronouns,SourcedId,role,GivenName\nIlves,they,u1,student,Umi\n");
        assertThat(read("bulk").people().get(0).fullName()).isEqualTo("Umi Ilves");
    }

    @Test
    void partsAreCompleteOnlyWhereTheManifestSaysSo() {
        with("users", "sourcedId,role,givenName,familyName\nu1,student,Umi,Ilves\n");
        assertThat(read("bulk").bulk()).containsExactly(Part.USERS);
        assertThat(read("delta").bulk()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "active, true, false",
        "tobedeleted, true, true",
        "inactive, true, true",
        "'', true, false",
        "active, false, true"
    })
    void whoIsDeletedOrDisabledIsGone(String status, String enabled, boolean gone) {
        with(
                "users",
                "sourcedId,status,enabledUser,role,givenName,familyName\nu1," + status + "," + enabled
                        + ",student,Umi,Ilves\n");
        assertThat(read("delta").people().get(0).gone()).isEqualTo(gone);
    }

    @ParameterizedTest
    @CsvSource({"KG, 0", "K, 0", "PK, 0", "01, 1", "5, 5", "12, 12", "'\"05,06\"', 5"})
    void gradesAreReadAsTheyAreWritten(String written, int grade) {
        with("users", "sourcedId,role,givenName,familyName,grades\nu1,student,Umi,Ilves," + written + "\n");
        RosterBundle.Person person = read("bulk").people().get(0);
        assertThat(person.grade()).isEqualTo(grade);
        assertThat(person.gradeGiven()).isTrue();
    }

    @Test
    void gradesBeyondOursAreNotGiven() {
        with("users", "sourcedId,role,givenName,familyName,grades\nu1,student,Umi,Ilves,UG\n");
        assertThat(read("bulk").people().get(0).gradeGiven()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0, KG", "1, 01", "5, 05", "12, 12"})
    void gradesAreWrittenAsTheStandardAsks(int grade, String written) {
        assertThat(Grades.written(grade)).isEqualTo(written);
        assertThat(Grades.of(written)).contains(grade);
    }

    @Test
    void aTermThatEndsBeforeItBeginsIsNamedByRowAndColumn() {
        with(
                "academicSessions",
                "sourcedId,title,startDate,endDate\na1,Winter,2027-01-04,2026-03-12\na2,Spring,2027-03-22,2027-06-30\n");
        RosterBundle bundle = read("bulk");
        assertThat(bundle.problems())
                .containsExactly("academicSessions.csv, row 2: endDate is 2026-03-12, before startDate 2027-01-04.");
        assertThat(bundle.sessions()).hasSize(1);
    }

    @Test
    void twoStudentsOfOneNumberAreNamed() {
        with(
                "users",
                "sourcedId,role,givenName,familyName,identifier\nu1,student,Umi,Ilves,7\nu2,student,Kofi,Asterly,7\n");
        assertThat(read("bulk").problems())
                .containsExactly("users.csv, row 3: identifier is 7, which Umi Ilves has already.");
    }

    @Test
    void anEnrolmentThatEndsBeforeItBeginsIsNamed() {
        with(
                "enrollments",
                "sourcedId,classSourcedId,userSourcedId,role,beginDate,endDate\n"
                        + "e1,c1,u1,student,2027-02-01,2027-01-01\n");
        assertThat(read("bulk").problems())
                .containsExactly("enrollments.csv, row 2: endDate is 2027-01-01, before beginDate 2027-02-01.");
    }

    @Test
    void aScaleWithoutWidthIsNamed() {
        with("lineItems", "sourcedId,title,resultValueMin,resultValueMax\nl1,Spelling,5,5\n");
        assertThat(read("bulk").problems())
                .containsExactly("lineItems.csv, row 2: resultValueMax is not above resultValueMin.");
    }

    @Test
    void aResultWithoutAScoreIsNotAssessed() {
        with(
                "results",
                "sourcedId,lineItemSourcedId,studentSourcedId,score,scoreDate\nr1,l1,u1,,2027-02-01\n"
                        + "r2,l1,u2,NaN,2027-02-01\n");
        RosterBundle bundle = read("bulk");
        assertThat(bundle.results()).hasSize(1);
        assertThat(bundle.results().get(0).score()).isEmpty();
        assertThat(bundle.problems()).containsExactly("results.csv, row 3: score is \"NaN\", which is no number.");
    }

    @Test
    void aNameThatNoColumnHoldsIsRefused() {
        with("users", "sourcedId,role,givenName,familyName\n" + "x".repeat(300) + ",student,Umi,Ilves\n");
        assertThat(read("bulk").problems()).containsExactly("users.csv, row 2: sourcedId is longer than 255 letters.");
    }

    @Test
    void aPartThatIsNoTableIsRefusedWhole() {
        with("users", "");
        assertThatThrownBy(() -> read("bulk")).isInstanceOf(Refusal.class).hasMessageContaining("users.csv");
    }

    @Test
    void homeroomsAreHomeClasses() {
        with("classes", "sourcedId,title,classType,grades\nc1,5 Heron,homeroom,05\nc2,Choir,scheduled,\n");
        assertThat(read("bulk").classes())
                .extracting(RosterBundle.ClassLine::home)
                .containsExactly(true, false);
    }
}
