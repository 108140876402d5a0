package zafu.server.demo;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import tools.jackson.databind.JsonNode;
import zafu.server.platform.TravellingClock;

/** What the demo's Progress has to show: values week by week with aims, and a letter that waits to be marked. */
final class DemoProgress {
    /** Words per minute on the Tuesdays of January. */
    private static final Map<String, List<Integer>> JANUARY = Map.of(
            "Odin Vale", List.of(74, 73, 75),
            "Quentin Orr", List.of(72, 74, 73),
            "Rosalind Castellan", List.of(81, 83, 85),
            "Viggo Brandt", List.of(84, 86, 89),
            "Tamsin Amsel", List.of(75, 78, 82),
            "Umi Ilves", List.of(80, 84, 86),
            "Farid Orr", List.of(121, 118, 119));

    private static final List<String> TUESDAYS = List.of("2027-01-05", "2027-01-12", "2027-01-19");

    private static final List<String> LETTERS = List.of(
            "Wren|Dear keeper, when the wall came down the sea took back the field. Please leave the gap open: the marsh"
                    + " slows the storm before it reaches the town.",
            "Amara|Dear keeper, I counted the steps of the tide. It comes twice a day because the earth turns under two"
                    + " hills of water.",
            "Calla|Dear keeper, the heron waits where the channel bends. Crabs come out when the mud is wet.");

    private final HttpCaller teacher;
    private final TravellingClock clock;
    private final long classId;

    DemoProgress(HttpCaller teacher, TravellingClock clock, long classId) {
        this.teacher = teacher;
        this.clock = clock;
        this.classId = classId;
    }

    /** Brings in the weeks of January. */
    void watch() {
        for (int week = 0; week < TUESDAYS.size(); week++) {
            clock.set(DemoFiller.at(TUESDAYS.get(week) + "T15:30"));
            StringBuilder list = new StringBuilder("Given name,Family name,Grade,Words per minute\n");
            for (Map.Entry<String, List<Integer>> each : JANUARY.entrySet()) {
                list.append(each.getKey().replace(' ', ','))
                        .append(",5,")
                        .append(each.getValue().get(week))
                        .append('\n');
            }
            Map<String, Object> wanted = new LinkedHashMap<>();
            wanted.put("classId", classId);
            wanted.put("className", "");
            wanted.put("grade", 5);
            wanted.put("takenOn", TUESDAYS.get(week));
            wanted.put("pasted", false);
            teacher.upload("/api/class-lists", list.toString().getBytes(StandardCharsets.UTF_8), wanted)
                    .ok();
        }
    }

    /** Aims for the summer, for those who are watched week by week. */
    void aim(ToLongFunction<String> idOf) {
        long measure = 0;
        for (JsonNode each : teacher.get("/api/measures").ok()) {
            if (each.get("name").asString().equals("Words per minute")) {
                measure = each.get("id").asLong();
            }
        }
        List<Map<String, Object>> aims = new ArrayList<>();
        JANUARY.keySet()
                .forEach(name -> aims.add(Map.of(
                        "studentId",
                        idOf.applyAsLong(name.split(" ")[0]),
                        "goal",
                        name.startsWith("Farid") ? 130 : 105,
                        "goalDate",
                        "2027-06-11")));
        teacher.post("/api/classes/" + classId + "/aims", Map.of("measureId", measure, "aims", aims))
                .ok();
    }

    /** A letter that one group wrote, and that nobody has marked yet. */
    void letter(long arrangement, long group, Function<String, HttpCaller> signedIn) {
        clock.set(DemoFiller.at("2027-02-03T16:00"));
        long task = teacher.post(
                        "/api/classes/" + classId + "/tasks",
                        Map.of("name", "A letter to the keeper", "arrangementId", arrangement))
                .ok()
                .get("id")
                .asLong();
        DemoTask edit = new DemoTask(teacher, task, arrangement);
        edit.base("A letter to the keeper", List.of(), List.of())
                .set("instructions", "Write to the keeper of the light about one thing the marsh does for the town.")
                .set("opens", "2027-02-04T09:00")
                .set("due", "2027-02-05T15:00")
                .set("targets", DemoTask.toGroups(List.of(group)));
        edit.save("HAND_IN");
        edit.handOut();
        clock.set(DemoFiller.at("2027-02-05T11:20"));
        for (String letter : LETTERS) {
            String[] parts = letter.split("\\|");
            HttpCaller own = signedIn.apply(parts[0]);
            long tryId = own.post("/api/my/tasks/" + task + "/tries", null)
                    .ok()
                    .get("id")
                    .asLong();
            own.put("/api/my/tries/" + tryId + "/written", Map.of("text", "<p>" + parts[1] + "</p>"))
                    .done();
            own.post("/api/my/tries/" + tryId + "/hand-in", null).ok();
        }
    }
}
