package zafu.server.attempt;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.grouping.GroupFigures;
import zafu.core.marking.TakenOut;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements;
import zafu.server.attempt.TaskResultsApi.QuestionResult;
import zafu.server.attempt.TaskResultsApi.ResultGroup;
import zafu.server.attempt.TaskResultsApi.Share;
import zafu.server.attempt.TaskResultsApi.SkillResult;
import zafu.server.attempt.TaskResultsApi.WrongAnswer;
import zafu.server.library.Library;
import zafu.server.skill.Skills;
import zafu.server.task.Tasks;

/** Works out how a task went: the last handed-in try of each student, by question, by skill and by group. */
@Service
class TaskResults {
    private static final double RIGHT = 0.8;
    private static final int WRONG_SHOWN = 6;
    private final TaskWork work;
    private final Library library;
    private final Skills skills;
    private final Arrangements arrangements;
    private final MarkingHere here;

    TaskResults(TaskWork work, Library library, Skills skills, Arrangements arrangements, MarkingHere here) {
        this.work = work;
        this.library = library;
        this.skills = skills;
        this.arrangements = arrangements;
        this.here = here;
    }

    /** What one student was asked and earned. */
    private record One(StudentId student, Attempt attempt, List<Long> asked, Map<Long, AttemptAnswer> given) {
        boolean isAsked(long question) {
            return asked.contains(question);
        }

        /** Points; null where a person must mark it first. */
        @Nullable
        Double earned(long question) {
            AttemptAnswer answer = given.get(question);
            return answer == null ? Double.valueOf(0) : answer.earned;
        }

        String answered(long question) {
            AttemptAnswer answer = given.get(question);
            return answer == null ? "" : answer.given;
        }
    }

    private record Gathered(ResultGroup shown, Set<StudentId> members) {}

    @Transactional(readOnly = true)
    TaskResultsApi.ResultsShown of(long taskId, @Nullable Long arrangementId) {
        TaskWork.Seen seen = work.requireToSee(taskId, null);
        Map<StudentId, Attempt> tries = work.lastHandedIn(seen);
        Map<Long, Tasks.Materials> materials = work.materialsOf(tries);
        List<One> all = ones(tries, materials);
        List<Gathered> groups = gathered(seen, arrangementId, all);
        List<Long> asked = work.asked(seen.task(), tries.values(), materials);
        Map<Long, Library.Asked> questions = library.questions(asked);
        Map<Long, Skills.SkillName> names = skills.names();
        List<Library.Asked> shown =
                asked.stream().map(questions::get).filter(Objects::nonNull).toList();
        Map<Long, TakenOut> takenOut = here.takenOut(taskId);
        List<Library.Asked> counted =
                shown.stream().filter(each -> !takenOut.containsKey(each.id())).toList();
        return new TaskResultsApi.ResultsShown(
                taskId,
                seen.task().name(),
                library.itemsOf(asked).values().stream().distinct().sorted().toList(),
                groups.stream().map(Gathered::shown).toList(),
                shown.stream()
                        .map(each -> question(each, all, groups, names, takenOut.get(each.id())))
                        .toList(),
                bySkill(counted, all, groups, names));
    }

    private List<One> ones(Map<StudentId, Attempt> tries, Map<Long, Tasks.Materials> materials) {
        Map<Long, Map<Long, AttemptAnswer>> given = work.answersOf(tries);
        List<One> all = new ArrayList<>();
        tries.forEach((student, mine) -> all.add(new One(
                student,
                mine,
                mine.kept(materials.get(mine.versionId).questions()),
                given.getOrDefault(mine.id, Map.of()))));
        return all;
    }

    /** The groups that have somebody who handed in. */
    private List<Gathered> gathered(TaskWork.Seen seen, @Nullable Long arrangementId, List<One> all) {
        return arrangements
                .gathered(seen.classes(), arrangementId, seen.students().keySet())
                .stream()
                .filter(each -> each.id() == null || work.seesGroup(seen, each.id()))
                .map(group -> gathered(seen, group, all))
                .filter(group -> group.shown().handedIn() > 0)
                .toList();
    }

