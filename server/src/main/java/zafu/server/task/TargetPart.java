package zafu.server.task;

import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** Where a student is named as receiver or exception of a task, as part of the student's record. */
@Component
class TargetPart implements StudentPart {
    private final TaskTargetRepository targets;

    TargetPart(TaskTargetRepository targets) {
        this.targets = targets;
    }

    @Override
    public String name() {
        return "named in tasks";
    }

    @Override
    public Object of(long studentId) {
        return targets.findByStudentId(studentId).stream()
                .map(each -> each.versionId == null
                        ? Map.of("adjustment", each.adjustmentId, "as", each.kind.name())
                        : Map.of("version", each.versionId, "as", each.kind.name()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        targets.deleteAll(targets.findByStudentId(studentId));
    }
}
