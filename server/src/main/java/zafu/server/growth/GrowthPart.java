package zafu.server.growth;

import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** Where a student is to be, as part of the student's record. */
@Component
class GrowthPart implements StudentPart {
    private final GrowthAimRepository aims;

    GrowthPart(GrowthAimRepository aims) {
        this.aims = aims;
    }

    @Override
    public String name() {
        return "aims";
    }

    @Override
    public Object of(long studentId) {
        return aims.findByStudentIdOrderById(studentId).stream()
                .map(each -> Map.of("measure", each.measureId, "goal", each.goal, "by", each.goalDate.toString()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        aims.deleteAll(aims.findByStudentIdOrderById(studentId));
        aims.flush();
    }
}
