package zafu.server.arrangement;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.NameSetApi.KeptNameSet;
import zafu.server.arrangement.NameSetApi.NameSetShown;
import zafu.server.arrangement.NameSetApi.NewNameSet;

/** Sets of names for groups. */
@RestController
class NameSetController {
    private final NameSets sets;

    NameSetController(NameSets sets) {
        this.sets = sets;
    }

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
