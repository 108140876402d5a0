package zafu.e2e;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import zafu.e2e.EveryPage.Look;

/** The walks of the suite at full length, for ./zafu bench: {@code attempt COUNT STEPS} or {@code walk}. */
final class ManyWalks {
    private static final int KILLED_IN_EVERY = 10;

    private ManyWalks() {}

    public static void main(String[] words) {
        RunningZafu.leaveAfter(() -> {
            if (words[0].equals("walk")) {
                everyPageOnEveryDevice();
            } else {
                attempts(Integer.parseInt(words[1]), Integer.parseInt(words[2]));
            }
        });
    }

    private static void attempts(int count, int steps) {
        List<Long> failed = new ArrayList<>();
        try {
            Path data = Files.createTempDirectory("zafu-walks");
            PackagedServer server = new PackagedServer(data);
            server.start();
            for (long seed = 1; seed <= count; seed++) {
                try (AttemptWalk walk = new AttemptWalk(server, seed, seed % KILLED_IN_EVERY == 0)) {
                    walk.run(steps);
                } catch (AssertionError wrong) {
                    failed.add(seed);
                    System.out.println("attempt: " + wrong.getMessage() + "\n  " + wrong.getCause());
                }
            }
            server.kill();
        } catch (Exception broken) {
            throw new IllegalStateException(broken);
        }
        System.out.println("attempt: " + count + " walks of " + steps + " steps, " + failed.size() + " failed "
                + (failed.isEmpty() ? "" : failed));
    }

    private static void everyPageOnEveryDevice() {
        RunningZafu zafu = RunningZafu.demoOfItsOwn();
        EveryPage every = new EveryPage(zafu);
        for (Look look : Look.ALL) {
            for (Map.Entry<String, String> student : every.students().entrySet()) {
                every.walkStudent(student.getKey(), student.getValue(), look, true);
            }
            every.walkAdult(look);
        }
        System.out.println("walk: " + every.walked().size() + " pages opened, reloaded and come to again");
        zafu.stop();
    }
}
