package zafu.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Looks up at every request whether what a session rests on still holds, and who the person is by now: a stolen session
 * ends with the code or password that it was opened with, on every server, and a role that was taken is gone at once.
 */
final class StillSignedIn extends OncePerRequestFilter {
    private final Credentials credentials;

    StillSignedIn(Credentials credentials) {
        this.credentials = credentials;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication shown = SecurityContextHolder.getContext().getAuthentication();
        HttpSession session = request.getSession(false);
        if (session != null && shown != null && shown.getPrincipal() instanceof Person person) {
            Optional<Authentication> now = RestsOn.of(session::getAttribute)
                    .flatMap(rest -> credentials.now(person, rest))
                    .map(SignIns::authenticated);
            if (now.isEmpty()) {
                session.invalidate();
            }
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(now.orElse(null));
            SecurityContextHolder.setContext(context);
        }
        chain.doFilter(request, response);
    }
}
