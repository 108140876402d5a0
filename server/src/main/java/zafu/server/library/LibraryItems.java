package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.library.LibraryApi.ItemEdit;
import zafu.server.library.LibraryApi.ItemView;
import zafu.server.library.LibraryApi.LessonHtml;
import zafu.server.library.LibraryApi.QuestionName;
import zafu.server.library.LibraryApi.SkillUse;
import zafu.server.platform.Refusal;

/** Shows and keeps items. What an item said before a change is kept, for work that was handed in before it. */
@Service
class LibraryItems {
    private final LibraryItemRepository items;
    private final ItemQuestions questions;
    private final ItemEditionRepository editions;
    private final LibraryStarRepository stars;
    private final LibraryChangeRepository changes;
    private final LibraryFileRepository files;
    private final ItemCheck check;
    private final ItemAccess access;
    private final CurrentPerson current;
    private final AdultAccounts adults;
    private final AuditTrail audit;
    private final EntityManager entities;
    private final Clock clock;

    LibraryItems(
            LibraryItemRepository items,
            ItemQuestions questions,
            ItemEditionRepository editions,
            LibraryStarRepository stars,
            LibraryChangeRepository changes,
            LibraryFileRepository files,
            ItemCheck check,
            ItemAccess access,
            CurrentPerson current,
            AdultAccounts adults,
            AuditTrail audit,
            EntityManager entities,
            Clock clock) {
        this.items = items;
        this.questions = questions;
        this.editions = editions;
        this.stars = stars;
        this.changes = changes;
        this.files = files;
        this.check = check;
        this.access = access;
        this.current = current;
        this.adults = adults;
        this.audit = audit;
        this.entities = entities;
        this.clock = clock;
    }

    LibraryItem requireSee(long itemId) {
        return access.requireSee(items.findById(itemId).orElseThrow(() -> Refusal.notFound("item")));
    }

    @Transactional(readOnly = true)
    ItemView view(long itemId) {
        LibraryItem item = requireSee(itemId);
        LibraryFile file =
                item.fileId == null ? null : files.findById(item.fileId).orElse(null);
        return new ItemView(
                item.id,
                item.kind,
                item.title,
                item.body,
                Markdown.html(item.body),
                item.language,
                item.sameAs,
                item.sameAs == null
                        ? null
                        : items.findById(item.sameAs)
                                .filter(access::maySee)
                                .map(same -> same.title)
                                .orElse(null),
                item.minutes,
                item.levelMeasureId,
                item.levelLow,
                item.levelHigh,
                item.gradeLow,
                item.gradeHigh,
                item.skills.stream()
                        .map(each -> new SkillUse(each.skillId(), each.role()))
                        .toList(),
                item.visibility,
                item.classId,
                item.tagList(),
                item.licence,
                item.address,
                item.aims,
                item.steps,
                item.materials,
                new LessonHtml(Markdown.html(item.aims), Markdown.html(item.steps), Markdown.html(item.materials)),
                file == null ? null : LibraryFiles.kept(file),
                questions.of(itemId),
                stars.existsById(new LibraryStar.Key(current.adult().adultId(), itemId)),
                nameOf(item.createdBy),
                LocalDate.ofInstant(item.createdAt, clock.getZone()),
                item.deletedAt == null && access.mayChange(item),
                editions.countByItemId(itemId),
                item.version);
    }

    private @Nullable String nameOf(@Nullable Long adultId) {
        return adultId == null ? null : adults.displayNames(List.of(adultId)).get(adultId);
    }

    /** @return the item's id */
    @Transactional
    long save(@Nullable Long id, ItemEdit wanted) {
        LibraryItem item = id == null ? newItem(wanted) : itemToChange(id, wanted);
        check.requireUsable(wanted);
        check.requireOtherLanguage(id, wanted);
        if (id != null) {
            keepEdition(item, wanted);
        }
        fill(item, wanted);
        LibraryItem saved = items.saveAndFlush(item);
        questions.write(saved.id, wanted.questions() == null ? List.of() : wanted.questions());
        // A change of questions alone must count as a change of the item too.
        entities.lock(saved, LockModeType.OPTIMISTIC_FORCE_INCREMENT);
        noteChange(saved.id);
        audit.note(wanted.classId(), id == null ? "library.added" : "library.changed", saved.id, saved.title);
        return saved.id;
    }

    private LibraryItem newItem(ItemEdit wanted) {
        LibraryItem made = new LibraryItem();
        made.kind = wanted.kind();
        made.createdBy = current.adult().adultId();
        made.createdAt = clock.instant();
        return made;
    }

    private LibraryItem itemToChange(long id, ItemEdit wanted) {
        LibraryItem found =
                items.findById(id).filter(item -> item.deletedAt == null).orElseThrow(() -> Refusal.notFound("item"));
        access.requireChange(found);
        if (found.kind != wanted.kind()) {
            throw Refusal.unusableField("kind-fixed", "kind", inWords("library.what-kind-of-item-it-is-cannot-be"));
        }
        if (wanted.version() == null || wanted.version() != found.version) {
            throw new OptimisticLockingFailureException("library item " + id);
        }
        return found;
    }

