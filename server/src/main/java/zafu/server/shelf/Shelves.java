package zafu.server.shelf;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.library.ItemKind;
import zafu.server.library.Library;
import zafu.server.link.LinkChecks;
import zafu.server.platform.Refusal;
import zafu.server.shelf.ShelfApi.OnShelf;
import zafu.server.shelf.ShelfApi.Put;
import zafu.server.shelf.ShelfApi.Shelf;
import zafu.server.shelf.ShelfApi.ShelfEdit;
import zafu.server.shelf.ShelfApi.ShelfPlace;

/** Keeps the shelves of groups: for whoever may change the group's class. */
@Service
class Shelves {
    private final ShelfEntryRepository entries;
    private final ShelfLookRepository looks;
    private final Arrangements arrangements;
    private final Library library;
    private final LinkChecks links;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;

    Shelves(
            ShelfEntryRepository entries,
            ShelfLookRepository looks,
            Arrangements arrangements,
            Library library,
            LinkChecks links,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock) {
        this.entries = entries;
        this.looks = looks;
        this.arrangements = arrangements;
        this.library = library;
        this.links = links;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Shelf of(long groupId) {
        Arrangements.GroupOfClass group = arrangements.group(groupId);
        permission.requireSee(group.classId());
        List<ShelfEntry> own = entriesOf(groupId);
        Map<Long, Library.ItemName> names = library.names(items(own));
        Map<Long, Integer> opened = openedBy(group);
        Map<Long, LinkChecks.Checked> states = links.states();
        List<OnShelf> shown = own.stream()
                .filter(each -> names.containsKey(each.itemId)
                        && !names.get(each.itemId).deleted())
                .sorted(Comparator.comparing(each -> !each.starred))
                .map(each -> {
                    Library.ItemName name = names.get(each.itemId);
                    LinkChecks.Checked link = states.get(each.itemId);
                    return new OnShelf(
                            each.itemId,
                            name.kind(),
                            name.title(),
                            name.minutes(),
                            each.starred,
                            opened.getOrDefault(each.itemId, 0),
                            group.members().size(),
                            link == null ? null : link.state());
                })
                .toList();
        return new Shelf(groupId, group.name(), shown, permission.mayChange(group.classId()));
    }

    private List<ShelfEntry> entriesOf(long groupId) {
        return entries.findByGroupIdInOrderByPlaceAscIdAsc(List.of(groupId));
    }

    private static List<Long> items(List<ShelfEntry> of) {
        return of.stream().map(each -> each.itemId).toList();
    }

    private Map<Long, Integer> openedBy(Arrangements.GroupOfClass group) {
        List<Long> members = group.members().stream().map(StudentId::value).toList();
        return looks.findByStudentIdIn(members).stream()
                .collect(Collectors.groupingBy(look -> look.itemId, Collectors.summingInt(look -> 1)));
    }

    @Transactional
    void swap(long groupId, ShelfEdit wanted) {
        Arrangements.GroupOfClass group = toChange(groupId);
        List<ShelfEntry> before = entriesOf(groupId);
        if (!Set.copyOf(wanted.now()).equals(shownOf(before))) {
            throw Refusal.conflict("shelf-changed", inWords("shelf.somebody-else-has-changed-this"));
        }
        requireFit(wanted.entries().stream().map(ShelfPlace::itemId).toList(), before);
        write(group, before, wanted.entries());
        audit.note(
                group.classId(),
                "shelf.swapped",
                groupId,
                keptWords("shelf.items", "count", wanted.entries().size()));
    }

    private Set<Long> shownOf(List<ShelfEntry> of) {
        Map<Long, Library.ItemName> names = library.names(items(of));
        return of.stream()
                .map(each -> each.itemId)
                .filter(item -> names.containsKey(item) && !names.get(item).deleted())
                .collect(Collectors.toSet());
    }

    @Transactional
    void put(long groupId, Put wanted) {
        Arrangements.GroupOfClass group = toChange(groupId);
        List<ShelfEntry> before = entriesOf(groupId);
        requireFit(wanted.items(), before);
        List<Long> there = items(before);
        List<ShelfPlace> all = new ArrayList<>();
        new LinkedHashSet<>(wanted.items())
                .stream()
                        .filter(item -> !there.contains(item))
                        .forEach(item -> all.add(new ShelfPlace(item, wanted.starred())));
        before.forEach(each -> all.add(new ShelfPlace(each.itemId, each.starred)));
        write(group, before, all);
        audit.note(group.classId(), "shelf.put", groupId, wanted.items().toString());
    }

    @Transactional
    void takeOff(long groupId, List<Long> items) {
        Arrangements.GroupOfClass group = toChange(groupId);
        List<ShelfEntry> before = entriesOf(groupId);
        List<ShelfPlace> left = before.stream()
                .filter(each -> !items.contains(each.itemId))
                .map(each -> new ShelfPlace(each.itemId, each.starred))
                .toList();
        write(group, before, left);
        audit.note(group.classId(), "shelf.taken-off", groupId, items.toString());
    }

    private Arrangements.GroupOfClass toChange(long groupId) {
        Arrangements.GroupOfClass group = arrangements.group(groupId);
        permission.requireChange(group.classId());
        return group;
    }

    /** A quiz shows what is known, and a lesson is led by a teacher; neither is for a shelf. */
    private void requireFit(List<Long> wanted, List<ShelfEntry> before) {
        List<Long> there = items(before);
        List<Long> added =
                wanted.stream().distinct().filter(item -> !there.contains(item)).toList();
        library.names(added).values().stream()
                .filter(item -> item.kind() == ItemKind.QUIZ)
                .findFirst()
                .ifPresent(quiz -> {
                    throw Refusal.unusable(
                            "not-for-a-shelf", inWords("shelf.is-a-quiz-give-it-in-a-task-a", "title", quiz.title()));
                });
        if (!library.mayUse(added)) {
            throw Refusal.unusable("not-for-a-shelf", inWords("shelf.only-what-students-can-open-by"));
        }
    }

    private void write(Arrangements.GroupOfClass group, List<ShelfEntry> before, List<ShelfPlace> wanted) {
        Map<Long, ShelfEntry> byItem = new LinkedHashMap<>();
        before.forEach(each -> byItem.put(each.itemId, each));
        List<ShelfEntry> kept = new ArrayList<>();
        for (ShelfPlace each : wanted) {
            ShelfEntry entry = byItem.remove(each.itemId());
            if (entry == null) {
                entry = new ShelfEntry();
                entry.groupId = group.id();
                entry.itemId = each.itemId();
                entry.addedBy = current.adult().adultId();
                entry.addedAt = clock.instant();
            }
            entry.starred = each.starred();
            entry.place = kept.size();
            kept.add(entry);
        }
        entries.deleteAll(byItem.values());
        entries.flush();
        entries.saveAll(kept);
    }
}
