package zafu.server.library;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.skill.Skills;

/**
 * What the library holds, in memory, so that every narrowing of it is counted at once. Before each look it catches up
 * with what was changed since, on this server or another, by the numbers of the changes.
 */
@Service
public class Catalogue {
    /** Changes that are written side by side may appear out of their order; this many are looked at again. */
    private static final long OVERLAP = 50;

    private final LibraryItemRepository items;
    private final QuestionRepository questions;
    private final LibraryChangeRepository changes;
    private final ItemAccess access;
    private final CurrentPerson current;
    private final Skills skills;
    private final QuestionBodies bodies;
    private final Clock clock;
    private final WordIndex words = new WordIndex();
    private final Map<Long, Entry> entries = new TreeMap<>();
    private long caughtUpTo = -1;

    Catalogue(
            LibraryItemRepository items,
            QuestionRepository questions,
            LibraryChangeRepository changes,
            ItemAccess access,
            CurrentPerson current,
            Skills skills,
            QuestionBodies bodies,
            Clock clock) {
        this.items = items;
        this.questions = questions;
        this.changes = changes;
        this.access = access;
        this.current = current;
        this.skills = skills;
        this.bodies = bodies;
        this.clock = clock;
    }

    /**
     * One item, as far as finding it needs.
     *
     * @param levelLow in the unit of the level measure
     * @param questions how many
     */
    public record Entry(
            long id,
            ItemKind kind,
            String title,
            String language,
            @Nullable Integer minutes,
            @Nullable Long levelMeasureId,
            @Nullable Double levelLow,
            @Nullable Double levelHigh,
            @Nullable Integer gradeLow,
            @Nullable Integer gradeHigh,
            List<Long> trains,
            List<Long> needs,
            List<Long> prepares,
            List<String> tags,
            int questions,
            Visibility visibility,
            @Nullable Long classId,
            @Nullable Long madeBy,
            LocalDate madeOn,
            long version) {}

    /** An entry, and how well it meets the words, 0 to 1; 0 where none were asked for. */
    public record Found(Entry entry, double words) {}

    /** All that the signed-in adult may see and that meets every one of the words. */
    @Transactional(readOnly = true)
    public synchronized List<Found> find(String wanted) {
        catchUp();
        long adult = current.adult().adultId();
        Set<Long> classes = Set.copyOf(access.classes());
        Map<Long, Double> met = wanted.isBlank() ? Map.of() : words.find(wanted);
        return entries.values().stream()
                .filter(entry -> wanted.isBlank() || met.containsKey(entry.id()))
                .filter(entry -> isVisible(entry, adult, classes))
                .map(entry -> new Found(entry, met.getOrDefault(entry.id(), 0.0)))
                .toList();
    }

    private static boolean isVisible(Entry entry, long adult, Set<Long> classes) {
        boolean own = entry.madeBy() != null && entry.madeBy() == adult;
        return switch (entry.visibility()) {
            case SCHOOL -> true;
            case PRIVATE -> own;
            case CLASS -> own || classes.contains(entry.classId());
        };
    }

    private void catchUp() {
        List<LibraryItem> changed;
        if (caughtUpTo < 0) {
            caughtUpTo = changes.findTopByOrderByIdDesc().map(last -> last.id).orElse(0L);
            changed = items.findAll();
        } else {
            Set<Long> ids = new LinkedHashSet<>();
            for (LibraryChange change : changes.findByIdGreaterThan(caughtUpTo - OVERLAP)) {
                caughtUpTo = Math.max(caughtUpTo, change.id);
                ids.add(change.itemId);
            }
            changed = ids.isEmpty() ? List.of() : outdated(items.findByIdIn(ids));
        }
        if (!changed.isEmpty()) {
            take(changed);
        }
    }

    private List<LibraryItem> outdated(Collection<LibraryItem> touched) {
        return touched.stream()
                .filter(item -> {
                    Entry known = entries.get(item.id);
                    return known == null ? item.deletedAt == null : known.version() != item.version;
                })
                .toList();
    }

    private void take(List<LibraryItem> changed) {
        List<Long> ids = changed.stream().map(item -> item.id).toList();
        Map<Long, List<QuestionRow>> byItem =
                questions.findByItemIdInAndRemovedFalseOrderByItemIdAscPlaceAsc(ids).stream()
                        .collect(Collectors.groupingBy(row -> row.itemId));
        Map<Long, Skills.SkillName> skillNames = skills.names();
        List<WordIndex.Words> indexed = new ArrayList<>();
        List<Long> gone = new ArrayList<>();
        for (LibraryItem item : changed) {
            if (item.deletedAt != null) {
                entries.remove(item.id);
                gone.add(item.id);
            } else {
                List<QuestionRow> own = byItem.getOrDefault(item.id, List.of());
                entries.put(item.id, entry(item, own.size()));
                indexed.add(new WordIndex.Words(item.id, item.title, textOf(item, own, skillNames)));
            }
        }
        words.put(indexed, gone);
    }

    private String textOf(LibraryItem item, List<QuestionRow> own, Map<Long, Skills.SkillName> skillNames) {
        List<String> parts = new ArrayList<>(
                List.of(item.body, item.aims, item.steps, item.materials, item.tags, item.address, item.licence));
        item.skillsThat(SkillRole.TRAINS).stream()
                .filter(skillNames::containsKey)
                .forEach(skill -> parts.add(skillNames.get(skill).name()));
        for (QuestionRow row : own) {
            parts.add(row.prompt);
            QuestionBody body = bodies.read(row.body);
            if (body.options() != null) {
                parts.addAll(body.options());
            }
        }
        return String.join("\n", parts);
    }

    private Entry entry(LibraryItem item, int ownQuestions) {
        return new Entry(
                item.id,
                item.kind,
                item.title,
                item.language,
                item.minutes,
                item.levelMeasureId,
                item.levelLow,
                item.levelHigh,
                item.gradeLow,
                item.gradeHigh,
                item.skillsThat(SkillRole.TRAINS),
                item.skillsThat(SkillRole.NEEDS),
                item.skillsThat(SkillRole.PREPARES),
                item.tagList(),
                ownQuestions,
                item.visibility,
                item.classId,
                item.createdBy,
                LocalDate.ofInstant(item.createdAt, clock.getZone()),
                item.version);
    }

    @PreDestroy
    void close() {
        words.close();
    }
}
