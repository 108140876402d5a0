package zafu.server.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What is asked for at almost every turn and changes a few times a day, remembered for a few seconds. A change at this
 * server is known at once, and one at another server when it tells of it; the few seconds are for what nobody tells.
 */
public final class Remembered<K, V> {
    private static final Duration FRESH = Duration.ofSeconds(3);
    private static final int MOST = 500;

    /** For all that is remembered here: what another server changed may be any of it. */
    private static final AtomicLong ELSEWHERE = new AtomicLong();

    private final AtomicLong generation = new AtomicLong();
    private final Cache<Key<K>, V> values =
            Caffeine.newBuilder().expireAfterWrite(FRESH).maximumSize(MOST).build();

    /** What was read before a change must not be taken for what holds after it, so the change counts in the key. */
    private record Key<K>(long generation, long elsewhere, K of) {}

    /** What is remembered of {@code of}, read where nothing is; whoever has changed it themselves reads what they wrote. */
    public V get(K of, Function<K, V> read) {
        return isChangedHere()
                ? read.apply(of)
                : values.get(new Key<>(generation.get(), ELSEWHERE.get(), of), key -> read.apply(key.of()));
    }

    /** Another server changed something: nothing that is remembered holds any more. */
    static void changedElsewhere() {
        ELSEWHERE.incrementAndGet();
    }

    /** To be called with each change: what is remembered no longer holds once the transaction, if any, is through. */
    public void changed() {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            generation.incrementAndGet();
        } else if (!isChangedHere()) {
            TransactionSynchronizationManager.bindResource(this, true);
            TransactionSynchronizationManager.registerSynchronization(new WhenThrough());
        }
    }

    private boolean isChangedHere() {
        return TransactionSynchronizationManager.hasResource(this);
    }

    private final class WhenThrough implements TransactionSynchronization {
        @Override
        public void suspend() {
            TransactionSynchronizationManager.unbindResource(Remembered.this);
        }

        @Override
        public void resume() {
            TransactionSynchronizationManager.bindResource(Remembered.this, true);
        }

        /** Before those who tell others of the change, because these come and ask. */
        @Override
        public int getOrder() {
            return HIGHEST_PRECEDENCE;
        }

        @Override
        public void afterCommit() {
            generation.incrementAndGet();
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResource(Remembered.this);
        }
    }
}