    private void keepEdition(LibraryItem item, ItemEdit wanted) {
        boolean same = item.title.equals(wanted.title().strip())
                && item.body.equals(text(wanted.body()))
                && item.address.equals(text(wanted.address()))
                && Objects.equals(item.fileId, wanted.fileId());
        if (!same) {
            ItemEdition old = new ItemEdition();
            old.itemId = item.id;
            old.untilAt = clock.instant();
            old.changedBy = current.adult().adultId();
            old.title = item.title;
            old.body = item.body;
            old.address = item.address;
            old.fileId = item.fileId;
            editions.save(old);
        }
    }

    private static void fill(LibraryItem item, ItemEdit wanted) {
        item.title = wanted.title().strip();
        item.body = text(wanted.body());
        item.language = wanted.language() == null ? "en" : wanted.language().strip();
        item.sameAs = wanted.sameAs();
        item.minutes = wanted.minutes();
        item.levelMeasureId = wanted.levelMeasureId();
        item.levelLow = wanted.levelLow();
        item.levelHigh = wanted.levelHigh() == null ? wanted.levelLow() : wanted.levelHigh();
        item.gradeLow = wanted.gradeLow();
        item.gradeHigh = wanted.gradeHigh() == null ? wanted.gradeLow() : wanted.gradeHigh();
        item.visibility = wanted.visibility() == null ? Visibility.SCHOOL : wanted.visibility();
        item.classId = item.visibility == Visibility.CLASS ? wanted.classId() : null;
        item.tags = wanted.tags() == null
                ? ""
                : wanted.tags().stream().map(String::strip).distinct().collect(Collectors.joining("\n"));
        item.licence = text(wanted.licence());
        item.address = text(wanted.address());
        item.aims = text(wanted.aims());
        item.steps = text(wanted.steps());
        item.materials = text(wanted.materials());
        item.fileId = wanted.fileId();
        List<SkillUse> skills = wanted.skills() == null ? List.of() : wanted.skills();
        item.skills = skills.stream()
                .map(each -> new LibraryItem.ItemSkill(each.skillId(), each.role()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static String text(@Nullable String given) {
        return given == null ? "" : given.strip();
    }

    private void noteChange(long itemId) {
        LibraryChange change = new LibraryChange();
        change.itemId = itemId;
        changes.save(change);
    }

    /** @return the copy's id */
    @Transactional
    long copy(long itemId) {
        ItemView from = view(itemId);
        List<LibraryApi.QuestionShown> own = from.questions().stream()
                .map(each -> new LibraryApi.QuestionShown(
                        null, each.kind(), each.prompt(), each.points(), each.skillId(), each.body()))
                .toList();
        String title = inWords("library.copy-of", "title", from.title());
        return save(
                null,
                new ItemEdit(
                        from.kind(),
                        title.length() > 200 ? title.substring(0, 200) : title,
                        from.body(),
                        from.language(),
                        from.sameAs(),
                        from.minutes(),
                        from.levelMeasureId(),
                        from.levelLow(),
                        from.levelHigh(),
                        from.gradeLow(),
                        from.gradeHigh(),
                        from.skills(),
                        Visibility.PRIVATE,
                        null,
                        from.tags(),
                        from.licence(),
                        from.address(),
                        from.aims(),
                        from.steps(),
                        from.materials(),
                        from.file() == null ? null : from.file().id(),
                        own,
                        null));
    }

    @Transactional
    void delete(Collection<Long> ids) {
        for (LibraryItem item : items.findByIdIn(ids)) {
            access.requireChange(item);
            item.deletedAt = clock.instant();
            noteChange(item.id);
            audit.note(item.classId, "library.deleted", item.id, item.title);
        }
    }

    @Transactional
    void restore(Collection<Long> ids) {
        for (LibraryItem item : items.findByIdIn(ids)) {
            access.requireChange(item);
            item.deletedAt = null;
            noteChange(item.id);
            audit.note(item.classId, "library.restored", item.id, item.title);
        }
    }

    @Transactional
    void star(long itemId, boolean starred) {
        requireSee(itemId);
        LibraryStar.Key key = new LibraryStar.Key(current.adult().adultId(), itemId);
        if (!starred) {
            stars.findById(key).ifPresent(stars::delete);
        } else if (!stars.existsById(key)) {
            LibraryStar star = new LibraryStar();
            star.adultId = key.adultId();
            star.itemId = itemId;
            stars.save(star);
        }
    }

    /** Names of questions in the order asked for; those of items that the adult may not see are left out. */
    @Transactional(readOnly = true)
    List<QuestionName> questionNames(List<Long> ids) {
        List<QuestionRow> rows = questions.rows(ids);
        Map<Long, LibraryItem> sets = new LinkedHashMap<>();
        items.findByIdIn(rows.stream().map(row -> row.itemId).distinct().toList()).stream()
                .filter(access::maySee)
                .forEach(item -> sets.put(item.id, item));
        Map<Long, QuestionName> byId = new LinkedHashMap<>();
        rows.stream()
                .filter(row -> sets.containsKey(row.itemId))
                .forEach(row -> byId.put(
                        row.id,
                        new QuestionName(row.id, row.prompt, row.points, row.itemId, sets.get(row.itemId).title)));
        return new ArrayList<>(
                ids.stream().map(byId::get).filter(Objects::nonNull).toList());
    }
}
