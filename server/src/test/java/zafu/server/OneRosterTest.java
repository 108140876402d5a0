package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Bundles of the whole school's list. Every test takes back what it brought, so that none meets another's people. */
class OneRosterTest extends ServerTest {
    private static final String CLASSES =
            "sourcedId,status,dateLastModified,title,grades,classType\n" + "§c1,,,6 Plover§,\"06,07\",homeroom\n";
    private static final String USERS = "sourcedId,status,enabledUser,givenName,familyName,identifier,grades\n"
            + "§u1,,true,Odell,Fenwick,77§1,06\n§u2,,true,Ebba,Loamwright,77§2,06\n§t1,,true,Perrin,Oakapple§,,\n";
    private static final String ROLES = "sourcedId,userSourcedId,roleType,role\n"
            + "r1,§u1,primary,student\nr2,§u2,primary,student\nr3,§t1,primary,teacher\n";
    private static final String ENROLLMENTS = "sourcedId,classSourcedId,userSourcedId,role,primary\n"
            + "§e1,§c1,§u1,student,\n§e2,§c1,§u2,student,\n§e3,§c1,§t1,teacher,true\n";
    private static final String LINE_ITEMS =
            "sourcedId,title,resultValueMin,resultValueMax\n§l1,Plover spelling§,0,20\n";
    private static final String RESULTS = "sourcedId,lineItemSourcedId,studentSourcedId,score,scoreDate\n"
            + "s1,§l1,§u1,17.5,2027-02-01\ns2,§l1,§u2,12,2027-02-01\n";

    private static int tests;
    /** Stands for § in all files, so that each test has people of its own. */
    private final String mark = "t" + ++tests;

    private Long lastImport;

    private HttpCaller administrator() {
        return teacher();
    }

    @AfterEach
    void takeBack() {
        if (lastImport != null) {
            administrator().post("/api/imports/" + lastImport + "/undo", null);
        }
    }

    private static Map<String, String> files() {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("classes", CLASSES);
        files.put("users", USERS);
        files.put("roles", ROLES);
        files.put("enrollments", ENROLLMENTS);
        files.put("lineItems", LINE_ITEMS);
        files.put("results", RESULTS);
        return files;
    }

    private byte[] bundle(Map<String, String> files, String mode) {
        String manifest = "propertyName,value\nmanifest.version,1.0\noneroster.version,1.2\n"
                + files.keySet().stream()
                        .map(name -> "file." + name + "," + mode + "\n")
                        .collect(Collectors.joining());
        Map<String, String> all = new LinkedHashMap<>();
        all.put("manifest.csv", manifest);
        files.forEach((name, text) -> all.put(name + ".csv", text.replace("§", mark)));
        return zip(all);
    }

