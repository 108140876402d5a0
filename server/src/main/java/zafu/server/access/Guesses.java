package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import zafu.server.platform.Refusal;
import zafu.server.platform.Secrets;

/**
 * Makes guessing dear without ever shutting out who is right. Only what is wrong is counted. Who comes where there was much
 * of it lately has to show a piece of effort first, which a browser does by itself in a moment, and which grows with what was
 * wrong; then the right password or code opens as ever. So nobody can use up the attempts of somebody else.
 */
@Component
public class Guesses {
    /** By which a browser shows a piece of effort that it did. */
    static final String SHOWN_BY = "X-Zafu-Effort";

    private static final int LEAST_BITS = 12;
    /** A quarter of a million numbers to try: a few seconds of a slow computer. */
    private static final int MOST_BITS = 18;

    private static final Duration TO_DO_IT = Duration.ofMinutes(2);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(6);
    private final WrongEntryRepository entries;
    private final SpentEffortRepository spent;
    private final HttpServletRequest request;
    private final Clock clock;
    private final TransactionTemplate apart;

    Guesses(
            WrongEntryRepository entries,
            SpentEffortRepository spent,
            HttpServletRequest request,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.entries = entries;
        this.spent = spent;
        this.request = request;
        this.clock = clock;
        apart = new TransactionTemplate(transactions);
        // What was wrong stays counted, though the request that was wrong is refused.
        apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * Something that is counted.
     *
     * @param what such as "account ottoline" or "address 203.0.113.7"
     * @param free how much may be wrong lately before work is wanted
     */
    public record Count(String what, int free) {
        private String key() {
            return Secrets.hash(what);
        }
    }

    /** Where somebody asks from. */
    public Count address(String purpose, int free) {
        return new Count(purpose + " from " + NetworkOf.address(request.getRemoteAddr()), free);
    }

    /** Refuses with a piece of effort where one is wanted and was not shown. */
    public void requireEffort(Collection<Count> counts) {
        int bits = counts.stream().mapToInt(this::bits).max().orElse(0);
        if (bits == 0) {
            return;
        }
        String about = Secrets.hash(counts.stream().map(Count::what).sorted().collect(Collectors.joining("\n")));
        if (!isShown(about)) {
            Effort effort = Effort.asked(about, bits, clock.instant().plus(TO_DO_IT));
            throw Refusal.effortFirst(
                    inWords("everyone.much-was-wrong-here-lately-so-this"), effort.sealed(spent.secret()));
        }
    }

    /** Counts that it was wrong. */
    public void wrong(Collection<Count> counts) {
        // In one order always, so that two who are wrong at once do not wait for each other for ever.
        List<String> keys = counts.stream().map(Count::key).sorted().toList();
        try {
            apart.executeWithoutResult(unused -> keys.forEach(this::countOne));
        } catch (DataIntegrityViolationException bothFirst) {
            apart.executeWithoutResult(unused -> keys.forEach(this::countOne));
        }
    }

    private void countOne(String key) {
        WrongEntry entry = entries.findToChange(key).orElseGet(WrongEntry::new);
        entry.what = key;
        entry.countOne(clock.instant());
        entries.save(entry);
    }

    private int bits(Count count) {
        double over = entries.findById(count.key())
                        .map(each -> each.failuresAt(clock.instant()))
                        .orElse(0.0)
                - count.free;
        // A little less than the whole number, because what was wrong a second ago counts a little less already.
        if (over < -0.5) {
            return 0;
        }
        return Math.min(MOST_BITS, LEAST_BITS + (int) (Math.log(over + 2) / Math.log(2)));
    }

    private boolean isShown(String about) {
        Instant now = clock.instant();
        Optional<Effort> done = Optional.ofNullable(request.getHeader(SHOWN_BY))
                .flatMap(shown -> Effort.done(shown, spent.secret()))
                .filter(effort ->
                        effort.about().equals(about) && effort.uselessAfter().isAfter(now));
        return done.isPresent() && isFirstTime(done.get());
    }

    private boolean isFirstTime(Effort effort) {
        try {
            apart.executeWithoutResult(unused -> {
                if (spent.existsById(effort.chance())) {
                    throw new DataIntegrityViolationException("shown before");
                }
                SpentEffort shown = new SpentEffort();
                shown.id = effort.chance();
                shown.uselessAfter = effort.uselessAfter();
                spent.saveAndFlush(shown);
            });
            return true;
        } catch (DataIntegrityViolationException shownBefore) {
            return false;
        }
    }

    /** What is long ago counts nothing any more. */
    @Scheduled(fixedDelay = 15 * 60 * 1000L, initialDelay = 5 * 60 * 1000L)
    void forget() {
        Instant now = clock.instant();
        apart.executeWithoutResult(unused -> {
            entries.deleteByCountedAtBefore(now.minus(FORGOTTEN_AFTER));
            spent.deleteByUselessAfterBefore(now);
        });
    }
}
