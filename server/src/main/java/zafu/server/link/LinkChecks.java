package zafu.server.link;

import java.net.URI;
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
import java.util.stream.Collectors;
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
    private static final int SLOW_AT_MOST = 3;
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
        Map<String, List<Ask>> byHost = due.entrySet().stream()
                .map(each -> new Ask(each.getKey(), each.getValue(), new CompletableFuture<>()))
                .collect(Collectors.groupingBy(each -> hostOf(each.address)));
        byHost.values().forEach(asks -> threads.execute(() -> followOnHost(asks)));
        byHost.values().stream().flatMap(List::stream).forEach(each -> {
            each.done.join();
            longWork.step();
        });
    }

    /** A link to be followed. */
    private record Ask(long itemId, String address, CompletableFuture<Void> done) {}

    /** One after the other, so that a host is not overrun; one that is slow again and again is left for the next round. */
    private void followOnHost(List<Ask> asks) {
        int slow = 0;
        for (Ask each : asks) {
            try {
                if (slow < SLOW_AT_MOST) {
                    LinkFollower.Outcome outcome = follower.follow(each.address);
                    slow += outcome.state() == LinkState.SLOW ? 1 : 0;
                    keep(each.itemId, each.address, outcome);
                }
                each.done.complete(null);
            } catch (RuntimeException failed) {
                each.done.completeExceptionally(failed);
            }
        }
    }

    private static String hostOf(String address) {
        try {
            return String.valueOf(URI.create(address).getHost());
        } catch (IllegalArgumentException broken) {
            return "";
        }
    }

    private void keep(long itemId, String address, LinkFollower.Outcome outcome) {
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
