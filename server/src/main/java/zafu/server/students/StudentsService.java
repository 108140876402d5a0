package zafu.server.students;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.need.Accommodation;
import zafu.core.need.Support;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.access.EntryCodes;
import zafu.server.access.Reach;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.measure.Measures;
import zafu.server.measure.ScoresNow;
import zafu.server.need.Needs;
import zafu.server.roster.Roster;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.SchoolSettings;
import zafu.server.students.StudentsApi.ArrangementShown;
import zafu.server.students.StudentsApi.BandChoice;
import zafu.server.students.StudentsApi.GroupShown;
import zafu.server.students.StudentsApi.StudentShown;
import zafu.server.students.StudentsApi.StudentsShown;

/** Gathers everybody with scores, needs and groups in a fixed number of reads, then narrows and sorts. */
@Service
class StudentsService {
    private final ClassPermission permission;
    private final Roster roster;
    private final Measures measures;
    private final ScoresNow scores;
    private final Needs needs;
    private final Arrangements arrangements;
    private final EntryCodes codes;
    private final SchoolSettings school;

    StudentsService(
            ClassPermission permission,
            Roster roster,
            Measures measures,
            ScoresNow scores,
            Needs needs,
            Arrangements arrangements,
            EntryCodes codes,
            SchoolSettings school) {
        this.permission = permission;
        this.roster = roster;
        this.measures = measures;
        this.scores = scores;
        this.needs = needs;
        this.arrangements = arrangements;
        this.codes = codes;
        this.school = school;
    }

    @Transactional(readOnly = true)
    StudentsShown shown(Narrowing narrowing) {
        Reach reach = narrowing.classId() == null ? null : permission.reach(narrowing.classId());
        List<Long> classIds = reach == null ? roster.inUse(permission.mine()) : List.of(narrowing.classId());
        boolean needsToo = maySeeNeeds(reach, classIds);
        List<GroupWithMembers> groups = arrangements.seenOfClasses(classIds).stream()
                .filter(each -> reach == null || reach.seesGroup(each.id().value()))
                .toList();
        List<StudentShown> everybody = everybody(classIds, groups, needsToo).stream()
                .filter(each -> reach == null || reach.sees(each.id()))
                .toList();
        List<StudentShown> here = everybody.stream()
                .filter(student -> student.archived() == narrowing.wantsArchived())
                .toList();
        Set<Long> measured = here.stream()
                .flatMap(student -> student.scores().stream())
                .map(ScoresNow.Score::measureId)
                .collect(Collectors.toSet());
        return new StudentsShown(
                new NarrowedStudents(narrowing, groups).of(here),
                here.size(),
                measures.all().stream()
                        .filter(card -> measured.contains(card.id()))
                        .toList(),
                shown(groups, classIds),
                choices(here, everybody.size() - here.size(), measured),
                needsToo);
    }

    private boolean maySeeNeeds(@Nullable Reach reach, List<Long> classIds) {
        return reach == null
                ? !classIds.isEmpty() && permission.maySeeNeedsInAll(classIds)
                : permission.maySeeNeeds(classIds.get(0));
    }

    private List<StudentShown> everybody(List<Long> classIds, List<GroupWithMembers> groups, boolean needsToo) {
        Map<Long, List<Long>> members = roster.membersOf(classIds);
        List<KnownStudent> known = roster.known(members);
        List<Long> ids = known.stream().map(KnownStudent::id).toList();
        LocalDate today = school.today();
        Map<Long, Integer> grades = new LinkedHashMap<>();
        known.forEach(each -> grades.put(each.id(), each.facts().grade()));
        Map<Long, Map<Long, ScoresNow.Score>> scored = scores.of(grades, today);
        Map<StudentId, List<Accommodation>> granted =
                needsToo ? needs.granted(ids.stream().map(StudentId::new).toList()) : Map.of();
        Map<Long, EntryCodes.Issued> issued = codes.of(ids);
        Map<Long, List<Long>> groupsOf = groupsOf(groups);
        Map<Long, List<Long>> classesOf = new LinkedHashMap<>();
        members.forEach((classId, here) -> here.forEach(member ->
                classesOf.computeIfAbsent(member, id -> new ArrayList<>()).add(classId)));
        return known.stream()
                .map(each -> new StudentShown(
                        each.id(),
                        each.facts().preferredName().isEmpty()
                                ? each.facts().givenName()
                                : each.facts().preferredName(),
                        each.facts().familyName(),
                        each.facts().grade(),
                        each.facts().homeClass(),
                        each.facts().studentNumber(),
                        each.facts().language(),
                        each.tags(),
                        classesOf.getOrDefault(each.id(), List.of()),
                        List.copyOf(scored.getOrDefault(each.id(), Map.of()).values()),
                        needsToo ? Needs.marks(granted.getOrDefault(new StudentId(each.id()), List.of()), today) : null,
                        groupsOf.getOrDefault(each.id(), List.of()),
                        issued.containsKey(each.id()) ? issued.get(each.id()).lastUsedAt() : null,
                        issued.containsKey(each.id()) && issued.get(each.id()).code() != null,
                        each.archived()))
                .toList();
    }

    private static Map<Long, List<Long>> groupsOf(List<GroupWithMembers> groups) {
        Map<Long, List<Long>> byStudent = new LinkedHashMap<>();
        groups.forEach(group -> group.members().forEach(member -> byStudent
                .computeIfAbsent(member.value(), id -> new ArrayList<>())
                .add(group.id().value())));
        return byStudent;
    }

    private List<ArrangementShown> shown(List<GroupWithMembers> groups, List<Long> classIds) {
        Map<Long, List<GroupShown>> byArrangement = new LinkedHashMap<>();
        groups.forEach(group -> byArrangement
                .computeIfAbsent(group.arrangementId(), id -> new ArrayList<>())
                .add(new GroupShown(group.id().value(), group.name(), group.look())));
        return arrangements.named(classIds).stream()
                .map(each -> new ArrangementShown(
                        each.id(), each.classId(), each.name(), byArrangement.getOrDefault(each.id(), List.of())))
                .toList();
    }

    private StudentsApi.Choices choices(List<StudentShown> here, int others, Set<Long> measured) {
        Set<Support> supports = new TreeSet<>();
        here.forEach(student -> {
            if (student.needs() != null) {
                student.needs().forEach(mark -> supports.add(mark.support()));
            }
        });
        return new StudentsApi.Choices(
                here.stream().map(StudentShown::grade).distinct().sorted().toList(),
                here.stream()
                        .map(StudentShown::homeClass)
                        .filter(home -> !home.isEmpty())
                        .distinct()
                        .sorted()
                        .toList(),
                here.stream()
                        .flatMap(student -> student.tags().stream())
                        .distinct()
                        .sorted()
                        .toList(),
                List.copyOf(supports),
                scores.bandNames(school.today()).entrySet().stream()
                        .filter(each -> measured.contains(each.getKey()))
                        .map(each -> new BandChoice(each.getKey(), each.getValue()))
                        .toList(),
                (int) here.stream().filter(each -> each.lastHere() == null).count(),
                others);
    }
}
