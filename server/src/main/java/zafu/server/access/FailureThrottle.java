package zafu.server.access;

import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.platform.Refusal;

/**
 * Slows down guessing. Only failures are counted: per account tightly, per address loosely, because a whole school
 * may sit behind one address.
 */
@Component
public class FailureThrottle {
    private static final int MOST_REMEMBERED = 10_000;
    private static final int PER_ACCOUNT = 8;
    private static final int PER_ADDRESS = 60;
    private final Map<String, Bucket> buckets = new LinkedHashMap<>(256, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > MOST_REMEMBERED;
        }
    };

    /** Refuses when too many attempts at this account, or from this address, have failed lately. */
    public void requireCalm(String account, String address) {
        if (account(account).getAvailableTokens() == 0 || address(address).getAvailableTokens() == 0) {
            throw Refusal.tooOften("Too many sign-ins went wrong here. Please wait five minutes and try again.");
        }
    }

    public void failed(String account, String address) {
        account(account).tryConsume(1);
        address(address).tryConsume(1);
    }

    private Bucket account(String account) {
        return bucket("account " + account, PER_ACCOUNT);
    }

    private Bucket address(String address) {
        return bucket("address " + address, PER_ADDRESS);
    }

    private synchronized Bucket bucket(String key, int failures) {
        return buckets.computeIfAbsent(key, unused -> Bucket.builder()
                .addLimit(limit -> limit.capacity(failures).refillIntervally(failures, Duration.ofMinutes(5)))
                .build());
    }
}
