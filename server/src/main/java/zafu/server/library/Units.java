package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.library.UnitApi.UnitEdit;
import zafu.server.platform.Refusal;
import zafu.server.skill.Skills;

/** Units of the school: every adult sees them, whoever made one and the administrators change it. */
@Service
public class Units {
    private final LibraryUnitRepository units;
    private final LibraryItemRepository items;
    private final ItemAccess access;
    private final Skills skills;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;

    Units(
            LibraryUnitRepository units,
            LibraryItemRepository items,
            ItemAccess access,
            Skills skills,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock) {
        this.units = units;
        this.items = items;
        this.access = access;
        this.skills = skills;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
    }

    /**
     * A unit.
     *
     * @param items that the signed-in adult may see, in order
     * @param skills that should be held when it begins
     */
    public record UnitShown(
            long id,
            String title,
            String about,
            @Nullable LocalDate beginsOn,
            List<UnitItem> items,
            List<Long> skills,
            boolean mayEdit,
            long version) {}

    public record UnitItem(long id, ItemKind kind, String title, @Nullable Integer minutes) {}

    /** By title. */
    @Transactional(readOnly = true)
    public List<UnitShown> all() {
        List<LibraryUnit> found = units.findByDeletedAtIsNullOrderByTitle();
        Map<Long, LibraryItem> seen = new LinkedHashMap<>();
        items
                .findByIdIn(found.stream()
                        .flatMap(unit -> unit.items.stream())
                        .distinct()
                        .toList())
                .stream()
                .filter(item -> item.deletedAt == null && access.maySee(item))
                .forEach(item -> seen.put(item.id, item));
        return found.stream().map(unit -> shown(unit, seen)).toList();
    }

    public UnitShown unit(long unitId) {
        return all().stream()
                .filter(unit -> unit.id() == unitId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("unit"));
    }

    private UnitShown shown(LibraryUnit unit, Map<Long, LibraryItem> seen) {
        List<UnitItem> own = unit.items.stream()
                .filter(seen::containsKey)
                .map(seen::get)
                .map(item -> new UnitItem(item.id, item.kind, item.title, item.minutes))
                .toList();
        return new UnitShown(
                unit.id,
                unit.title,
                unit.about,
                unit.beginsOn,
                own,
                List.copyOf(unit.skills),
                mayChange(unit),
                unit.version);
    }

    private boolean mayChange(LibraryUnit unit) {
        return current.adult().administrator()
                || (unit.createdBy != null && unit.createdBy == current.adult().adultId());
    }

    @Transactional
    long save(@Nullable Long id, UnitEdit wanted) {
        LibraryUnit unit = id == null ? new LibraryUnit() : toChange(id);
        if (id == null) {
            unit.createdBy = current.adult().adultId();
        } else if (wanted.version() == null || wanted.version() != unit.version) {
            throw new OptimisticLockingFailureException("unit " + id);
        }
        skills.requireFor(null, wanted.skills());
        List<Long> seen = items.findByIdIn(wanted.items()).stream()
                .filter(access::maySee)
                .map(item -> item.id)
                .toList();
        if (!seen.containsAll(wanted.items())) {
            throw Refusal.notFound("item");
        }
        unit.title = wanted.title().strip();
        unit.about = wanted.about().strip();
        unit.beginsOn = wanted.beginsOn();
        if (!new ArrayList<>(unit.items).equals(wanted.items())) {
            unit.items.clear();
            unit.items.addAll(wanted.items().stream().distinct().toList());
        }
        unit.skills = new TreeSet<>(wanted.skills());
        LibraryUnit saved = units.saveAndFlush(unit);
        audit.note(null, "unit.saved", saved.id, saved.title);
        return saved.id;
    }

    private LibraryUnit toChange(long unitId) {
        LibraryUnit unit = units.findById(unitId).orElseThrow(() -> Refusal.notFound("unit"));
        if (!mayChange(unit)) {
            throw Refusal.notAllowed(inWords("library.is-for-whoever-made-it-to-change", "title", unit.title));
        }
        return unit;
    }

    @Transactional
    void delete(long unitId, boolean away) {
        LibraryUnit unit = toChange(unitId);
        unit.deletedAt = away ? clock.instant() : null;
        audit.note(null, away ? "unit.deleted" : "unit.restored", unitId, unit.title);
    }
}
