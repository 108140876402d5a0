package zafu.e2e;

import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zafu.server.demo.HttpCaller;

/**
 * How long the server takes for the grid of a large class with a year of work, and how
 * smoothly it scrolls, beside the same class with a fifth of the work. Started by {@code ./zafu bench plan}.
 */
final class GridBenchmark {
    private static final int STUDENTS = 120;
    private static final int TASKS = 300;
    /** Five times less: as many tasks as are usual in half a year. */
    private static final int SMALL = 5;

    private static final int TOGETHER = 60;
    private static final int WHO_HANDED_IN = 40;
    private static final int ROUNDS = 45;
    private static final int WHEELS = 40;
    private static final int WHEEL_PIXELS = 60;
    private static final int PLAIN_COLUMNS = 40;

    private final RunningZafu zafu = RunningZafu.demo();
    private final long item;

    private GridBenchmark() {
        item = new OwnClass(zafu, "one", 1)
                .teacher
                .get("/api/classes/1/library?kinds=QUIZ")
                .ok()
                .get("hits")
                .get(0)
                .get("id")
                .asLong();
    }

    public static void main(String[] arguments) {
        RunningZafu.leaveAfter(() -> {
            GridBenchmark benchmark = new GridBenchmark();
            double small = benchmark.measure(TASKS / SMALL);
            double whole = benchmark.measure(TASKS);
            System.out.printf("%d times the tasks take %.1f times as long%n", SMALL, whole / small);
        });
    }

    /** @return the median in milliseconds */
    private double measure(int tasks) {
        OwnClass own = new OwnClass(zafu, "grid of " + tasks, STUDENTS);
        long arrangement = own.arrange("Reading", 6);
        List<Long> made = new ArrayList<>();
        for (int i = 0; i < tasks; i++) {
            made.add(own.teacher
                    .post("/api/classes/" + own.id + "/tasks", task(i))
                    .ok()
                    .get("id")
                    .asLong());
        }
        for (int from = 0; from < tasks; from += TOGETHER) {
            List<Long> batch = made.subList(from, Math.min(tasks, from + TOGETHER));
            own.teacher
                    .post("/api/classes/" + own.id + "/tasks/handed-out", Map.of("tasks", batch))
                    .ok();
        }
        for (int student = 1; student <= WHO_HANDED_IN; student++) {
            own.doQuiz(student, made.get(student % made.size()), 2);
        }
        scroll(own, tasks);
        return time(own.teacher, tasks, "/api/classes/" + own.id + "/progress?arrangementId=" + arrangement);
    }

    private static void scroll(OwnClass own, int tasks) {
        try (Window window = own.window()) {
            Page page = window.go("/classes/" + own.id + "/progress").page();
            window.text("Task 0").first().waitFor();
            double grid = longestGap(page);
            page.setContent("<div style='height:600px;overflow:auto'><table>"
                    + ("<tr>" + "<td>5 / 5</td>".repeat(PLAIN_COLUMNS) + "</tr>").repeat(STUDENTS) + "</table></div>");
            System.out.printf(
                    "%d students, %d tasks, scrolling: longest from frame to frame %.0f ms (a plain table: %.0f ms)%n",
                    STUDENTS, tasks, grid, longestGap(page));
        }
    }

    /** The better of two turns, because others use the machine too. */
    private static double longestGap(Page page) {
        return Math.min(oneTurn(page), oneTurn(page));
    }

    private static double oneTurn(Page page) {
        page.mouse().move(600, 400);
        page.mouse().wheel(-WHEELS * WHEEL_PIXELS, -WHEELS * WHEEL_PIXELS);
        return Frames.longestGap(page, () -> {
            for (int i = 0; i < WHEELS; i++) {
                page.mouse().wheel(i % 2 * WHEEL_PIXELS, WHEEL_PIXELS);
            }
        });
    }

    private Map<String, Object> task(int number) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("name", "Task " + number);
        wanted.put("items", List.of(item));
        wanted.put("everyone", true);
        int week = number % 5;
        wanted.put("opens", LocalDate.of(2027, 1, 4).plusWeeks(week) + "T09:00");
        wanted.put("due", LocalDate.of(2027, 2, 8).plusWeeks(week) + "T15:00");
        return wanted;
    }

    private static double time(HttpCaller teacher, int tasks, String path) {
        List<Double> millis = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            long from = System.nanoTime();
            if (teacher.getBytes(path).statusCode() != 200) {
                throw new IllegalStateException("the grid is not given");
            }
            millis.add((System.nanoTime() - from) / 1e6);
        }
        List<Double> warm = millis.subList(ROUNDS / 3, ROUNDS).stream().sorted().toList();
        double median = warm.get(warm.size() / 2);
        System.out.printf(
                "%d students, %d tasks, the grid: first %.0f ms, then median %.0f ms, slowest %.0f ms (goal: 150 ms)%n",
                STUDENTS, tasks, millis.get(0), median, warm.get(warm.size() - 1));
        return median;
    }
}
