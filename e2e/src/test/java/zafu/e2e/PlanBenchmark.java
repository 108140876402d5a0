package zafu.e2e;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zafu.server.demo.HttpCaller;

/**
 * Measures the week and a task of a class of 30 with 300 tasks in versions, each as one request. Goal: under 100 ms an
 * answer. Started by ./zafu bench plan.
 */
final class PlanBenchmark {
    private static final int STUDENTS = 30;
    private static final int TASKS = 300;
    private static final int ROUNDS = 60;

    private PlanBenchmark() {}

    public static void main(String[] arguments) {
        RunningZafu.leaveAfter(() -> measure());
    }

    private static void measure() {
        RunningZafu zafu = RunningZafu.demo();
        OwnClass own = new OwnClass(zafu, "three hundred", STUDENTS);
        long arrangement = own.arrange("Reading", 4);
        List<Long> groups = new ArrayList<>();
        own.teacher
                .get("/api/arrangements/" + arrangement)
                .ok()
                .get("groups")
                .forEach(group -> groups.add(group.get("id").asLong()));
        long item = own.teacher
                .get("/api/classes/1/library?kinds=QUIZ")
                .ok()
                .get("hits")
                .get(0)
                .get("id")
                .asLong();
        long task = 0;
        for (int i = 0; i < TASKS; i++) {
            Map<String, Object> wanted = new LinkedHashMap<>();
            wanted.put("name", "Task " + i);
            wanted.put("items", List.of(item));
            wanted.put("groupId", groups.get(i % 4));
            wanted.put("minutes", 20);
            int week = i % 20;
            wanted.put("opens", java.time.LocalDate.of(2027, 1, 4).plusWeeks(week) + "T09:00");
            wanted.put("due", java.time.LocalDate.of(2027, 1, 8).plusWeeks(week) + "T15:00");
            task = own.teacher
                    .post("/api/classes/" + own.id + "/tasks", wanted)
                    .ok()
                    .get("id")
                    .asLong();
        }
        time(own.teacher, "week", "/api/classes/" + own.id + "/week?day=2027-02-10&arrangementId=" + arrangement);
        time(own.teacher, "what a group is ready for", "/api/classes/" + own.id + "/ready?groupId=" + groups.get(0));
        time(own.teacher, "task", "/api/tasks/" + task);
        time(own.teacher, "before handing out", "/api/tasks/" + task + "/hand-out");
        time(own.teacher, "today", "/api/classes/" + own.id + "/today?arrangementId=" + arrangement);
    }

    private static void time(HttpCaller teacher, String what, String path) {
        List<Long> micros = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            long from = System.nanoTime();
            teacher.get(path).ok();
            micros.add((System.nanoTime() - from) / 1000);
        }
        List<Long> warm = micros.subList(ROUNDS / 3, ROUNDS).stream().sorted().toList();
        System.out.printf(
                "%d students, %d tasks, %s: first %.0f ms, then median %.0f ms, slowest %.0f ms (goal: 100 ms)%n",
                STUDENTS,
                TASKS,
                what,
                micros.get(0) / 1e3,
                warm.get(warm.size() / 2) / 1e3,
                warm.get(warm.size() - 1) / 1e3);
    }
}
