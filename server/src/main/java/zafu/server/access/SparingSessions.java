package zafu.server.access;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Primary;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/**
 * Sessions in the database, which outlive a restart, written sparingly: that somebody is still there is noted once a
 * minute and not at every request, since each note has to reach the disk.
 */
@Primary
@Component
class SparingSessions implements SessionRepository<SparingSessions.Sparing> {
    private static final Logger LOG = LoggerFactory.getLogger(SparingSessions.class);
    private static final Duration OFTEN_ENOUGH = Duration.ofMinutes(1);
    private final SessionRepository<Session> kept;

    @SuppressWarnings("unchecked")
    SparingSessions(JdbcIndexedSessionRepository kept) {
        this.kept = (SessionRepository<Session>) (SessionRepository<?>) kept;
    }

    @Override
    public Sparing createSession() {
        return new Sparing(kept.createSession());
    }

    @Override
    public void save(Sparing session) {
        kept.save(session.inner);
    }

    /** A session that an older version wrote in a way that is not known any more is nobody's: they sign in again. */
    @Override
    public @Nullable Sparing findById(String id) {
        try {
            Session found = kept.findById(id);
            return found == null ? null : new Sparing(found);
        } catch (RuntimeException unreadable) {
            LOG.warn("a session could not be read and is ended", unreadable);
            kept.deleteById(id);
            return null;
        }
    }

    @Override
    public void deleteById(String id) {
        kept.deleteById(id);
    }

    /** A session that does not tell the database of every look. */
    static final class Sparing implements Session {
        private final Session inner;

        private Sparing(Session inner) {
            this.inner = inner;
        }

        @Override
        public void setLastAccessedTime(Instant moment) {
            if (Duration.between(inner.getLastAccessedTime(), moment).compareTo(OFTEN_ENOUGH) >= 0) {
                inner.setLastAccessedTime(moment);
            }
        }

        @Override
        public String getId() {
            return inner.getId();
        }

        @Override
        public String changeSessionId() {
            return inner.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return inner.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return inner.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            inner.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            inner.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return inner.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return inner.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            inner.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return inner.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return inner.isExpired();
        }
    }
}
