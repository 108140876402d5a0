package zafu.core.targeting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;

/**
 * Decides which version of a task each student gets. Rule 3: a running try pins its version; then targets by name
 * beat targets by group beat everyone; an exception removes the student from that version only.
 */
public final class WhoGetsWhat {
    private final Map<GroupId, Set<StudentId>> members;
    private final List<Targets> versions;
    private final Map<StudentId, VersionId> running;

    /**
     * @param members of every group that a version names, in the order of the arrangement
     * @param versions in the order in which the teacher sees them
     * @param running the version of each student's running try
     */
    public WhoGetsWhat(
            Map<GroupId, Set<StudentId>> members, List<Targets> versions, Map<StudentId, VersionId> running) {
        this.members = new LinkedHashMap<>(members);
        this.versions = List.copyOf(versions);
        this.running = Map.copyOf(running);
    }

    /** One outcome for each student, in the order given. */
    public Map<StudentId, Outcome> resolve(List<StudentId> students) {
        Map<StudentId, Outcome> outcomes = new LinkedHashMap<>();
        students.forEach(student -> outcomes.put(student, outcomeFor(student)));
        return outcomes;
    }

    private Outcome outcomeFor(StudentId student) {
        VersionId pinned = running.get(student);
        if (pinned != null) {
            return new Outcome.Gets(pinned, new Reach.Started());
        }
        for (Level level : Level.values()) {
            List<Outcome.Gets> claims = claimsAt(level, student);
            if (claims.size() == 1) {
                return claims.get(0);
            }
            if (claims.size() > 1) {
                return new Outcome.Conflict(claims);
            }
        }
        return new Outcome.NotCovered();
    }

    private List<Outcome.Gets> claimsAt(Level level, StudentId student) {
        List<Outcome.Gets> claims = new ArrayList<>();
        for (Targets targets : versions) {
            if (!targets.except().contains(student)) {
                reachAt(level, targets, student)
                        .ifPresent(reach -> claims.add(new Outcome.Gets(targets.version(), reach)));
            }
        }
        return claims;
    }

    private Optional<Reach> reachAt(Level level, Targets targets, StudentId student) {
        return switch (level) {
            case NAME -> targets.students().contains(student) ? Optional.of(new Reach.ByName()) : Optional.empty();
            case GROUP -> throughGroups(targets, student);
            case EVERYONE -> targets.everyone() ? Optional.of(new Reach.AsEveryone()) : Optional.empty();
        };
    }

    private Optional<Reach> throughGroups(Targets targets, StudentId student) {
        List<GroupId> through = members.entrySet().stream()
                .filter(group -> targets.groups().contains(group.getKey()))
                .filter(group -> group.getValue().contains(student))
                .map(Map.Entry::getKey)
                .toList();
        return through.isEmpty() ? Optional.empty() : Optional.of(new Reach.ByGroups(through));
    }

    /** The strongest first. */
    private enum Level {
        NAME,
        GROUP,
        EVERYONE
    }
}
