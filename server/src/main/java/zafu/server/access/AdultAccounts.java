package zafu.server.access;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Accounts of adults: made, and opened with name and password. */
@Service
public class AdultAccounts {
    private final AdultRepository adults;
    private final PasswordEncoder passwords;
    private final String hashOfNobody;

    AdultAccounts(AdultRepository adults, PasswordEncoder passwords) {
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

    /** An unknown name takes as long as a wrong password, so that names cannot be fished for. */
    Optional<Person.Grown> open(String name, String password) {
        Optional<Adult> found = adults.findByName(name.strip());
        boolean right = passwords.matches(
                password, found.map(adult -> adult.passwordHash).orElse(hashOfNobody));
        return found.filter(adult -> right).map(Adult::asPerson);
    }
}
