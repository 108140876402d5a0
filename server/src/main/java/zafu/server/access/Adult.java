package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An account of a grown-up. */
@Entity
class Adult {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String name = "";
    String displayName = "";
    /** Empty for an account that cannot be opened yet. */
    String passwordHash = "";

    boolean administrator;
    /** Set when somebody else chose the password. */
    boolean mustChangePassword;

    /** How often everybody who was signed in to it was signed out: with each new password, and when its owner asks. */
    long signInCount;

    /** Since when it cannot be opened any more. */
    @Nullable
    Instant closedAt;

    /** Whether they look after what all classes share, without being an administrator. */
    boolean keepsShared;

    /** In which Zafu speaks to them; absent where they have not chosen one. */
    @Nullable
    String language;

    /** Whether the first steps are shown where a class has not taken them. */
    boolean ledThrough = true;

    String sourceId = UUID.randomUUID().toString();

    @Version
    long version;

    Person.Grown asPerson() {
        return new Person.Grown(id, displayName, administrator, administrator || keepsShared);
    }

    /** Nothing is to be had before a password that somebody else chose is changed. */
    String role() {
        return mustChangePassword ? "ROLE_ADULT_WITH_GIVEN_PASSWORD" : "ROLE_ADULT";
    }
}