    private static byte[] zip(Map<String, String> entries) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toByteArray();
    }

    private JsonNode preview(byte[] bundle) {
        return administrator()
                .upload("/api/school/one-roster/preview", bundle, Map.of())
                .ok();
    }

    private JsonNode take(byte[] bundle) {
        JsonNode taken = administrator()
                .upload("/api/school/one-roster", bundle, Map.of())
                .ok();
        lastImport = taken.get("importId").asLong();
        return taken;
    }

    private static Map<String, Integer> counts(JsonNode preview) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        preview.get("counts")
                .forEach(each -> counts.put(
                        each.get("kind").asString(), each.get("count").asInt()));
        return counts;
    }

    /** A complete bundle speaks of everybody else too; a delta only of these. */
    private byte[] first() {
        return bundle(files(), "delta");
    }

    @Test
    void aBundleIsShownThenTakenWholeWithClassPeopleAndScores() {
        assertThat(counts(preview(first())))
                .containsEntry("NEW_CLASS", 1)
                .containsEntry("NEW_STUDENT", 2)
                .containsEntry("JOINS_CLASS", 2)
                .containsEntry("NEW_ADULT", 1)
                .containsEntry("ROLE_GIVEN", 1)
                .containsEntry("NEW_MEASURE", 1)
                .containsEntry("SCORES", 2);
        take(first());
        HttpCaller administrator = administrator();
        JsonNode perrin = administrator
                .get("/api/school/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().equals("Perrin Oakapple" + mark))
                .findFirst()
                .orElseThrow();
        assertThat(perrin.get("canSignIn").asBoolean()).isFalse();
        assertThat(perrin.get("roles").get(0).get("role").asString()).isEqualTo("OWNER");
        administrator
                .post(
                        "/api/school/adults/" + perrin.get("id").asLong() + "/password",
                        Map.of("password", "first-password"))
                .done();
        HttpCaller teacher = signInFirst(perrin.get("name").asString(), "first-password");
        JsonNode screen = teacher.get("/api/students?sort=name").ok();
        JsonNode ebba = screen.get("students").get(0);
        assertThat(ebba.get("givenName").asString()).isEqualTo("Ebba");
        assertThat(ebba.get("studentNumber").asString()).isEqualTo("77" + mark + "2");
        assertThat(ebba.get("homeClass").asString()).isEqualTo("6 Plover" + mark);
        assertThat(ebba.get("scores").get(0).get("value").asInt()).isEqualTo(12);
        assertThat(ebba.get("hasCode").asBoolean()).isTrue();
    }

    @Test
    void theSameBundleAgainChangesNothing() {
        take(first());
        JsonNode again = preview(first());
        assertThat(again.get("changes")).isEmpty();
        assertThat(again.get("problemCount").asInt()).isZero();
    }

    @Test
    void ourOwnBundleComesInAgainAndChangesNothing() {
        byte[] own = administrator().getBytes("/api/school/one-roster").body();
        JsonNode preview = preview(own);
        assertThat(preview.get("problems")).isEmpty();
        assertThat(preview.get("changes")).isEmpty();
    }

    /** Once who had left in autumn, and who comes in spring, were in the class today. */
    @Test
    void theDaysOfAPlaceDecideWhoIsInTheClassToday() {
        Map<String, String> files = files();
        files.put(
                "enrollments",
                "sourcedId,classSourcedId,userSourcedId,role,beginDate,endDate\n"
                        + "§e1,§c1,§u1,student,2026-09-01,2027-02-08\n§e2,§c1,§u2,student,2027-03-01,2027-06-25\n");
        JsonNode today = preview(bundle(files, "delta"));
        assertThat(counts(today)).doesNotContainKey("JOINS_CLASS").containsEntry("NEW_STUDENT", 2);
        assertThat(today.get("problems").toString()).contains(mark + "e2 begins on 1 March 2027");
        take(bundle(files, "delta"));
        clock.set(at("2027-03-01T08:10"));
        assertThat(counts(preview(bundle(files, "delta")))).containsEntry("JOINS_CLASS", 1);
        files.put(
                "enrollments",
                "sourcedId,classSourcedId,userSourcedId,role,beginDate,endDate\n"
                        + "§e2,§c1,§u2,student,2027-03-01,2027-03-10\n");
        long first = lastImport;
        long second = take(bundle(files, "delta")).get("importId").asLong();
        clock.set(at("2027-03-11T08:10"));
        assertThat(counts(preview(bundle(files, "delta")))).containsEntry("LEAVES_CLASS", 1);
        administrator().post("/api/imports/" + second + "/undo", null).done();
        lastImport = first;
    }

    /** Terms and adults once stayed, and the calendar did not know the terms until the next start. */
    @Test
    void afterAnUndoTermsAndAdultsAreAsBefore() {
        String terms =
                administrator().get("/api/school/calendar").ok().get("terms").toString();
        int adults = administrator().get("/api/school/adults").ok().size();
        Map<String, String> files = files();
        files.put(
                "academicSessions",
                "sourcedId,title,type,startDate,endDate,parentSourcedId,schoolYear\n"
                        + "§a1,Later §,term,2027-09-01,2027-12-18,,2028\n");
        take(bundle(files, "bulk"));
        assertThat(administrator().get("/api/school/calendar").ok().get("terms").toString())
                .isNotEqualTo(terms);
        assertThat(administrator().get("/api/school/adults").ok().size()).isGreaterThan(adults);
        administrator().post("/api/imports/" + lastImport + "/undo", null).done();
        lastImport = null;
        assertThat(administrator().get("/api/school/calendar").ok().get("terms").toString())
                .isEqualTo(terms);
        assertThat(administrator().get("/api/school/adults").ok().size()).isEqualTo(adults);
    }

    @Test
    void aDeltaChangesAddsAndTakesAway() {
        take(first());
        long before = lastImport;
        Map<String, String> delta = new LinkedHashMap<>();
        delta.put(
                "users",
                "sourcedId,status,role,givenName,familyName,identifier,grades\n"
                        + "§u1,active,student,Odell,Fenwick-Rowe,77§1,06\n§u2,tobedeleted,student,Ebba,Loamwright,77§2,06\n"
                        + "§u3,active,student,Corliss,Wayfare,77§3,06\n");
        delta.put("enrollments", "sourcedId,status,classSourcedId,userSourcedId,role\n§e4,active,§c1,§u3,student\n");
        assertThat(counts(preview(bundle(delta, "delta"))))
                .containsOnly(
                        Map.entry("STUDENT_CHANGED", 1),
                        Map.entry("NEW_STUDENT", 1),
                        Map.entry("JOINS_CLASS", 1),
                        Map.entry("STUDENT_GONE", 1));
        long second = take(bundle(delta, "delta")).get("importId").asLong();
        administrator().post("/api/imports/" + second + "/undo", null).done();
        lastImport = before;
        assertThat(preview(first()).get("changes")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "users|u9,,true,,Nameless,,|users.csv, row 5: givenName is blank.",
                "users|§u1,,true,Ann,Twice,,|users.csv, row 5: sourcedId is \"§u1\", which row 2 has already.",
                "users|u9,later,true,Ann,Bell,,|users.csv, row 5: status is \"later\", which is neither active nor tobedeleted.",
                "enrollments|e9,§c1,ghost,student,|enrollments.csv: e9 names the user ghost, who is not there.",
                "enrollments|e9,c9,§u1,student,|enrollments.csv: e9 names the class c9, which is not there.",
                "results|s9,§l1,§u1,21,2027-02-01|results.csv: s9 has the score 21, which does not fit Plover spelling§ from 0 to 20.",
                "results|s9,§l1,§u1,many,2027-02-01|results.csv, row 4: score is \"many\", which is no number.",
                "results|s9,§l1,§u1,5,2027-02-31|results.csv, row 4: scoreDate is \"2027-02-31\", which is no day.",
                "results|s9,l9,§u1,5,2027-02-01|results.csv: s9 names the line item l9, which is not there."
            })
    void aLineThatCannotBeUsedIsNamedAndLeftOut(String file, String line, String sentence) {
        Map<String, String> files = files();
        files.merge(file, line + "\n", String::concat);
        JsonNode preview = preview(bundle(files, "delta"));
        assertThat(preview.get("problems").valueStream().map(JsonNode::asString))
                .contains(sentence.replace("§", mark));
        assertThat(counts(preview)).containsEntry("NEW_STUDENT", 2);
    }

    @Test
    void whatIsNoBundleIsRefusedWhole() {
        assertRefused(new byte[] {1, 2, 3}, "A OneRoster bundle is a zip file; this is none.");
        assertRefused(zip(Map.of("users.csv", USERS)), "The zip holds no manifest.csv");
        assertRefused(
                zip(Map.of("manifest.csv", "propertyName,value\noneroster.version,1.2\nfile.users,bulk\n")),
                "The manifest says \"file.users,bulk\", but there is no users.csv in the zip.");
        assertRefused(
                zip(Map.of("manifest.csv", "propertyName,value\noneroster.version,2.0\n")),
                "The manifest speaks of OneRoster \"2.0\"");
        Map<String, String> files = files();
        files.put("orgs", "sourcedId,name,type,parentSourcedId\no1,A,school,o2\no2,B,district,o1\n");
        assertRefused(bundle(files, "bulk"), "orgs.csv goes in a circle");
        files = files();
        files.put("users", "sourcedId,familyName\nu1,Fenwick\n");
        assertRefused(bundle(files, "bulk"), "users.csv has no column givenName.");
    }

    private void assertRefused(byte[] file, String sentence) {
        HttpCaller.Answer refused = administrator().upload("/api/school/one-roster/preview", file, Map.of());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).startsWith(sentence);
    }

    /** Once a fault of ours at the very end, so that such a bundle could never be brought in. */
    @Test
    void twoLinesForOneStudentAndClassAreOnePlaceAndSaidSo() {
        Map<String, String> files = files();
        files.put("enrollments", ENROLLMENTS + "§e4,§c1,§u1,student,\n" + "§e5,§c1,§t1,teacher,true\n");
        byte[] bundle = bundle(files, "delta");
        JsonNode preview = preview(bundle);
        assertThat(preview.get("problems").valueStream().map(JsonNode::asString))
                .containsExactly(
                        ("enrollments.csv: §e4 puts the user §u1 into the class §c1 as §e1 does already. They are taken"
                                        + " as one.")
                                .replace("§", mark),
                        ("enrollments.csv: §e5 puts the user §t1 into the class §c1 as §e3 does already. They are taken"
                                        + " as one.")
                                .replace("§", mark));
        assertThat(counts(preview)).containsEntry("JOINS_CLASS", 2);
        take(bundle);
        assertThat(counts(preview(bundle))).doesNotContainKey("JOINS_CLASS");
    }

    /** Who left and came back has an old line that is over and a new one. */
    @Test
    void aLineThatIsOverTakesNobodyOutWhoHasAnotherInForce() {
        Map<String, String> files = files();
        files.put(
                "enrollments",
                "sourcedId,status,classSourcedId,userSourcedId,role,primary\n"
                        + "§e0,tobedeleted,§c1,§u1,student,\n§e1,active,§c1,§u1,student,\n"
                        + "§e3,active,§c1,§t1,teacher,true\n");
        take(bundle(files, "delta"));
        JsonNode again = preview(bundle(files, "delta"));
        assertThat(counts(again)).doesNotContainKeys("LEAVES_CLASS", "JOINS_CLASS");
    }

    /** Once only a list that said the role again could change a name. */
    @Test
    void aChangeOfANameNeedsNoRole() {
        take(first());
        Map<String, String> delta = Map.of(
                "users",
                "sourcedId,status,enabledUser,givenName,familyName,identifier,grades\n"
                        + "§u1,active,true,Odell,Fenwick-Marsh,77§1,06\n");
        assertThat(counts(preview(bundle(delta, "delta")))).containsEntry("STUDENT_CHANGED", 1);
    }
}
