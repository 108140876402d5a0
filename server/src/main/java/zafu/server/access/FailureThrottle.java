package zafu.server.access;

import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
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
    private static final int PER_DEVICE = 20;
    private static final int CODES_PER_ADDRESS = 300;
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

    /**
     * Guessed codes are counted against the device where students have signed in from it before, else against the
     * address, and there so loosely that a class behind one address is never locked out by one child: with codes of 8
     * characters, guessing at that pace comes to nothing in a lifetime. A known device is not held up by its address.
     */
    void requireCalmForCodes(Optional<Long> device, String address) {
        if (codes(device, address).getAvailableTokens() == 0) {
            throw Refusal.tooOften("Too many codes went wrong here. Please wait five minutes, or ask your teacher.");
        }
    }

    void failedCode(Optional<Long> device, String address) {
        codes(device, address).tryConsume(1);
    }

    void requireCalmDevice(long device) {
        requireCalmForCodes(Optional.of(device), "");
    }

    void failedOnDevice(long device) {
        failedCode(Optional.of(device), "");
    }

    private Bucket codes(Optional<Long> device, String address) {
        return device.map(id -> bucket("device " + id, PER_DEVICE))
                .orElseGet(() -> bucket("codes from " + address, CODES_PER_ADDRESS));
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
