package zafu.server.attempt;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.server.library.ItemReach;
import zafu.server.library.ItemUse;
import zafu.server.library.Library;
import zafu.server.task.Tasks;

/** Which items students have had in tries, and so may look at the pictures of. */
@Component
class HadInTries implements ItemUse, ItemReach {
    private final AttemptRepository attempts;
    private final Tasks tasks;
    private final Library library;

    HadInTries(AttemptRepository attempts, Tasks tasks, Library library) {
        this.attempts = attempts;
        this.tasks = tasks;
        this.library = library;
    }

    @Override
    public Map<Long, Set<Long>> usedBy(Collection<Long> studentIds) {
        Map<Long, Set<Long>> studentsByVersion = attempts.findByStudentIdIn(studentIds).stream()
                .collect(Collectors.groupingBy(
                        each -> each.versionId,
                        LinkedHashMap::new,
                        Collectors.mapping(each -> each.studentId, Collectors.toCollection(TreeSet::new))));
        Map<Long, Tasks.Materials> materials = tasks.materials(studentsByVersion.keySet());
        Map<Long, Long> itemOf = library.itemsOf(materials.values().stream()
                .flatMap(each -> each.questions().stream())
                .distinct()
                .toList());
        Map<Long, Set<Long>> used = new LinkedHashMap<>();
        studentsByVersion.forEach((version, students) -> {
            Tasks.Materials own = materials.get(version);
            Set<Long> items = new HashSet<>(own.texts());
            own.questions().stream().map(itemOf::get).forEach(items::add);
            items.forEach(
                    item -> used.computeIfAbsent(item, id -> new TreeSet<>()).addAll(students));
        });
        return used;
    }

    @Override
    public Set<Long> ofStudent(long studentId) {
        return usedBy(List.of(studentId)).keySet();
    }

    @Override
    public Set<Long> ofClasses(Collection<Long> classIds) {
        Set<Long> found = new HashSet<>();
        tasks.materialsOfClasses(classIds).forEach(each -> found.addAll(itemsIn(each)));
        return found;
    }

    private Set<Long> itemsIn(Tasks.Materials materials) {
        Set<Long> items = new HashSet<>(materials.texts());
        items.addAll(library.itemsOf(materials.questions()).values());
        return items;
    }
}
