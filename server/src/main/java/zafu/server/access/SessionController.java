package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.Guesses.Count;
import zafu.server.access.SchoolHours.Hours;
import zafu.server.platform.Refusal;

/** Signing in and out, and who is signed in. */
@RestController
class SessionController {
    private final AdultAccounts adults;
    private final EntryCodes codes;
    private final Guesses guesses;
    private final Doorkeeper doorkeeper;
    private final CurrentPerson current;
    private final SignIns signIns;
    private final Devices devices;
    private final SchoolHours school;

    SessionController(
            AdultAccounts adults,
            EntryCodes codes,
            Guesses guesses,
            Doorkeeper doorkeeper,
            CurrentPerson current,
            SignIns signIns,
            Devices devices,
            SchoolHours school) {
        this.adults = adults;
        this.codes = codes;
        this.guesses = guesses;
        this.doorkeeper = doorkeeper;
        this.current = current;
        this.signIns = signIns;
        this.devices = devices;
        this.school = school;
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
     * @param language that an adult has chosen; a student's comes with how they like to read
     * @param hours how the school writes the time of day; absent where each language has it as it is usual
     */
    record Session(
            Who who,
            @Nullable String displayName,
            boolean mustChangePassword,
            @Nullable Long studentId,
            boolean sharedDevice,
            @Nullable String language,
            @Nullable Hours hours) {
        static Session ofStudent(long studentId, boolean sharedDevice, SchoolHours school) {
            return new Session(
                    Who.STUDENT,
                    null,
                    false,
                    studentId,
                    sharedDevice,
                    null,
                    school.hours().orElse(null));
        }
    }

    record AdultSignIn(@NotBlank @Size(max = 80) String name, @NotBlank @Size(max = 200) String password) {}

    /** @param ownDevice nobody else uses the device */
    record StudentSignIn(@NotBlank @Size(max = 40) String code, @Nullable Boolean ownDevice) {}

    @GetMapping("/api/session")
    Session session(HttpServletRequest request) {
        return current.anyone()
                .map(person -> sessionOf(person, signIns.isShared(request)))
                .orElseGet(() -> new Session(
                        adults.none() ? Who.FIRST_RUN : Who.NOBODY, null, false, null, false, null, hours()));
    }

    @PostMapping("/api/sign-in/adult")
    Session signIn(@Valid @RequestBody AdultSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        List<Count> counts = doorkeeper.ofPasswords(asked.name, request);
        guesses.requireEffort(counts);
        Person.Grown person = adults.open(asked.name, asked.password).orElseThrow(() -> {
            guesses.wrong(counts);
            return Refusal.wrongSignIn(inWords("access.name-and-password-do-not-go"));
        });
        devices.rememberFor(person.adultId(), request, response);
        signIns.openAdult(person, request, response);
        return sessionOf(person, false);
    }

    @PostMapping("/api/sign-in/student")
    Session signIn(@Valid @RequestBody StudentSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        List<Count> counts = doorkeeper.ofCodes(request);
        guesses.requireEffort(counts);
        long student = codes.use(asked.code).orElseThrow(() -> {
            guesses.wrong(counts);
            return Refusal.wrongSignIn(inWords("everyone.we-do-not-know-this-code-look-at"));
        });
        boolean shared = !Boolean.TRUE.equals(asked.ownDevice);
        devices.remember(request, response);
        signIns.openStudent(student, shared, request, response);
        return Session.ofStudent(student, shared, school);
    }

    @PostMapping("/api/sign-out")
    void signOut(HttpServletRequest request) {
        SecurityContextHolder.clearContext();
        if (request.getSession(false) != null) {
            request.getSession().invalidate();
        }
    }

    private Session sessionOf(Person person, boolean shared) {
        if (person instanceof Person.Grown adult) {
            return new Session(
                    Who.ADULT,
                    adult.displayName(),
                    adults.mustChangePassword(adult.adultId()),
                    null,
                    false,
                    adults.language(adult.adultId()).orElse(null),
                    hours());
        }
        return Session.ofStudent(((Person.Learner) person).studentId(), shared, school);
    }

    private @Nullable Hours hours() {
        return school.hours().orElse(null);
    }
}
