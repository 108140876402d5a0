package zafu.server.demo;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is known of the demo's people beside their scores: needs, wishes, the neighbours. */
final class DemoPeople {
    private final int port;
    private final HttpCaller teacher;
    private final Map<String, JsonNode> students;

    DemoPeople(int port, HttpCaller teacher, Map<String, JsonNode> students) {
        this.port = port;
        this.teacher = teacher;
        this.students = students;
    }

    private JsonNode student(String givenName) {
        JsonNode found = students.get(givenName);
        if (found == null) {
            throw new IllegalStateException("the demo has no student " + givenName);
        }
        return found;
    }

    private long id(String givenName) {
        return student(givenName).get("id").asLong();
    }

    /** Ids, the neighbour class, colleagues and two learning plans come from the school's own system. */
    static void takeFromSchoolSystem(HttpCaller teacher) {
        JsonNode shown = teacher.post("/api/school/system/pull", null).ok();
        long pull = shown.get("waiting").get("id").asLong();
        teacher.post("/api/school/system/pulls/" + pull + "/take", null).ok();
    }

    void setNeeds() {
        need("Kofi", "EXTENDED_TIME", "1.5", "");
        need("Quentin", "EXTENDED_TIME", "1.5", "");
        need("Odin", "LARGE_TEXT", null, "");
        need("Rosalind", "LANGUAGE_VERSION", null, "Spanish");
        speaks("Rosalind", "es");
    }

    /** Letters to the family are in its language. */
    private void speaks(String name, String language) {
        String path = "/api/students/" + id(name);
        JsonNode sheet = teacher.get(path).ok();
        ObjectNode facts = ((ObjectNode) sheet.get("facts")).put("language", language);
        teacher.put(path, Map.of("version", sheet.get("version"), "facts", facts, "tags", sheet.get("tags")))
                .done();
    }

    private void need(String name, String support, @Nullable String amount, String detail) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("support", support);
        if (amount != null) {
            wanted.put("amount", new BigDecimal(amount));
        }
        wanted.put("detail", detail);
        wanted.put("works", List.of());
        wanted.put("subjects", List.of());
        wanted.put("to", "2027-06-30");
        wanted.put("source", "Classroom agreement");
        teacher.post("/api/students/" + id(name) + "/accommodations", wanted).ok();
    }

    void wish(long classId) {
        pair(classId, "Ivo", "Wren", "MUST_BE_APART");
        pair(classId, "Umi", "Yusuf", "MUST_BE_TOGETHER");
        pair(classId, "Umi", "Hana", "WORKS_WELL");
        pair(classId, "Farid", "Mateo", "BETTER_APART");
        Map<String, Object> survey = Map.of(
                "question",
                "What would you like to find out about the marsh?",
                "options",
                List.of("Birds of the mud", "Why the tide comes", "Who works the harbour", "Plants that drink salt"));
        teacher.post("/api/classes/" + classId + "/surveys", survey).ok();
        String[] replies = {"Hana 0 2 1", "Linnea 1 0", "Soren 3 1 2", "Wren 2", "Amara 0 3 1", "Juniper 0 1 2"};
        for (String reply : replies) {
            String[] parts = reply.split(" ");
            HttpCaller own = new HttpCaller(port)
                    .signInStudent(student(parts[0]).get("entryCode").asString());
            JsonNode asked = own.get("/api/my/surveys").ok().get(0);
            List<Long> ranked = new ArrayList<>();
            for (int i = 1; i < parts.length; i++) {
                ranked.add(asked.get("options")
                        .get(Integer.parseInt(parts[i]))
                        .get("id")
                        .asLong());
            }
            own.put("/api/my/surveys/" + asked.get("id").asLong(), Map.of("ranked", ranked));
        }
    }

    private void pair(long classId, String one, String other, String kind) {
        teacher.put(
                "/api/classes/" + classId + "/pair-notes",
                Map.of("oneId", id(one), "otherId", id(other), "kind", kind, "weight", 1));
    }

    void bringInNeighbours(byte[] list) {
        HttpCaller idris = new HttpCaller(port).signInAdult("idris", DemoFiller.PASSWORD);
        long kestrel =
                idris.get("/api/classes").ok().get("classes").get(0).get("id").asLong();
        idris.upload(
                        "/api/class-lists",
                        list,
                        Map.of(
                                "classId",
                                kestrel,
                                "className",
                                "",
                                "grade",
                                5,
                                "takenOn",
                                "2027-02-02",
                                "pasted",
                                false))
                .ok();
    }
}
