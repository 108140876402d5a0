package zafu.server.access;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import zafu.server.platform.Refusal;
import zafu.server.platform.Secrets;

/** Where an adult is signed in, on all servers, and how to end it. */
@Component
class OpenSessions {
    private static final int KEY_LENGTH = 16;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final Credentials credentials;

    OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions, Credentials credentials) {
        this.sessions = sessions;
        this.credentials = credentials;
    }

    /**
     * A place where somebody is signed in.
     *
     * @param key names it without being worth anything
     * @param device in words, such as "Firefox on Windows"
     * @param here whether it is where they ask from
     */
    record Place(String key, String device, Instant since, Instant lastSeen, boolean here) {}

    /** Latest first. */
    List<Place> of(Person.Grown adult, String mySession) {
        return open(adult).values().stream()
                .map(each -> new Place(
                        keyOf(each),
                        each.getAttributeOrDefault(SignIns.DEVICE, DeviceName.of(null)),
                        each.getCreationTime(),
                        each.getLastAccessedTime(),
                        each.getId().equals(mySession)))
                .sorted(Comparator.comparing(Place::lastSeen).reversed())
                .toList();
    }

    void end(Person.Grown adult, String key) {
        Session found = open(adult).values().stream()
                .filter(each -> keyOf(each).equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("sign-in"));
        sessions.deleteById(found.getId());
    }

    private Map<String, ? extends Session> open(Person.Grown adult) {
        Map<String, ? extends Session> found = sessions.findByPrincipalName(SignIns.nameOf(adult));
        RestsOn now = credentials.ofAdult(adult.adultId());
        found.values().removeIf(each -> each.isExpired() || !isOf(each, now));
        return found;
    }

    private static boolean isOf(Session session, RestsOn now) {
        return RestsOn.of(session::getAttribute).filter(now::equals).isPresent();
    }

    private static String keyOf(Session session) {
        return Secrets.hash(session.getId()).substring(0, KEY_LENGTH);
    }
}
