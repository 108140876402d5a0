package zafu.server.today;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import zafu.server.library.Library;
import zafu.server.link.LinkChecks;
import zafu.server.shelf.ShelvesOfClass;
import zafu.server.task.Tasks;
import zafu.server.today.TodayApi.BrokenLink;

/** Links that do not open and lie on a shelf of the class or in a task that is with its students. */
@Component
class BrokenLinks {
    private final LinkChecks links;
    private final ShelvesOfClass shelves;
    private final Tasks tasks;
    private final Library library;

    BrokenLinks(LinkChecks links, ShelvesOfClass shelves, Tasks tasks, Library library) {
        this.links = links;
        this.shelves = shelves;
        this.tasks = tasks;
        this.library = library;
    }

    List<BrokenLink> of(long classId) {
        Map<Long, LinkChecks.Checked> broken = new LinkedHashMap<>();
        links.states().forEach((item, checked) -> {
            if (checked.state().isBroken()) {
                broken.put(item, checked);
            }
        });
        if (broken.isEmpty()) {
            return List.of();
        }
        Map<Long, Set<String>> uses = new LinkedHashMap<>();
        shelves.groupsByItem(classId).forEach((item, groups) -> use(uses, item, groups));
        tasks.handedOutWith(classId).forEach((item, names) -> use(uses, item, names));
        uses.keySet().retainAll(broken.keySet());
        return library.names(uses.keySet()).values().stream()
                .map(item -> new BrokenLink(
                        item.id(), item.title(), broken.get(item.id()).state(), List.copyOf(uses.get(item.id()))))
                .toList();
    }

    private static void use(Map<Long, Set<String>> uses, long item, Set<String> names) {
        uses.computeIfAbsent(item, id -> new LinkedHashSet<>()).addAll(names);
    }
}
