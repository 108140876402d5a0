package zafu.server.access;

import java.util.Set;

/**
 * How far an adult's role goes in a class: to everyone, or to the groups that they lead.
 *
 * @param groups ids of those groups; empty where it goes to everyone
 * @param students ids of who is in them; empty where it goes to everyone
 */
public record Reach(ClassRole role, Set<Long> groups, Set<Long> students) {
    static Reach whole(ClassRole role) {
        return new Reach(role, Set.of(), Set.of());
    }

    public boolean isWhole() {
        return role.seesWholeClass();
    }

    public boolean sees(long studentId) {
        return isWhole() || students.contains(studentId);
    }

    public boolean seesGroup(long groupId) {
        return isWhole() || groups.contains(groupId);
    }
}
