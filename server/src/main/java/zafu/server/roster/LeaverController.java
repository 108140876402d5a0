package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The end of a year: who has left, seen first and then erased together. */
@RestController
class LeaverController {
    private final Leavers leavers;

    LeaverController(Leavers leavers) {
        this.leavers = leavers;
    }

    /**
     * @param left the day on which the student was archived, or left the last class
     * @param classes by name, those of earlier years too
     */
    record Leaver(long id, String name, LocalDate left, List<String> classes) {}

    record LeaversErased(@NotNull LocalDate before, @NotEmpty @Size(max = 5000) List<@NotNull Long> students) {}

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
