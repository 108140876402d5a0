package zafu.server.library;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.library.UnitApi.UnitEdit;
import zafu.server.library.UnitApi.UnitId;

/** Units: ordered collections of items. */
@RestController
class UnitController {
    private final Units units;

    UnitController(Units units) {
        this.units = units;
    }

    @GetMapping("/api/library/units")
    List<Units.UnitShown> all() {
        return units.all();
    }

    @PostMapping("/api/library/units")
    UnitId add(@Valid @RequestBody UnitEdit wanted) {
        return new UnitId(units.save(null, wanted));
    }

    @PutMapping("/api/library/units/{unitId}")
    UnitId change(@PathVariable long unitId, @Valid @RequestBody UnitEdit wanted) {
        return new UnitId(units.save(unitId, wanted));
    }

    @DeleteMapping("/api/library/units/{unitId}")
    void delete(@PathVariable long unitId) {
        units.delete(unitId, true);
    }

    @PostMapping("/api/library/units/{unitId}/restored")
    void restore(@PathVariable long unitId) {
        units.delete(unitId, false);
    }
}
