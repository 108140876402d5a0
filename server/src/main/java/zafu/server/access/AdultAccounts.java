package zafu.server.access;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.Sort;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import zafu.server.platform.Refusal;

/** Accounts of adults: made, and opened with name and password. */
@Service
public class AdultAccounts {
    private final AdultRepository adults;
    private final PasswordEncoder passwords;
    private final String hashOfNobody;
    private final Clock clock;

    AdultAccounts(AdultRepository adults, PasswordEncoder passwords, Clock clock) {
        this.clock = clock;
        this.adults = adults;
        this.passwords = passwords;
        this.hashOfNobody = passwords.encode("nobody signs in with this");
    }

    public boolean none() {
        return adults.count() == 0;
    }

    /** Makes an account and returns its id. */
    public long create(String name, String displayName, String password, boolean administrator) {
        Adult adult = new Adult();
        adult.name = name;
        adult.displayName = displayName;
        adult.passwordHash = passwords.encode(password);
        adult.administrator = administrator;
        return adults.save(adult).id;
    }

    public Map<Long, String> displayNames(Collection<Long> ids) {
        return adults.findAllById(ids).stream()
                .collect(Collectors.toMap(adult -> adult.id, adult -> adult.displayName));
    }

    /**
     * An account as administrators see it.
     *
     * @param keepsShared whether they look after what all classes share, without being an administrator
     * @param closed whether it cannot be opened any more
     */
    public record AdultCard(
            long id,
            String sourceId,
            String name,
            String displayName,
            boolean administrator,
            boolean keepsShared,
            boolean closed,
            boolean hasPassword,
            boolean mustChangePassword) {}

    public List<AdultCard> all() {
        return adults.findAll(Sort.by("displayName", "id")).stream()
                .map(each -> new AdultCard(
                        each.id,
                        each.sourceId,
                        each.name,
                        each.displayName,
                        each.administrator,
                        each.keepsShared,
                        each.closedAt != null,
                        !each.passwordHash.isEmpty(),
                        each.mustChangePassword))
                .toList();
    }

    public boolean isTaken(String name) {
        return adults.findByName(name).isPresent();
    }

    /** Makes an account that cannot be opened until an administrator gives it a password. */
    public long createWithoutPassword(String name, String displayName, String sourceId) {
        Adult adult = new Adult();
        adult.name = name;
        adult.displayName = displayName;
        adult.sourceId = sourceId;
        return adults.save(adult).id;
    }

    /** Whether the first steps are still to be shown. */
    public boolean isLedThrough(long adultId) {
        return require(adultId).ledThrough;
    }

    /** Shows the first steps, or no longer. */
    public void setLedThrough(long adultId, boolean led) {
        require(adultId).ledThrough = led;
    }

    /** The language that the adult chose for themselves. */
    public Optional<String> language(long adultId) {
        return Optional.ofNullable(require(adultId).language);
    }

    void setLanguage(long adultId, String language) {
        require(adultId).language = language;
    }

    /** Takes an account out again that nobody ever could open and that has no place anywhere. */
    public void removeUnused(long adultId) {
        adults.removeUnused(adultId);
    }

    public void link(long adultId, String sourceId) {
        require(adultId).sourceId = sourceId;
    }

    /** Gives the account a password that its owner has to change at the next sign-in. */
    public void resetPassword(long adultId, String password) {
        Adult adult = require(adultId);
        adult.passwordHash = passwords.encode(password);
        adult.mustChangePassword = true;
        adult.signInCount++;
        adults.save(adult);
    }

    /** Signs everybody out who is signed in with this account, on every device. */
    void signOutEverywhere(long adultId) {
        require(adultId).signInCount++;
    }

    /** Makes the account one that cannot be opened, and ends whatever is open; or one that can be opened again. */
    public void setClosed(long adultId, boolean closed) {
        Adult adult = require(adultId);
        if (closed && adult.closedAt == null) {
            adult.signInCount++;
            adult.closedAt = clock.instant();
        } else if (!closed) {
            adult.closedAt = null;
        }
        adults.save(adult);
    }

    /** Says what the adult looks after besides their classes. */
    public void setRights(long adultId, boolean administrator, boolean keepsShared) {
        Adult adult = require(adultId);
        adult.administrator = administrator;
        adult.keepsShared = keepsShared;
        adults.save(adult);
    }

    boolean isPassword(long adultId, String password) {
        return passwords.matches(password, require(adultId).passwordHash);
    }

    void changePassword(long adultId, String password) {
        Adult adult = require(adultId);
        adult.passwordHash = passwords.encode(password);
        adult.mustChangePassword = false;
        adult.signInCount++;
        adults.save(adult);
    }

    boolean mustChangePassword(long adultId) {
        return require(adultId).mustChangePassword;
    }

    private Adult require(long adultId) {
        return adults.findById(adultId).orElseThrow(() -> Refusal.notFound("adult"));
    }

    /** An unknown name takes as long as a wrong password, so that names cannot be fished for. */
    Optional<Person.Grown> open(String name, String password) {
        Optional<Adult> found = adults.findByName(name.strip()).filter(adult -> !adult.passwordHash.isEmpty());
        boolean right = passwords.matches(
                password, found.map(adult -> adult.passwordHash).orElse(hashOfNobody));
        return found.filter(adult -> right && adult.closedAt == null).map(Adult::asPerson);
    }
}
