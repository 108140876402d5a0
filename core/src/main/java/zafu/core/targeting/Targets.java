package zafu.core.targeting;

import java.util.Set;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;

/**
 * For whom one version is meant.
 *
 * @param except students whom this version never reaches, however they are targeted
 */
public record Targets(
        VersionId version, boolean everyone, Set<GroupId> groups, Set<StudentId> students, Set<StudentId> except) {
    public Targets {
        groups = Set.copyOf(groups);
        students = Set.copyOf(students);
        except = Set.copyOf(except);
    }
}
