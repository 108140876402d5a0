package zafu.e2e;

import java.net.URI;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import zafu.server.demo.HttpCaller;

/**
 * Measures finding over 5,000 items: words and every narrowing together, for a group, as a browser asks for it. Goal:
 * under 100 ms an answer. Started by ./zafu bench library.
 */
final class LibraryBenchmark {
    private static final int ITEMS = 5_000;
    private static final int ROUNDS = 60;
    private static final List<String> WORDS = List.of(
            "tide", "marsh", "crab", "moon", "ratio", "recipe", "map", "storm", "wall", "letter", "heron", "channel",
            "salt", "leaf", "boat", "harbour", "scale", "soup", "keeper", "mud");

    private LibraryBenchmark() {}

    public static void main(String[] arguments) {
        RunningZafu.leaveAfter(() -> measure());
    }

    private static void measure() {
        RunningZafu zafu = RunningZafu.demo();
        HttpCaller teacher =
                new HttpCaller(URI.create(zafu.address()).getPort()).signInAdult("ottoline", "salt-marsh-5");
        List<Long> skills = new ArrayList<>();
        teacher.get("/api/skills").ok().get("strands").forEach(strand -> strand.get("skills")
                .forEach(skill -> skills.add(skill.get("id").asLong())));
        Random random = new Random(9);
        for (int i = 0; i < ITEMS; i++) {
            teacher.post("/api/library/items", item(i, skills, random)).ok();
        }
        long group = teacher.get("/api/classes/1/arrangements")
                .ok()
                .get(0)
                .get("groups")
                .get(1)
                .get("id")
                .asLong();
        for (String query : List.of(
                "",
                "groupId=" + group,
                "groupId=" + group + "&words=tide",
                "groupId=" + group + "&words=tide+marsh&suggestedLevels=true&kinds=TEXT,PRACTICE&languages=en&grade=5"
                        + "&minutes=20&unused=true&skills=" + skills.get(3),
                "groupId=" + group + "&words=m")) {
            time(teacher, query);
        }
    }

    private static Map<String, Object> item(int number, List<Long> skills, Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 150; i++) {
            text.append(WORDS.get(random.nextInt(WORDS.size()))).append(i % 12 == 11 ? ".\n\n" : " ");
        }
        double level = 300 + random.nextInt(700);
        Map<String, Object> item = new LinkedHashMap<>();
        item.put("kind", random.nextInt(3) == 0 ? "TALK" : "TEXT");
        item.put("title", WORDS.get(random.nextInt(WORDS.size())) + " " + number);
        item.put("body", text.toString());
        item.put("minutes", 5 + random.nextInt(20));
        item.put("levelMeasureId", 1);
        item.put("levelLow", level);
        item.put("gradeLow", 3 + random.nextInt(4));
        item.put("tags", List.of(WORDS.get(random.nextInt(WORDS.size()))));
        item.put("skills", List.of(Map.of("skillId", skills.get(random.nextInt(skills.size())), "role", "TRAINS")));
        return item;
    }

    private static void time(HttpCaller teacher, String query) {
        List<Long> micros = new ArrayList<>();
        int total = 0;
        for (int round = 0; round < ROUNDS; round++) {
            long from = System.nanoTime();
            total = teacher.get("/api/classes/1/library?" + query)
                    .ok()
                    .get("total")
                    .asInt();
            micros.add((System.nanoTime() - from) / 1000);
        }
        List<Long> warm = micros.subList(ROUNDS / 3, ROUNDS).stream().sorted().toList();
        System.out.printf(
                "%,d items, \"%s\": %,d fit, first look %.0f ms, then median %.0f ms, slowest %.0f ms (goal: 100 ms)%n",
                ITEMS,
                query,
                total,
                micros.get(0) / 1e3,
                warm.get(warm.size() / 2) / 1e3,
                warm.get(warm.size() - 1) / 1e3);
    }
}
