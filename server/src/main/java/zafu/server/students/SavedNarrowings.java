package zafu.server.students;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.students.StudentsApi.SavedShown;

/** The narrowings that an adult has kept; each has their own. */
@Service
class SavedNarrowings {
    private static final int MOST = 30;
    private final SavedNarrowingRepository saved;
    private final CurrentPerson current;

    SavedNarrowings(SavedNarrowingRepository saved, CurrentPerson current) {
        this.saved = saved;
        this.current = current;
    }

    List<SavedShown> mine() {
        return saved.findByAdultIdOrderByName(current.adult().adultId()).stream()
                .map(each -> new SavedShown(each.id, each.name, each.query))
                .toList();
    }

    @Transactional
    void save(String name, String query) {
        long adult = current.adult().adultId();
        SavedNarrowing kept = saved.findByAdultIdAndName(adult, name).orElseGet(SavedNarrowing::new);
        if (kept.id == null && mine().size() >= MOST) {
            throw Refusal.conflict(
                    "too-many-narrowings", inWords("students.you-have-saved-already-delete-one", "most", MOST));
        }
        kept.adultId = adult;
        kept.name = name;
        kept.query = query;
        saved.save(kept);
    }

    @Transactional
    void forget(long narrowingId) {
        SavedNarrowing found = saved.findById(narrowingId)
                .filter(each -> each.adultId == current.adult().adultId())
                .orElseThrow(() -> Refusal.notFound("narrowing"));
        saved.delete(found);
    }
}
