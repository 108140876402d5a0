package zafu.server.link;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import zafu.server.library.LinkItems;
import zafu.server.platform.LongWork;

/** Follows the links of the library once a day, and those that are new within minutes; remembers what came of it. */
@Service
public class LinkChecks {
    private static final Duration A_DAY = Duration.ofHours(20);
    private static final long EVERY_MINUTES = 10;
    private final LinkCheckRepository checks;
    private final LinkItems links;
    private final LinkFollower follower;
    private final ExecutorService threads = Executors.newFixedThreadPool(4, task -> {
        Thread thread = new Thread(task, "link-check");
        thread.setDaemon(true);
        return thread;
    });
    private final TransactionTemplate transaction;
    private final LongWork longWork;
    private final Clock clock;

    LinkChecks(
            LinkCheckRepository checks,
            LinkItems links,
            Web web,
            TransactionTemplate transaction,
            LongWork longWork,
            Clock clock) {
        this.checks = checks;
        this.links = links;
        this.follower = new LinkFollower(web);
        this.transaction = transaction;
        this.longWork = longWork;
        this.clock = clock;
    }

    /** What is known of a link. */
    public record Checked(LinkState state, Instant checkedAt, @Nullable String movedTo) {}

    /** What is known of the links of items, by item; only for the address the item has now. */
    public Map<Long, Checked> states() {
        Map<Long, String> now = links.addresses();
        Map<Long, Checked> states = new LinkedHashMap<>();
        for (LinkCheck check : checks.findAllById(now.keySet())) {
            if (check.address.equals(now.get(check.itemId))) {
                states.put(check.itemId, new Checked(check.state, check.checkedAt, check.movedTo));
            }
        }
        return states;
    }

    /** Follows what was not followed today. */
    @Scheduled(fixedDelay = EVERY_MINUTES, initialDelay = 1, timeUnit = TimeUnit.MINUTES)
    @SchedulerLock(name = "links")
    void followDue() {
        Instant since = clock.instant().minus(A_DAY);
        Map<Long, Checked> known = states();
        Map<Long, String> due = new LinkedHashMap<>();
        links.addresses().forEach((item, address) -> {
            Checked last = known.get(item);
            if (last == null || last.checkedAt().isBefore(since)) {
                due.put(item, address);
            }
        });
        follow(due);
    }

    /** Follows all links now. @return how many */
    int followAll() {
        Map<Long, String> all = links.addresses();
        follow(all);
        return all.size();
    }

    private void follow(Map<Long, String> due) {
        longWork.expect(due.size());
        List<CompletableFuture<Void>> running = due.entrySet().stream()
                .map(each -> CompletableFuture.runAsync(() -> followOne(each.getKey(), each.getValue()), threads))
                .toList();
        running.forEach(each -> {
            each.join();
            longWork.step();
        });
    }

    private void followOne(long itemId, String address) {
        LinkFollower.Outcome outcome = follower.follow(address);
        transaction.executeWithoutResult(status -> {
            LinkCheck check = checks.findById(itemId).orElseGet(LinkCheck::new);
            check.itemId = itemId;
            check.address = address;
            check.checkedAt = clock.instant();
            check.state = outcome.state();
            check.movedTo = outcome.movedTo();
            checks.save(check);
        });
    }
}
