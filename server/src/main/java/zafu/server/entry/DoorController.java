package zafu.server.entry;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.entry.DoorApi.DoorEdit;
import zafu.server.entry.DoorApi.DoorShown;
import zafu.server.entry.DoorApi.JoinAsked;
import zafu.server.entry.DoorApi.JoinState;
import zafu.server.entry.DoorApi.JoinToken;
import zafu.server.entry.DoorApi.JoinedAs;
import zafu.server.entry.DoorApi.LetIn;
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
        doors.letIn(classId, requestId, said == null ? null : said.who());
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
