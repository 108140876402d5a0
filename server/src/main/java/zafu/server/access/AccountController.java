package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.Guesses.Count;
import zafu.server.access.OpenSessions.Place;
import zafu.server.platform.Refusal;
import zafu.server.platform.SpokenLanguage;

/** An adult's own account: password, where they are signed in, and what is shown to them. */
@RestController
class AccountController {
    private final AdultAccounts adults;
    private final OpenSessions sessions;
    private final Guesses guesses;
    private final Doorkeeper doorkeeper;
    private final SignIns signIns;
    private final CurrentPerson current;
    private final AuditTrail audit;

    AccountController(
            AdultAccounts adults,
            OpenSessions sessions,
            Guesses guesses,
            Doorkeeper doorkeeper,
            SignIns signIns,
            CurrentPerson current,
            AuditTrail audit) {
        this.adults = adults;
        this.sessions = sessions;
        this.guesses = guesses;
        this.doorkeeper = doorkeeper;
        this.signIns = signIns;
        this.current = current;
        this.audit = audit;
    }

    record PasswordChange(
            @NotBlank @Size(max = 200) String before,
            @Size(min = 10, max = 200, message = "{needs-letters}") String password) {}

    /** @param shown whether the first steps are shown in classes that have not taken them */
    record FirstStepsWanted(boolean shown) {}

    @PutMapping("/api/account/first-steps")
    @Transactional
    public void firstSteps(@Valid @RequestBody FirstStepsWanted wanted) {
        adults.setLedThrough(current.adult().adultId(), wanted.shown());
    }

    /** @param language one of those that Zafu speaks to adults, as a tag such as "fr" */
    record LanguageWanted(@NotBlank @Size(max = 12) String language) {}

    @PutMapping("/api/account/language")
    @Transactional
    public void language(@Valid @RequestBody LanguageWanted wanted) {
        SpokenLanguage.require(SpokenLanguage.TO_ADULTS, wanted.language());
        adults.setLanguage(current.adult().adultId(), wanted.language());
    }

    /** Everywhere else the account is signed out. */
    @PutMapping("/api/account/password")
    @Transactional
    public void changePassword(
            @Valid @RequestBody PasswordChange change, HttpServletRequest request, HttpServletResponse response) {
        Person.Grown person = current.adult();
        long adult = person.adultId();
        List<Count> counts = doorkeeper.ofOwnPassword(adult);
        guesses.requireEffort(counts);
        if (!adults.isPassword(adult, change.before)) {
            guesses.wrong(counts);
            throw Refusal.unusableField(
                    "wrong-password", "before", inWords("access.this-is-not-your-current-password"));
        }
        adults.changePassword(adult, change.password);
        audit.note(null, "password.changed", adult, "");
        signIns.openAdult(person, request, response);
    }

    @GetMapping("/api/account/sign-ins")
    List<Place> signedIn(HttpServletRequest request) {
        return sessions.of(current.adult(), request.getSession().getId());
    }

    @DeleteMapping("/api/account/sign-ins/{key}")
    @Transactional
    public void signOut(@PathVariable String key) {
        sessions.end(current.adult(), key);
        audit.note(null, "signed-out.there", current.adult().adultId(), "");
    }

    /** Everywhere but here. */
    @PostMapping("/api/account/sign-out-everywhere")
    @Transactional
    public void signOutEverywhere(HttpServletRequest request, HttpServletResponse response) {
        Person.Grown person = current.adult();
        adults.signOutEverywhere(person.adultId());
        audit.note(null, "signed-out.everywhere", person.adultId(), "");
        signIns.openAdult(person, request, response);
    }
}
