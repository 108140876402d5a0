package zafu.server.entry;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.platform.OwnCookies;
import zafu.server.platform.Secrets;

/** The door of a class: a code and a password, a list of who asks, and the teacher's word. */
@RestController
class DoorController {
    /** The cookie by which the browser is known that asked. */
    private static final String BROWSER = "zafu_join";

    private final Doors doors;

    DoorController(Doors doors) {
        this.doors = doors;
    }

    /** @param code absent where the class never had a door */
    record DoorShown(
            @Nullable String code,
            boolean opened,
            List<AskingShown> asking,
            List<GroupDoorController.AskingForGroup> askingForGroups) {}

    /**
     * @param group into which they come as well, where they came with its code
     * @param known a student of that name is in the class already and would be that student
     */
    record AskingShown(
            long id, String givenName, String familyName, @Nullable String group, Instant askedAt, boolean known) {}

    /** @param password absent to keep the one there is */
    record DoorEdit(
            boolean opened,
            @Nullable @Size(min = 4, max = 60, message = "needs at least 4 characters") String password) {}

    record JoinAsked(
            @NotBlank @Size(max = 20) String code,
            @NotBlank @Size(max = 60) String password,
            @NotBlank @Size(max = 120) String givenName,
            @NotNull @Size(max = 120) String familyName) {}

    record JoinToken(String token) {}

    record JoinState(JoinRequest.State state) {}

    record JoinedAs(String entryCode) {}

    /** Whether a child whose name is in the class already is the one of that name. */
    enum Known {
        SAME,
        ANOTHER
    }

    /** @param who needed where the name is in the class already */
    record LetIn(@Nullable Known who) {}

    @GetMapping("/api/classes/{classId}/door")
    DoorShown door(@PathVariable long classId) {
        return doors.ofClass(classId);
    }

    @PutMapping("/api/classes/{classId}/door")
    DoorShown set(@PathVariable long classId, @Valid @RequestBody DoorEdit edit) {
        doors.set(classId, edit);
        return doors.ofClass(classId);
    }

    @PostMapping("/api/classes/{classId}/door/{requestId}/let-in")
    void letIn(
            @PathVariable long classId,
            @PathVariable long requestId,
            @RequestBody(required = false) @Nullable LetIn said) {
        doors.letIn(classId, requestId, said == null ? null : said.who);
    }

    @PostMapping("/api/classes/{classId}/door/{requestId}/turn-away")
    void turnAway(@PathVariable long classId, @PathVariable long requestId) {
        doors.turnAway(classId, requestId);
    }

    @PostMapping("/api/join")
    JoinToken join(@Valid @RequestBody JoinAsked asked, HttpServletRequest request, HttpServletResponse response) {
        String browser = Secrets.make(24);
        JoinToken token = new JoinToken(doors.ask(asked, browser));
        OwnCookies.give(BROWSER, browser, OwnCookies.WHILE_OPEN, request, response);
        return token;
    }

    @GetMapping("/api/join/{token}")
    JoinState state(@PathVariable String token, HttpServletRequest request) {
        return new JoinState(doors.state(token, browser(request)));
    }

    /** Tells the code of the student who was let in, once. */
    @PostMapping("/api/join/{token}/code")
    JoinedAs code(@PathVariable String token, HttpServletRequest request) {
        return new JoinedAs(doors.code(token, browser(request)));
    }

    private static String browser(HttpServletRequest request) {
        return OwnCookies.read(BROWSER, request).orElse("");
    }
}
