package zafu.core.skill;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Which skill comes before which. A prerequisite that is not among the skills is passed over. */
public final class SkillGraph {
    private final Map<SkillId, Skill> skills = new TreeMap<>();

    private SkillGraph(Collection<Skill> skills) {
        skills.forEach(skill -> this.skills.put(skill.id(), skill));
    }

    public static SkillGraph of(Collection<Skill> skills) {
        return new SkillGraph(skills);
    }

    /**
     * A circle of prerequisites, if there is one: each skill has the next as its prerequisite, and the last has the
     * first. The circle found is the one that the smallest id leads to.
     */
    public Optional<List<SkillId>> cycle() {
        Set<SkillId> finished = new LinkedHashSet<>();
        for (SkillId start : skills.keySet()) {
            Optional<List<SkillId>> found = cycleFrom(start, new ArrayList<>(), finished);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private Optional<List<SkillId>> cycleFrom(SkillId skill, List<SkillId> path, Set<SkillId> finished) {
        int seen = path.indexOf(skill);
        if (seen >= 0) {
            return Optional.of(List.copyOf(path.subList(seen, path.size())));
        }
        if (finished.contains(skill)) {
            return Optional.empty();
        }
        path.add(skill);
        for (SkillId before : directlyBefore(skill)) {
            Optional<List<SkillId>> found = cycleFrom(before, path, finished);
            if (found.isPresent()) {
                return found;
            }
        }
        path.remove(path.size() - 1);
        finished.add(skill);
        return Optional.empty();
    }

    private List<SkillId> directlyBefore(SkillId skill) {
        return skills.get(skill).prerequisites().stream()
                .filter(skills::containsKey)
                .toList();
    }

    /** Everything that should be held before any of these is taught, directly or by way of another; not they themselves. */
    public Set<SkillId> allBefore(Collection<SkillId> wanted) {
        Set<SkillId> found = new TreeSet<>();
        List<SkillId> open = new ArrayList<>(wanted);
        while (!open.isEmpty()) {
            SkillId next = open.remove(open.size() - 1);
            if (skills.containsKey(next)) {
                directlyBefore(next).stream().filter(found::add).forEach(open::add);
            }
        }
        found.removeAll(Set.copyOf(wanted));
        return found;
    }

    /** How many steps lie before each skill: 0 without prerequisites, else one more than the deepest of them. */
    public Map<SkillId, Integer> depths() {
        Map<SkillId, Integer> depths = new LinkedHashMap<>();
        skills.keySet().forEach(skill -> depthOf(skill, depths));
        return depths;
    }

    private int depthOf(SkillId skill, Map<SkillId, Integer> depths) {
        Integer known = depths.get(skill);
        if (known != null) {
            return known;
        }
        int depth = 0;
        for (SkillId before : directlyBefore(skill)) {
            depth = Math.max(depth, 1 + depthOf(before, depths));
        }
        depths.put(skill, depth);
        return depth;
    }
}
