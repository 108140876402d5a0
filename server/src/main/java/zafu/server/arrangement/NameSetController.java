package zafu.server.arrangement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Sets of names for groups. */
@RestController
class NameSetController {
    private final NameSets sets;

    NameSetController(NameSets sets) {
        this.sets = sets;
    }

    /** @param id absent for those that ship with the application */
    record NameSetShown(@Nullable Long id, String title, List<String> names) {}

    record NewNameSet(@NotBlank @Size(max = 60) String title, @NotNull @Size(max = 30) List<@NotNull String> names) {}

    record KeptNameSet(long id) {}

    /** Those that ship with the application first, then the adult's own. */
    @GetMapping("/api/name-sets")
    List<NameSetShown> mine() {
        return sets.mine();
    }

    @PostMapping("/api/name-sets")
    KeptNameSet keep(@Valid @RequestBody NewNameSet wanted) {
        return new KeptNameSet(sets.keep(wanted));
    }

    @DeleteMapping("/api/name-sets/{nameSetId}")
    void remove(@PathVariable long nameSetId) {
        sets.remove(nameSetId);
    }
}
