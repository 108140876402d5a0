package zafu.server.shelf;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.server.arrangement.Arrangements;
import zafu.server.library.ItemReach;
import zafu.server.library.ItemUse;
import zafu.server.roster.StudentPart;

/** What students have opened from shelves: part of their record, and of what the library knows them to have had. */
@Component
class ShelfPart implements StudentPart, ItemUse, ItemReach {
    private final ShelfEntryRepository entries;
    private final ShelfLookRepository looks;
    private final Arrangements arrangements;

    ShelfPart(ShelfEntryRepository entries, ShelfLookRepository looks, Arrangements arrangements) {
        this.entries = entries;
        this.looks = looks;
        this.arrangements = arrangements;
    }

    @Override
    public String name() {
        return "shelf";
    }

    @Override
    public Object of(long studentId) {
        return looks.findByStudentIdIn(List.of(studentId)).stream()
                .map(each -> Map.of("item", each.itemId, "opened", each.firstAt.toString()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        looks.deleteByStudentId(studentId);
    }

    @Override
    public Map<Long, Set<Long>> usedBy(Collection<Long> studentIds) {
        Map<Long, Set<Long>> used = new LinkedHashMap<>();
        looks.findByStudentIdIn(studentIds).forEach(each -> used.computeIfAbsent(each.itemId, id -> new TreeSet<>())
                .add(each.studentId));
        return used;
    }

    @Override
    public Set<Long> ofStudent(long studentId) {
        return onShelvesOf(arrangements.groupsOfStudent(studentId));
    }

    @Override
    public Set<Long> ofClasses(Collection<Long> classIds) {
        return onShelvesOf(arrangements.ofClasses(classIds).stream()
                .map(group -> group.id().value())
                .toList());
    }

    private Set<Long> onShelvesOf(Collection<Long> groupIds) {
        return entries.findByGroupIdInOrderByPlaceAscIdAsc(groupIds).stream()
                .map(each -> each.itemId)
                .collect(Collectors.toUnmodifiableSet());
    }
}
