package zafu.server.entry;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import zafu.server.access.EntryCodes;
import zafu.server.access.FailureThrottle;
import zafu.server.platform.Refusal;

/** Finds the door that a code and a password open; a wrong code sounds and lasts like a wrong password. */
@Component
class DoorKeys {
    private final ClassDoorRepository classes;
    private final GroupDoorRepository groups;
    private final PasswordEncoder passwords;
    private final FailureThrottle throttle;
    private final String hashOfNoDoor;

    DoorKeys(
            ClassDoorRepository classes,
            GroupDoorRepository groups,
            PasswordEncoder passwords,
            FailureThrottle throttle) {
        this.classes = classes;
        this.groups = groups;
        this.passwords = passwords;
        this.throttle = throttle;
        this.hashOfNoDoor = passwords.encode("no door opens with this");
    }

    /** The door of a class, or of one of its groups. */
    record Door(long classId, @Nullable Long groupId, String passwordHash, boolean opened) {}

    Door open(String typed, String password, String address) {
        String code = EntryCodes.plain(typed);
        throttle.requireCalm("door " + code, address);
        Optional<Door> door = find(code);
        boolean right = passwords.matches(password, door.map(Door::passwordHash).orElse(hashOfNoDoor));
        if (door.isEmpty() || !right) {
            throttle.failed("door " + code, address);
            throw Refusal.wrongSignIn("Code and password do not go together. Please ask your teacher.");
        }
        if (!door.get().opened()) {
            throw Refusal.conflict("door-closed", "Nobody is taken in just now. Please ask your teacher.");
        }
        return door.get();
    }

    /** As {@link #open}, for a group alone. */
    long openGroup(GroupDoorController.GroupKey key, String address) {
        Long groupId = open(key.code(), key.password(), address).groupId();
        if (groupId == null) {
            throw Refusal.conflict("no-group", "This is the code of a class, not of a group.");
        }
        return groupId;
    }

    private Optional<Door> find(String code) {
        return classes.findByCode(code)
                .map(each -> new Door(each.classId, null, each.passwordHash, each.opened))
                .or(() -> groups.findByCode(code)
                        .map(each -> new Door(each.classId, each.groupId, each.passwordHash, each.opened)));
    }
}
