package zafu.server.history;

import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.arrangement.Arrangements;
import zafu.server.history.HistoryApi.TrailSubject;
import zafu.server.roster.Roster;
import zafu.server.task.Tasks;

/** What the people and things that lines name are called today, in one read of each kind. */
@Component
class SubjectNames {
    private final AdultAccounts adults;
    private final Roster roster;
    private final Arrangements arrangements;
    private final Tasks tasks;

    SubjectNames(AdultAccounts adults, Roster roster, Arrangements arrangements, Tasks tasks) {
        this.adults = adults;
        this.roster = roster;
        this.arrangements = arrangements;
        this.tasks = tasks;
    }

    Found of(List<AuditTrail.Line> lines) {
        Map<AuditSubject.Kind, Set<Long>> asked = new EnumMap<>(AuditSubject.Kind.class);
        for (AuditSubject.Kind kind : AuditSubject.Kind.values()) {
            asked.put(kind, new TreeSet<>());
        }
        lines.forEach(
                line -> line.about().forEach(each -> asked.get(each.kind()).add(each.id())));
        Set<Long> doers = ids(lines.stream().map(AuditTrail.Line::studentId));
        asked.get(AuditSubject.Kind.STUDENT).addAll(doers);
        Map<AuditSubject.Kind, Map<Long, String>> names = new EnumMap<>(AuditSubject.Kind.class);
        asked.forEach((kind, ids) -> names.put(kind, ids.isEmpty() ? Map.of() : named(kind, ids)));
        Map<Long, String> classes = new LinkedHashMap<>();
        ids(lines.stream().map(AuditTrail.Line::classId)).forEach(id -> classes.put(id, roster.nameOf(id)));
        return new Found(classes, adults.displayNames(ids(lines.stream().map(AuditTrail.Line::adultId))), names);
    }

    private static Set<Long> ids(Stream<Long> all) {
        return all.filter(Objects::nonNull).collect(Collectors.toCollection(TreeSet::new));
    }

    private Map<Long, String> named(AuditSubject.Kind kind, Collection<Long> ids) {
        return switch (kind) {
            case STUDENT -> students(ids);
            case GROUP -> arrangements.groupNames(ids);
            case ARRANGEMENT -> arrangements.names(ids);
            case TASK -> tasks.names(ids);
            case ADULT -> adults.displayNames(ids);
        };
    }

    private Map<Long, String> students(Collection<Long> ids) {
        Map<Long, String> names = new LinkedHashMap<>();
        roster.named(ids).forEach((id, name) -> names.put(id.value(), name.fullName()));
        return names;
    }

    /** Names by kind and id; who is erased has none. */
    record Found(Map<Long, String> classes, Map<Long, String> adults, Map<AuditSubject.Kind, Map<Long, String>> names) {
        String who(AuditTrail.Line line) {
            if (line.adultId() != null) {
                return adults.getOrDefault(line.adultId(), "");
            }
            return line.studentId() == null
                    ? ""
                    : names.get(AuditSubject.Kind.STUDENT).getOrDefault(line.studentId(), "");
        }

        String inClass(AuditTrail.Line line) {
            return line.classId() == null ? "" : classes.getOrDefault(line.classId(), "");
        }

        /** Whether the facts are but the name of what it was done to. */
        boolean isNamed(AuditTrail.Line line) {
            return about(line).stream().anyMatch(each -> each.name().equals(line.facts()));
        }

        /** Students last: who, after what. */
        List<TrailSubject> about(AuditTrail.Line line) {
            return line.about().stream()
                    .filter(each -> names.get(each.kind()).containsKey(each.id()))
                    .map(each -> new TrailSubject(
                            each.kind(), each.id(), names.get(each.kind()).get(each.id())))
                    .sorted(Comparator.comparing(TrailSubject::kind).reversed().thenComparing(TrailSubject::name))
                    .toList();
        }
    }
}
