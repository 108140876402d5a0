package zafu.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;
import zafu.server.platform.Refusal;

/** Opens the session of somebody who has shown who they are. */
@Component
class SignIns {
    private static final String SHARED = "zafu.shared-device";
    /** On a device that others use, a page that was left alone is nobody's after this. */
    private static final Duration SHARED_REST = Duration.ofMinutes(45);

    /** The session's note of what device it was opened on, in words. */
    static final String DEVICE = "zafu.device-name";

    private final SecurityContextRepository contexts;
    private final Credentials credentials;

    SignIns(SecurityContextRepository contexts, Credentials credentials) {
        this.contexts = contexts;
        this.credentials = credentials;
    }

    /** Opens the session of an adult, or begins it anew where they are signed in. */
    void openAdult(Person.Grown adult, HttpServletRequest request, HttpServletResponse response) {
        open(adult, credentials.ofAdult(adult.adultId()), request, response);
    }

    /** @param shared whether others use the device too */
    void openStudent(long student, boolean shared, HttpServletRequest request, HttpServletResponse response) {
        open(new Person.Learner(student), credentials.ofStudent(student, Optional.empty()), request, response);
        if (shared) {
            share(request.getSession());
        }
    }

    /** Opens the session of a student who comes back by their picture, to a device that others use too. */
    void openByPicture(long student, long face, HttpServletRequest request, HttpServletResponse response) {
        open(new Person.Learner(student), credentials.ofStudent(student, Optional.of(face)), request, response);
        share(request.getSession());
    }

    private void open(Person person, RestsOn rest, HttpServletRequest request, HttpServletResponse response) {
        request.getSession(true);
        request.changeSessionId();
        Credentials.Holder holder = credentials.now(person, rest).orElseThrow(() -> Refusal.notFound("account"));
        HttpSession session = request.getSession();
        session.setAttribute(FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, nameOf(person));
        session.setAttribute(DEVICE, DeviceName.of(request.getHeader("User-Agent")));
        rest.keepIn(session);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authenticated(holder));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** A student who no longer wants to come back by picture goes on working. */
    void forgetPicture(HttpServletRequest request) {
        HttpSession session = request.getSession();
        RestsOn.of(session::getAttribute).ifPresent(rest -> rest.withoutFace().keepIn(session));
    }

    /** Under what name the sessions of a person are found. */
    static String nameOf(Person person) {
        return person instanceof Person.Grown adult
                ? "adult " + adult.adultId()
                : "student " + ((Person.Learner) person).studentId();
    }

    static Authentication authenticated(Credentials.Holder holder) {
        return UsernamePasswordAuthenticationToken.authenticated(
                holder.person(), null, List.of(new SimpleGrantedAuthority(holder.role())));
    }

    private static void share(HttpSession session) {
        session.setAttribute(SHARED, true);
        session.setMaxInactiveInterval((int) SHARED_REST.toSeconds());
    }

    boolean isShared(HttpServletRequest request) {
        return request.getSession(false) != null
                && Boolean.TRUE.equals(request.getSession(false).getAttribute(SHARED));
    }
}
