package zafu.server.exchange;

import java.util.List;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import zafu.server.need.Needs;
import zafu.server.roster.StudentPart;

/**
 * What imports remember of a student, to change it back: names, number and tags as they were. Erased before the needs are, by
 * which some of it is found.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ImportPart implements StudentPart {
    private final ImportChangeRepository changes;
    private final Needs needs;

    ImportPart(ImportChangeRepository changes, Needs needs) {
        this.changes = changes;
        this.needs = needs;
    }

    @Override
    public String name() {
        return "changed by imports";
    }

    @Override
    public Object of(long studentId) {
        return changes.findBySubjectIdAndWhatInOrderById(studentId, Changed.OF_STUDENTS).stream()
                .map(each -> Map.of("what", each.what, "before", each.stateBefore == null ? "" : each.stateBefore))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        changes.deleteAll(changes.findBySubjectIdAndWhatInOrderById(studentId, Changed.OF_STUDENTS));
        List<Long> granted = needs.idsOf(studentId);
        changes.deleteAll(changes.findBySubjectIdInAndWhatIn(granted, Changed.OF_NEEDS));
    }
}
