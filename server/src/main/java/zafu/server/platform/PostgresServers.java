package zafu.server.platform;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * Servers on one PostgreSQL tell each other through its LISTEN and NOTIFY: one connection listens as long as the server
 * runs, and a thread of its own tells, so that nobody's request or transaction waits for it.
 */
@Component
@Profile("postgres")
public class PostgresServers implements OtherServers, SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(PostgresServers.class);
    private static final String CHANNEL = "zafu";
    private static final int LOOKS_EVERY_MILLIS = 500;
    private static final int TRIES_AGAIN_AFTER_MILLIS = 1000;

    private final DataSource database;
    private final String own = UUID.randomUUID().toString();
    private final Map<String, List<Consumer<String>>> listeners = new ConcurrentHashMap<>();
    private final BlockingQueue<Told> toTell = new LinkedBlockingQueue<>();
    private final List<Thread> threads = new ArrayList<>();
    private volatile boolean running;

    public PostgresServers(DataSource database) {
        this.database = database;
    }

    /** What goes over the line: who said it, about what, and what. */
    private record Told(String by, String topic, String words) {
        static Told parse(String payload) {
            String[] parts = payload.split(" ", 3);
            return new Told(parts[0], parts[1], parts[2]);
        }

        String payload() {
            return by + " " + topic + " " + words;
        }
    }

    @Override
    public void tell(String topic, String words) {
        toTell.add(new Told(own, topic, words));
    }

    @Override
    public void hear(String topic, Consumer<String> listener) {
        listeners.computeIfAbsent(topic, key -> new CopyOnWriteArrayList<>()).add(listener);
    }

    @Override
    public void start() {
        running = true;
        threads.add(new Thread(this::listen, "zafu-hears"));
        threads.add(new Thread(this::tellOthers, "zafu-tells"));
        threads.forEach(thread -> {
            thread.setDaemon(true);
            thread.start();
        });
    }

    @Override
    public void stop() {
        running = false;
        threads.forEach(Thread::interrupt);
        threads.clear();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    private void listen() {
        boolean cut = false;
        while (running) {
            try (Connection connection = database.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("listen " + CHANNEL);
                if (cut) {
                    LOG.info("hears the other servers again");
                    listeners.values().forEach(all -> hand(all, MISSED));
                }
                cut = false;
                hearFrom(connection.unwrap(PGConnection.class));
            } catch (SQLException broken) {
                if (running && !cut) {
                    LOG.warn("does not hear the other servers: {}", broken.getMessage());
                }
                cut = true;
                pause();
            }
        }
    }

    private void hearFrom(PGConnection line) throws SQLException {
        while (running) {
            for (PGNotification each : line.getNotifications(LOOKS_EVERY_MILLIS)) {
                Told told = Told.parse(each.getParameter());
                if (!told.by().equals(own)) {
                    hand(listeners.getOrDefault(told.topic(), List.of()), told.words());
                }
            }
        }
    }

    private static void hand(List<Consumer<String>> all, String words) {
        for (Consumer<String> listener : all) {
            try {
                listener.accept(words);
            } catch (RuntimeException failed) {
                // One listener that cannot make sense of it must not end the hearing.
                LOG.error("could not take what another server told: {}", words, failed);
            }
        }
    }

    private void tellOthers() {
        while (running) {
            try {
                List<Told> batch = new ArrayList<>(List.of(toTell.take()));
                toTell.drainTo(batch);
                send(batch);
            } catch (InterruptedException ended) {
                return;
            } catch (SQLException broken) {
                LOG.warn("could not tell the other servers: {}", broken.getMessage());
            }
        }
    }

    private void send(List<Told> batch) throws SQLException {
        try (Connection connection = database.getConnection();
                PreparedStatement notify = connection.prepareStatement("select pg_notify('" + CHANNEL + "', ?)")) {
            for (Told told : batch) {
                notify.setString(1, told.payload());
                notify.execute();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(TRIES_AGAIN_AFTER_MILLIS);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }
}
