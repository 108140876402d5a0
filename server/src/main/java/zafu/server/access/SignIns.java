package zafu.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Opens the session of somebody who has shown who they are. */
@Component
class SignIns {
    private static final String SHARED = "zafu.shared-device";
    /** On a device that others use, a page that was left alone is nobody's after this. */
    private static final Duration SHARED_REST = Duration.ofMinutes(45);

    private final SecurityContextRepository contexts;

    SignIns(SecurityContextRepository contexts) {
        this.contexts = contexts;
    }

    void open(Person person, String role, HttpServletRequest request, HttpServletResponse response) {
        request.getSession(true);
        request.changeSessionId();
        keep(person, role, request, response);
    }

    /** @param shared whether others use the device too */
    void openStudent(long student, boolean shared, HttpServletRequest request, HttpServletResponse response) {
        open(new Person.Learner(student), "ROLE_STUDENT", request, response);
        if (shared) {
            request.getSession().setAttribute(SHARED, true);
            request.getSession().setMaxInactiveInterval((int) SHARED_REST.toSeconds());
        }
    }

    boolean isShared(HttpServletRequest request) {
        return request.getSession(false) != null
                && Boolean.TRUE.equals(request.getSession(false).getAttribute(SHARED));
    }

    void keep(Person person, String role, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                person, null, List.of(new SimpleGrantedAuthority(role))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
