package zafu.server.link;

import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Flow;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.IntPredicate;
import java.util.function.Predicate;

/**
 * The real world outside. A name is looked up first, and asked only if every one of its addresses lies outside; the
 * Java platform remembers what it looked up for some seconds, so the request goes to the addresses that were looked at.
 */
final class GuardedWeb implements Web {
    private static final Duration PATIENCE = Duration.ofSeconds(8);
    private static final Set<Integer> PORTS = Set.of(-1, 80, 443);
    private final Predicate<InetAddress> outside;
    private final IntPredicate ports;
    private final Duration patience;
    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(4))
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    GuardedWeb() {
        this(AddressGuard::isOutside, PORTS::contains, PATIENCE);
    }

    GuardedWeb(Predicate<InetAddress> outside, IntPredicate ports, Duration patience) {
        this.outside = outside;
        this.ports = ports;
        this.patience = patience;
    }

    @Override
    public Answer ask(URI address) {
        try {
            InetAddress[] found = InetAddress.getAllByName(address.getHost());
            if (!ports.test(address.getPort()) || !Arrays.stream(found).allMatch(outside)) {
                return new Answer.Inside();
            }
            HttpRequest request = HttpRequest.newBuilder(address)
                    .timeout(patience)
                    .header("User-Agent", "zafu-link-check")
                    .GET()
                    .build();
            return statusOf(request);
        } catch (UnknownHostException nobody) {
            return new Answer.Nobody();
        } catch (HttpTimeoutException late) {
            return new Answer.TooSlow();
        } catch (IOException | IllegalArgumentException broken) {
            return new Answer.Nobody();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return new Answer.TooSlow();
        }
    }

    /** The time is for all of the answer, whose body nobody reads: a stream that never ends holds nobody up. */
    private Answer statusOf(HttpRequest request) throws IOException, InterruptedException {
        CompletableFuture<HttpResponse<Void>> asked = http.sendAsync(request, head -> new Unread());
        try {
            HttpResponse<Void> answer = asked.get(patience.toMillis(), TimeUnit.MILLISECONDS);
            return new Answer.Status(
                    answer.statusCode(), answer.headers().firstValue("Location").orElse(""));
        } catch (TimeoutException late) {
            asked.cancel(true);
            return new Answer.TooSlow();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof IOException broken) {
                throw broken;
            }
            throw new IOException(failed.getCause());
        }
    }

    /** A body of which not a byte is wanted. */
    private static final class Unread implements HttpResponse.BodySubscriber<Void> {
        @Override
        public CompletionStage<Void> getBody() {
            return CompletableFuture.completedFuture(null);
        }

        @Override
        public void onSubscribe(Flow.Subscription subscription) {
            subscription.cancel();
        }

        @Override
        public void onNext(List<ByteBuffer> part) {
            // What was on its way already.
        }

        @Override
        public void onError(Throwable broken) {
            // The head is here, and nothing else is wanted.
        }

        @Override
        public void onComplete() {
            // Nothing is kept of it.
        }
    }
}
