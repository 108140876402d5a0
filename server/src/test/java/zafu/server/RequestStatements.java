package zafu.server;

import java.util.concurrent.atomic.AtomicLong;
import org.hibernate.resource.jdbc.spi.StatementInspector;

/**
 * Counts the statements that requests prepare. What the application does by itself, such as looking every second for
 * tries that are over, is no request's and would make the count depend on the moment.
 */
public final class RequestStatements implements StatementInspector {
    private static final AtomicLong COUNT = new AtomicLong();

    /** How many statements were prepared on request threads while this ran. */
    static long during(Runnable requests) {
        long before = COUNT.get();
        requests.run();
        return COUNT.get() - before;
    }

    @Override
    public String inspect(String sql) {
        if (Thread.currentThread().getName().startsWith("http-")) {
            COUNT.incrementAndGet();
        }
        return sql;
    }
}
