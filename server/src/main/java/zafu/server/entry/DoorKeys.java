package zafu.server.entry;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import zafu.server.access.EntryCodes;
import zafu.server.access.Guesses;
import zafu.server.access.Guesses.Count;
import zafu.server.platform.Refusal;

/** Finds the door that a code and a password open; a wrong code sounds and lasts like a wrong password. */
@Component
class DoorKeys {
    private static final int AT_A_DOOR = 8;
    private static final int FROM_AN_ADDRESS = 60;
    private final ClassDoorRepository classes;
    private final GroupDoorRepository groups;
    private final PasswordEncoder passwords;
    private final Guesses guesses;
    private final String hashOfNoDoor;

    DoorKeys(ClassDoorRepository classes, GroupDoorRepository groups, PasswordEncoder passwords, Guesses guesses) {
        this.classes = classes;
        this.groups = groups;
        this.passwords = passwords;
        this.guesses = guesses;
        this.hashOfNoDoor = passwords.encode("no door opens with this");
    }

    /** The door of a class, or of one of its groups. */
    record Door(long classId, @Nullable Long groupId, String passwordHash, boolean opened) {}

    /** @param purpose what the door is opened for; each has an allowance of its own */
    Door open(String typed, String password, String purpose) {
        String code = EntryCodes.plain(typed);
        List<Count> counts =
                List.of(new Count(purpose + " " + code, AT_A_DOOR), guesses.address(purpose, FROM_AN_ADDRESS));
        guesses.requireEffort(counts);
        Optional<Door> door = find(code);
        boolean right = passwords.matches(password, door.map(Door::passwordHash).orElse(hashOfNoDoor));
        if (door.isEmpty() || !right) {
            guesses.wrong(counts);
            throw Refusal.wrongSignIn(inWords("everyone.code-and-password-do-not-go"));
        }
        if (!door.get().opened()) {
            throw Refusal.conflict("door-closed", inWords("everyone.nobody-is-taken-in-just-now-please"));
        }
        return door.get();
    }

    /** As {@link #open}, for a group alone. */
    long openGroup(GroupDoorApi.GroupKey key) {
        Long groupId = open(key.code(), key.password(), "joining a group").groupId();
        if (groupId == null) {
            throw Refusal.conflict("no-group", inWords("everyone.this-is-the-code-of-a-class-not-of"));
        }
        return groupId;
    }

    /** Whether the door is open by which somebody came: that of a group where they came with its code, else the class's. */
    boolean isOpen(long classId, @Nullable Long groupId) {
        return groupId == null
                ? classes.findByClassId(classId).filter(each -> each.opened).isPresent()
                : groups.findByGroupId(groupId).filter(each -> each.opened).isPresent();
    }

    private Optional<Door> find(String code) {
        return classes.findByCode(code)
                .map(each -> new Door(each.classId, null, each.passwordHash, each.opened))
                .or(() -> groups.findByCode(code)
                        .map(each -> new Door(each.classId, each.groupId, each.passwordHash, each.opened)));
    }
}
