package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What a school's list does over the weeks: classes renamed, students moving, coming back, leaving. */
class RosterChangesTest extends ServerTest {
    private static int tests;
    private final String mark = "w" + ++tests;
    private final LinkedHashMap<String, String> files = new LinkedHashMap<>();
    private final List<Long> imports = new ArrayList<>();

    private HttpCaller administrator() {
        return teacher();
    }

    @AfterEach
    void takeBack() {
        for (int i = imports.size() - 1; i >= 0; i--) {
            administrator().post("/api/imports/" + imports.get(i) + "/undo", null);
        }
    }

    private RosterChangesTest users(String... lines) {
        return file("users", "sourcedId,status,role,givenName,familyName,identifier,grades", lines);
    }

    private RosterChangesTest classes(String... lines) {
        return file("classes", "sourcedId,status,title,grades", lines);
    }

    private RosterChangesTest enrollments(String... lines) {
        return file("enrollments", "sourcedId,status,classSourcedId,userSourcedId,role,primary", lines);
    }

    private RosterChangesTest file(String name, String header, String... lines) {
        files.put(name, header + "\n" + String.join("\n", lines) + "\n");
        return this;
    }

    private byte[] delta() {
        StringBuilder manifest = new StringBuilder("propertyName,value\noneroster.version,1.2\n");
        files.keySet().forEach(name -> manifest.append("file.").append(name).append(",delta\n"));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            add(zip, "manifest", manifest.toString());
            for (Map.Entry<String, String> file : files.entrySet()) {
                add(zip, file.getKey(), file.getValue());
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        files.clear();
        return out.toByteArray();
    }

    private void add(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name + ".csv"));
        zip.write(text.replace("§", mark).getBytes(StandardCharsets.UTF_8));
    }

    private List<String> take() {
        byte[] bundle = delta();
        JsonNode preview = administrator()
                .upload("/api/school/one-roster/preview", bundle, Map.of())
                .ok();
        imports.add(administrator()
                .upload("/api/school/one-roster", bundle, Map.of())
                .ok()
                .get("importId")
                .asLong());
        return preview.get("counts")
                .valueStream()
                .map(each ->
                        each.get("kind").asString() + " " + each.get("count").asInt())
                .toList();
    }

    /** Two classes of one teacher, a student in each. */
    private void begin() {
        users(
                        "§u1,,student,Odell,Fenwick,§1,06",
                        "§u2,,student,Ebba,Loamwright,§2,06",
                        "§t,,teacher,Perrin,Oakapple§,,")
                .classes("§a,,6 Plover§,06", "§b,,6 Dunlin§,06")
                .enrollments(
                        "§e1,,§a,§u1,student,",
                        "§e2,,§b,§u2,student,",
                        "§e3,,§a,§t,teacher,true",
                        "§e4,,§b,§t,teacher,true");
        take();
    }

    private HttpCaller perrin() {
        JsonNode adult = administrator()
                .get("/api/school/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().equals("Perrin Oakapple" + mark))
                .findFirst()
                .orElseThrow();
        administrator()
                .post("/api/school/adults/" + adult.get("id").asLong() + "/password", Map.of("password", "0123456789"))
                .done();
        return signInFirst(adult.get("name").asString(), "0123456789");
    }

    private static Map<String, List<String>> namesByClass(HttpCaller teacher) {
        Map<Long, String> classes = new LinkedHashMap<>();
        teacher.get("/api/classes")
                .ok()
                .get("classes")
                .forEach(each ->
                        classes.put(each.get("id").asLong(), each.get("name").asString()));
        Map<String, List<String>> names = new LinkedHashMap<>();
        classes.forEach((id, name) -> names.put(
                name,
                teacher.get("/api/students?sort=name&classId=" + id)
                        .ok()
                        .get("students")
                        .valueStream()
                        .map(each -> each.get("givenName").asString())
                        .toList()));
        return names;
    }

    @Test
    void aClassThatIsRenamedKeepsItsStudents() {
        begin();
        classes("§a,,6 Whimbrel§,06");
        assertThat(take()).containsExactly("CLASS_RENAMED 1");
        assertThat(namesByClass(perrin())).containsEntry("6 Whimbrel" + mark, List.of("Odell"));
    }

    @Test
    void aStudentWhoMovesLeavesOneClassAndJoinsTheOther() {
        begin();
        enrollments("§e1,tobedeleted,§a,§u1,student,", "§e9,active,§b,§u1,student,");
        assertThat(take()).containsExactly("JOINS_CLASS 1", "LEAVES_CLASS 1");
        assertThat(namesByClass(perrin()))
                .containsEntry("6 Plover" + mark, List.of())
                .containsEntry("6 Dunlin" + mark, List.of("Ebba", "Odell"));
    }

    @Test
    void whoReturnsToAClassIsInItAgainAndNotTwice() {
        begin();
        enrollments("§e1,tobedeleted,§a,§u1,student,", "§e9,,§b,§u1,student,");
        take();
        enrollments("§e10,,§a,§u1,student,");
        assertThat(take()).containsExactly("JOINS_CLASS 1");
        assertThat(namesByClass(perrin())).containsEntry("6 Plover" + mark, List.of("Odell"));
    }

    @Test
    void aStudentWhoLeavesTheSchoolIsArchivedAndComesBackWhole() {
        begin();
        users("§u1,tobedeleted,student,Odell,Fenwick,§1,06");
        assertThat(take()).containsExactly("STUDENT_GONE 1");
        HttpCaller perrin = perrin();
        assertThat(namesByClass(perrin)).containsEntry("6 Plover" + mark, List.of());
        assertThat(perrin.get("/api/students?archived=true").ok().get("students"))
                .hasSize(1);
        users("§u1,active,student,Odell,Fenwick,§1,07");
        assertThat(take()).containsExactly("STUDENT_BACK 1");
        JsonNode odell =
                perrin.get("/api/students?text=Odell").ok().get("students").get(0);
        assertThat(odell.get("grade").asInt()).isEqualTo(7);
    }

    @Test
    void whatATeacherWroteDownIsNotOverwrittenByABlank() {
        begin();
        HttpCaller perrin = perrin();
        long id = perrin.get("/api/students?text=Odell")
                .ok()
                .get("students")
                .get(0)
                .get("id")
                .asLong();
        JsonNode sheet = perrin.get("/api/students/" + id).ok();
        Map<String, Object> facts = new LinkedHashMap<>();
        sheet.get("facts").propertyStream().forEach(field -> facts.put(field.getKey(), field.getValue()));
        facts.put("preferredName", "Dell");
        facts.put("language", "Welsh");
        perrin.put(
                        "/api/students/" + id,
                        Map.of("version", sheet.get("version").asLong(), "facts", facts, "tags", List.of("crew")))
                .done();
        users("§u1,,student,Odell,Fenwick-Rowe,,");
        assertThat(take()).containsExactly("STUDENT_CHANGED 1");
        JsonNode after = perrin.get("/api/students/" + id).ok();
        assertThat(after.get("facts").get("familyName").asString()).isEqualTo("Fenwick-Rowe");
        assertThat(after.get("facts").get("preferredName").asString()).isEqualTo("Dell");
        assertThat(after.get("facts").get("studentNumber").asString()).isEqualTo(mark + "1");
        assertThat(after.get("facts").get("grade").asInt()).isEqualTo(6);
        assertThat(after.get("tags").get(0).asString()).isEqualTo("crew");
    }

    @Test
    void aStudentTypedInBeforeIsRecognisedByNameWithinTheClass() {
        HttpCaller administrator = administrator();
        Map<String, Object> wanted =
                Map.of("className", "6 Curlew" + mark, "grade", 6, "takenOn", "2027-02-02", "pasted", true);
        administrator
                .upload("/api/class-lists", ("Odell Fenwick" + mark).getBytes(StandardCharsets.UTF_8), wanted)
                .ok();
        users("§u1,,student,Odell,Fenwick§,§1,06", "§u2,,student,Odell,Fenwick,§2,06")
                .classes("§c,,6 Curlew§,06")
                .enrollments("§e1,,§c,§u1,student,", "§e2,,§c,§u2,student,");
        assertThat(take()).containsExactly("CLASS_LINKED 1", "NEW_STUDENT 1", "STUDENT_LINKED 1", "JOINS_CLASS 1");
    }

    @Test
    void aTeacherLeavesAClassWithTheListThatGaveItAndComesBackWhenItIsTakenBack() {
        begin();
        users("§t2,,teacher,Sorrel,Vane§,,").enrollments("§e5,,§a,§t2,teacher,false");
        assertThat(take()).contains("ROLE_GIVEN 1");
        enrollments("§e5,tobedeleted,§a,§t2,teacher,false");
        assertThat(take()).containsExactly("ROLE_TAKEN 1");
        assertThat(rolesOf("Sorrel Vane" + mark)).isEmpty();
        administrator()
                .post("/api/imports/" + imports.get(imports.size() - 1) + "/undo", null)
                .done();
        assertThat(rolesOf("Sorrel Vane" + mark)).containsExactly("CO_TEACHER");
    }

    @Test
    void anAdultWhoIsHereIsGivenAClassWithoutBeingListedAgain() {
        begin();
        users("§t2,,teacher,Sorrel,Vane§,,");
        take();
        enrollments("§e6,,§a,§t2,aide,false");
        assertThat(take()).containsExactly("ROLE_GIVEN 1");
        assertThat(rolesOf("Sorrel Vane" + mark)).containsExactly("SUPPORT");
    }

    @Test
    void theOnlyOwnerOfAClassKeepsIt() {
        begin();
        enrollments("§e4,tobedeleted,§b,§t,teacher,true");
        JsonNode preview = administrator()
                .upload("/api/school/one-roster/preview", delta(), Map.of())
                .ok();
        assertThat(preview.get("changes")).isEmpty();
        assertThat(preview.get("problems").get(0).asString())
                .isEqualTo("enrollments.csv: Perrin Oakapple" + mark + " is the only owner of 6 Dunlin" + mark
                        + " and keeps it until somebody else does.");
    }

    private List<String> rolesOf(String adult) {
        return administrator()
                .get("/api/school/adults")
                .ok()
                .valueStream()
                .filter(each -> each.get("displayName").asString().equals(adult))
                .flatMap(each -> each.get("roles").valueStream())
                .map(each -> each.get("role").asString())
                .toList();
    }

    @Test
    void takingItBackStepByStepLeavesEverybodyAsTheyWere() {
        begin();
        Map<String, List<String>> before = namesByClass(perrin());
        enrollments("§e1,tobedeleted,§a,§u1,student,", "§e9,active,§b,§u1,student,");
        take();
        classes("§a,,6 Whimbrel§,06");
        take();
        for (int i = 0; i < 2; i++) {
            long last = imports.remove(imports.size() - 1);
            administrator().post("/api/imports/" + last + "/undo", null).done();
        }
        assertThat(namesByClass(perrin())).isEqualTo(before);
    }
}
