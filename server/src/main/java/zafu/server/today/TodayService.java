package zafu.server.today;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.ArrangementNews;
import zafu.server.task.Tasks;
import zafu.server.today.TodayController.Draft;
import zafu.server.today.TodayController.Today;

/** Gathers what needs a person in a class now. */
@Service
class TodayService {
    private final ArrangementNews arrangements;
    private final Tasks tasks;
    private final BrokenLinks links;
    private final ClassPermission permission;

    TodayService(ArrangementNews arrangements, Tasks tasks, BrokenLinks links, ClassPermission permission) {
        this.arrangements = arrangements;
        this.tasks = tasks;
        this.links = links;
        this.permission = permission;
    }

    @Transactional(readOnly = true)
    Today of(long classId) {
        permission.requireSee(classId);
        List<Draft> drafts = permission.mayChange(classId)
                ? tasks.drafts(classId).stream()
                        .map(each -> new Draft(each.taskId(), each.name()))
                        .toList()
                : List.of();
        return new Today(arrangements.of(classId), drafts, links.of(classId));
    }
}
