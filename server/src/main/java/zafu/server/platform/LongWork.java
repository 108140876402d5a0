package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Work that somebody waits for: how far it is, and a way to stop it. The page names the work by a key of its own
 * making; whatever runs on the thread of that request then counts its steps here. Without a key the steps go nowhere.
 */
@Component
public class LongWork {
    private final Map<String, Task> tasks = new ConcurrentHashMap<>();
    private final ThreadLocal<@Nullable Task> here = new ThreadLocal<>();

    /** One piece of work; its counts are read by other threads than its own. */
    static final class Task {
        private final Object owner;
        private volatile int done;
        private volatile int total;
        private volatile boolean stopped;

        private Task(Object owner) {
            this.owner = owner;
        }

        int done() {
            return done;
        }

        int total() {
            return total;
        }

        void stop() {
            stopped = true;
        }
    }

    void begin(String key, Object owner) {
        Task task = new Task(owner);
        tasks.put(key, task);
        here.set(task);
    }

    void end(String key) {
        tasks.remove(key);
        here.remove();
    }

    /** The work under way by this key, for nobody but the one who began it. */
    Optional<Task> of(String key, Object owner) {
        return Optional.ofNullable(tasks.get(key)).filter(task -> task.owner.equals(owner));
    }

    /** Says that so many more steps are to come. */
    public void expect(int steps) {
        Task task = here.get();
        if (task != null) {
            task.total += steps;
        }
    }

    /** Counts a step; a stopped work ends here, and its transaction takes back what it did. */
    public void step() {
        steps(1);
    }

    /** As {@link #step} for so many at once. */
    public void steps(int count) {
        Task task = here.get();
        if (task == null) {
            return;
        }
        if (task.stopped) {
            throw Refusal.conflict("stopped", inWords("platform.stopped-nothing-was-changed"));
        }
        task.done += count;
    }
}
