package zafu.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.platform.Refusal;

/** Signing in and out, and who is signed in. */
@RestController
class SessionController {
    private final AdultAccounts adults;
    private final EntryCodes codes;
    private final FailureThrottle throttle;
    private final CurrentPerson current;
    private final SecurityContextRepository contexts;
    private final AuditTrail audit;

    SessionController(
            AdultAccounts adults,
            EntryCodes codes,
            FailureThrottle throttle,
            CurrentPerson current,
            SecurityContextRepository contexts,
            AuditTrail audit) {
        this.adults = adults;
        this.codes = codes;
        this.throttle = throttle;
        this.current = current;
        this.contexts = contexts;
        this.audit = audit;
    }

    enum Who {
        NOBODY,
        ADULT,
        STUDENT,
        /** Nobody has ever signed in here: the school is to be made first. */
        FIRST_RUN
    }

    /** @param mustChangePassword somebody else chose the password; nothing is to be had before there is a new one */
    record Session(Who who, @Nullable String displayName, boolean mustChangePassword) {}

    record PasswordChange(
            @NotBlank @Size(max = 200) String before,
            @Size(min = 10, max = 200, message = "needs at least 10 characters") String password) {}

    record AdultSignIn(@NotBlank @Size(max = 80) String name, @NotBlank @Size(max = 200) String password) {}

    record StudentSignIn(@NotBlank @Size(max = 40) String code) {}

    @GetMapping("/api/session")
    Session session() {
        return current.anyone()
                .map(this::sessionOf)
                .orElseGet(() -> new Session(adults.none() ? Who.FIRST_RUN : Who.NOBODY, null, false));
    }

    @PostMapping("/api/sign-in/adult")
    Session signIn(@Valid @RequestBody AdultSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        throttle.requireCalm(asked.name, address);
        Person person = adults.open(asked.name, asked.password).orElseThrow(() -> {
            throttle.failed(asked.name, address);
            return Refusal.wrongSignIn("Name and password do not go together. Please try again.");
        });
        return signedIn(person, request, response);
    }

    @PostMapping("/api/sign-in/student")
    Session signIn(@Valid @RequestBody StudentSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        throttle.requireCalm("code from " + address, address);
        long student = codes.use(asked.code).orElseThrow(() -> {
            throttle.failed("", address);
            return Refusal.wrongSignIn("We do not know this code. Look at your card once more.");
        });
        return signedIn(new Person.Learner(student), request, response);
    }

    @PutMapping("/api/account/password")
    @Transactional
    public void changePassword(
            @Valid @RequestBody PasswordChange change, HttpServletRequest request, HttpServletResponse response) {
        Person.Grown person = current.adult();
        long adult = person.adultId();
        throttle.requireCalm("password of " + adult, "password of " + adult);
        throttle.failed("password of " + adult, "password of " + adult);
        adults.changePassword(adult, change.before, change.password);
        audit.note(null, "password.changed", adult, "");
        keep(person, "ROLE_ADULT", request, response);
    }

    @PostMapping("/api/sign-out")
    void signOut(HttpServletRequest request) {
        SecurityContextHolder.clearContext();
        if (request.getSession(false) != null) {
            request.getSession().invalidate();
        }
    }

    private Session signedIn(Person person, HttpServletRequest request, HttpServletResponse response) {
        request.getSession(true);
        request.changeSessionId();
        keep(person, roleOf(person), request, response);
        return sessionOf(person);
    }

    private String roleOf(Person person) {
        if (person instanceof Person.Grown adult) {
            return adults.mustChangePassword(adult.adultId()) ? "ROLE_ADULT_WITH_GIVEN_PASSWORD" : "ROLE_ADULT";
        }
        return "ROLE_STUDENT";
    }

    private void keep(Person person, String role, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                person, null, List.of(new SimpleGrantedAuthority(role))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    private Session sessionOf(Person person) {
        return person instanceof Person.Grown adult
                ? new Session(Who.ADULT, adult.displayName(), adults.mustChangePassword(adult.adultId()))
                : new Session(Who.STUDENT, null, false);
    }
}
