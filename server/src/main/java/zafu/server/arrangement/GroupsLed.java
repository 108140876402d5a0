package zafu.server.arrangement;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.access.LedGroups;

/** Says whose groups are whose, as the bench has it. */
@Component
class GroupsLed implements LedGroups {
    private final Arrangements arrangements;
    private final GroupLeadRepository leads;

    GroupsLed(Arrangements arrangements, GroupLeadRepository leads) {
        this.arrangements = arrangements;
        this.leads = leads;
    }

    @Override
    public Map<Long, Set<Long>> of(long classId, long adultId) {
        Set<Long> led =
                leads.findByAdultId(adultId).stream().map(each -> each.groupId).collect(Collectors.toSet());
        Map<Long, Set<Long>> members = new LinkedHashMap<>();
        if (!led.isEmpty()) {
            arrangements.ofClass(classId).stream()
                    .filter(group -> led.contains(group.id().value()))
                    .forEach(group -> members.put(
                            group.id().value(),
                            group.members().stream().map(StudentId::value).collect(Collectors.toSet())));
        }
        return members;
    }
}
