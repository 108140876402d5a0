package zafu.server.roster;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.LeaverApi.Leaver;
import zafu.server.roster.LeaverApi.LeaversErased;

/** The end of a year: who has left, seen first and then erased together. */
@RestController
class LeaverController {
    private final Leavers leavers;

    LeaverController(Leavers leavers) {
        this.leavers = leavers;
    }

    @GetMapping("/api/school/leavers")
    List<Leaver> before(@RequestParam LocalDate before) {
        return leavers.before(before);
    }

    /** For good: nothing brings them back but a backup. */
    @PostMapping("/api/school/leavers/erased")
    void erase(@Valid @RequestBody LeaversErased wanted) {
        leavers.erase(wanted.before(), wanted.students());
    }
}
