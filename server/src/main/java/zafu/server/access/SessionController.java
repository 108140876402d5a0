package zafu.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;
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
    private final SignIns signIns;
    private final Devices devices;
    private final AuditTrail audit;

    SessionController(
            AdultAccounts adults,
            EntryCodes codes,
            FailureThrottle throttle,
            CurrentPerson current,
            SignIns signIns,
            Devices devices,
            AuditTrail audit) {
        this.adults = adults;
        this.codes = codes;
        this.throttle = throttle;
        this.current = current;
        this.signIns = signIns;
        this.devices = devices;
        this.audit = audit;
    }

    enum Who {
        NOBODY,
        ADULT,
        STUDENT,
        /** Nobody has ever signed in here: the school is to be made first. */
        FIRST_RUN
    }

    /**
     * @param mustChangePassword somebody else chose the password; nothing is to be had before there is a new one
     * @param studentId the student's own, by which the page tells apart what it keeps for whom
     * @param sharedDevice others use the device too, so the page signs out by itself
     */
    record Session(
            Who who,
            @Nullable String displayName,
            boolean mustChangePassword,
            @Nullable Long studentId,
            boolean sharedDevice) {
        static Session of(Who who, @Nullable String displayName, boolean mustChangePassword) {
            return new Session(who, displayName, mustChangePassword, null, false);
        }

        static Session ofStudent(long studentId, boolean sharedDevice) {
            return new Session(Who.STUDENT, null, false, studentId, sharedDevice);
        }
    }

    record PasswordChange(
            @NotBlank @Size(max = 200) String before,
            @Size(min = 10, max = 200, message = "needs at least 10 characters") String password) {}

    record AdultSignIn(@NotBlank @Size(max = 80) String name, @NotBlank @Size(max = 200) String password) {}

    /** @param ownDevice nobody else uses the device */
    record StudentSignIn(@NotBlank @Size(max = 40) String code, @Nullable Boolean ownDevice) {}

    @GetMapping("/api/session")
    Session session(HttpServletRequest request) {
        return current.anyone()
                .map(person -> sessionOf(person, signIns.isShared(request)))
                .orElseGet(() -> Session.of(adults.none() ? Who.FIRST_RUN : Who.NOBODY, null, false));
    }

    @PostMapping("/api/sign-in/adult")
    Session signIn(@Valid @RequestBody AdultSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        throttle.requireCalm(asked.name, address);
        Person person = adults.open(asked.name, asked.password).orElseThrow(() -> {
            throttle.failed(asked.name, address);
            return Refusal.wrongSignIn("Name and password do not go together. Please try again.");
        });
        signIns.open(person, roleOf(person), request, response);
        return sessionOf(person, false);
    }

    @PostMapping("/api/sign-in/student")
    Session signIn(@Valid @RequestBody StudentSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        Optional<Long> device = devices.of(request);
        throttle.requireCalmForCodes(device, address);
        long student = codes.use(asked.code).orElseThrow(() -> {
            throttle.failedCode(device, address);
            return Refusal.wrongSignIn("We do not know this code. Look at your card once more.");
        });
        boolean shared = !Boolean.TRUE.equals(asked.ownDevice);
        devices.remember(request, response);
        signIns.openStudent(student, shared, request, response);
        return Session.ofStudent(student, shared);
    }

    /** @param shown whether the first steps are shown in classes that have not taken them */
    record FirstStepsWanted(boolean shown) {}

    @PutMapping("/api/account/first-steps")
    @Transactional
    public void firstSteps(@Valid @RequestBody FirstStepsWanted wanted) {
        adults.setLedThrough(current.adult().adultId(), wanted.shown());
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
        signIns.keep(person, "ROLE_ADULT", request, response);
    }

    @PostMapping("/api/sign-out")
    void signOut(HttpServletRequest request) {
        SecurityContextHolder.clearContext();
        if (request.getSession(false) != null) {
            request.getSession().invalidate();
        }
    }

    private String roleOf(Person person) {
        if (person instanceof Person.Grown adult) {
            return adults.mustChangePassword(adult.adultId()) ? "ROLE_ADULT_WITH_GIVEN_PASSWORD" : "ROLE_ADULT";
        }
        return "ROLE_STUDENT";
    }

    private Session sessionOf(Person person, boolean shared) {
        if (person instanceof Person.Grown adult) {
            return Session.of(Who.ADULT, adult.displayName(), adults.mustChangePassword(adult.adultId()));
        }
        return Session.ofStudent(((Person.Learner) person).studentId(), shared);
    }
}