    private static Gathered gathered(TaskWork.Seen seen, Arrangements.Gathered group, List<One> all) {
        Set<StudentId> members = Set.copyOf(group.students());
        double[] minutes = all.stream()
                .filter(one -> members.contains(one.student()))
                .mapToDouble(one -> Duration.between(one.attempt().startedAt, one.attempt().handedInAt)
                                .toSeconds()
                        / 60.0)
                .sorted()
                .toArray();
        int covered = (int)
                members.stream().filter(seen.task().given().keySet()::contains).count();
        Double median = minutes.length == 0 ? null : GroupFigures.medianOf(minutes);
        return new Gathered(
                new ResultGroup(
                        group.id(),
                        group.name(),
                        group.look(),
                        minutes.length,
                        Math.max(covered, minutes.length),
                        median),
                members);
    }

    private QuestionResult question(
            Library.Asked asked,
            List<One> all,
            List<Gathered> groups,
            Map<Long, Skills.SkillName> names,
            @Nullable TakenOut takenOut) {
        List<One> those = all.stream().filter(one -> one.isAsked(asked.id())).toList();
        Map<String, List<Long>> wrong = new LinkedHashMap<>();
        List<Long> missed = new ArrayList<>();
        int toMark = 0;
        for (One one : those) {
            Double earned = one.earned(asked.id());
            if (earned == null) {
                toMark += takenOut == null ? 1 : 0;
            } else if (earned < asked.points()) {
                missed.add(one.student().value());
                wrong.computeIfAbsent(one.answered(asked.id()), given -> new ArrayList<>())
                        .add(one.student().value());
            }
        }
        Skills.SkillName skill = asked.skillId() == null ? null : names.get(asked.skillId());
        List<Library.Asked> only = takenOut == null ? List.of(asked) : List.of();
        return new QuestionResult(
                asked.sheet(),
                asked.skillId(),
                skill == null ? null : skill.name(),
                share(only, those),
                shares(only, those, groups),
                those.size(),
                toMark,
                wrong.entrySet().stream()
                        .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                        .limit(WRONG_SHOWN)
                        .map(each -> new WrongAnswer(each.getKey(), each.getValue()))
                        .toList(),
                takenOut == null ? missed : List.of(),
                takenOut);
    }

    private static List<SkillResult> bySkill(
            List<Library.Asked> questions, List<One> all, List<Gathered> groups, Map<Long, Skills.SkillName> names) {
        Map<Long, List<Library.Asked>> bySkill = questions.stream()
                .filter(each -> each.skillId() != null && names.containsKey(each.skillId()))
                .collect(Collectors.groupingBy(Library.Asked::skillId, LinkedHashMap::new, Collectors.toList()));
        return bySkill.entrySet().stream()
                .map(each -> new SkillResult(
                        each.getKey(),
                        names.get(each.getKey()).name(),
                        share(each.getValue(), all),
                        shares(each.getValue(), all, groups),
                        all.stream()
                                .filter(one -> {
                                    Double share = share(each.getValue(), List.of(one));
                                    return share != null && share < RIGHT;
                                })
                                .map(one -> one.student().value())
                                .toList()))
                .toList();
    }

    private static List<Share> shares(List<Library.Asked> questions, List<One> all, List<Gathered> groups) {
        return groups.stream()
                .map(group -> new Share(share(
                        questions,
                        all.stream()
                                .filter(one -> group.members().contains(one.student()))
                                .toList())))
                .toList();
    }

    /** Points earned of points possible, over what is marked. */
    private static @Nullable Double share(List<Library.Asked> questions, List<One> of) {
        double earned = 0;
        double possible = 0;
        for (One one : of) {
            for (Library.Asked asked : questions) {
                Double points = one.isAsked(asked.id()) ? one.earned(asked.id()) : null;
                if (points != null) {
                    earned += points;
                    possible += asked.points();
                }
            }
        }
        return possible == 0 ? null : earned / possible;
    }
}
