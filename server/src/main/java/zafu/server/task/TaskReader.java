package zafu.server.task;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.need.NeedsForWork;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.schedule.TimeLimit;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.Reach;
import zafu.core.targeting.Targets;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.library.Library;
import zafu.server.need.Needs;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.TaskView.TermsShown;
import zafu.server.task.TaskView.TimeReason;

/** Puts together what a teacher sees of a task. */
@Component
class TaskReader {
    private final TaskLoader loader;
    private final Library library;
    private final SchoolSettings school;
    private final AdultAccounts adults;
    private final ClassPermission permission;
    private final Roster roster;
    private final TaskSteps steps;

    TaskReader(
            TaskLoader loader,
            Library library,
            SchoolSettings school,
            AdultAccounts adults,
            ClassPermission permission,
            Roster roster,
            TaskSteps steps) {
        this.loader = loader;
        this.library = library;
        this.school = school;
        this.adults = adults;
        this.permission = permission;
        this.roster = roster;
        this.steps = steps;
    }

    TaskView view(Task task) {
        ClassTasks loaded = loader.only(task);
        TaskWithVersions one = loaded.tasks().get(0);
        List<Long> classes = one.classes();
        Map<StudentId, Outcome> outcomes = new LinkedHashMap<>(loaded.outcomes(one));
        // Of several classes, each adult sees the students of their own.
        List<Long> seen = classes.stream().filter(permission.mine()::contains).toList();
        outcomes.keySet().retainAll(loaded.studentsOf(seen));
        return new TaskView(
                task.id,
                task.classId,
                task.name,
                task.state,
                task.version,
                task.arrangementId,
                task.handedOutAt,
                nameOf(task.handedOutBy),
                task.workKind,
                task.way,
                task.doneFirst,
                task.feedback,
                permission.changeable().containsAll(classes),
                versions(one, loaded.versionsWithTries(one)),
                one.adjustments().stream().map(each -> shown(each, loaded)).toList(),
                one.otherClasses().stream().map(this::shown).toList(),
                students(loaded, one, outcomes, permission.maySeeNeedsInAll(seen)),
                HandOutCheck.problems(loaded, one, outcomes, school.zone()),
                steps.lastOf(task));
    }

    private TaskView.AdjustmentShown shown(TaskWithVersions.AdjustmentFor each, ClassTasks loaded) {
        TaskAdjustment row = each.row();
        Targets to = each.targets();
        int reached = (int) loaded.students().keySet().stream()
                .filter(student -> !to.except().contains(student))
                .filter(student -> to.everyone()
                        || to.students().contains(student)
                        || to.groups().stream().anyMatch(loaded.groupsOf(student)::contains))
                .count();
        return new TaskView.AdjustmentShown(
                row.parts(),
                row.minutes,
                school.local(row.opensAt),
                school.local(row.dueAt),
                school.local(row.closesAt),
                row.tries,
                shown(to),
                reached);
    }

    private TaskView.ClassShown shown(TaskClass other) {
        return new TaskView.ClassShown(
                other.classId,
                roster.nameOf(other.classId),
                Parts.read(other.sets),
                school.local(other.opensAt),
                school.local(other.dueAt),
                school.local(other.closesAt));
    }

    private @Nullable String nameOf(@Nullable Long adultId) {
        return adultId == null ? null : adults.displayNames(List.of(adultId)).get(adultId);
    }

    private List<TaskView.VersionShown> versions(TaskWithVersions task, Collection<Long> withTries) {
        Set<Long> texts = new TreeSet<>();
        Set<Long> questions = new TreeSet<>();
        task.versions().forEach(version -> {
            texts.addAll(version.texts);
            questions.addAll(version.questions);
        });
        Map<Long, Library.ItemName> textsById = library.names(texts);
        Map<Long, Library.Asked> questionsById = library.questions(questions);
        return task.versions().stream()
                .map(version -> shown(task, version, textsById, questionsById, withTries.contains(version.id)))
                .toList();
    }

    private TaskView.VersionShown shown(
            TaskWithVersions task,
            TaskVersion version,
            Map<Long, Library.ItemName> texts,
            Map<Long, Library.Asked> questions,
            boolean started) {
        TaskVersion.Content content = task.content(version);
        Terms terms = content.terms();
        return new TaskView.VersionShown(
                version.id,
                version.isBase(),
                version.staffName,
                version.overridden(),
                content.title(),
                content.instructions(),
                content.texts().stream()
                        .filter(texts::containsKey)
                        .map(texts::get)
                        .map(text -> new TaskView.TextRef(text.id(), text.kind(), text.title(), text.level()))
                        .toList(),
                content.questions(),
                content.questions().stream()
                        .filter(questions::containsKey)
                        .mapToInt(id -> questions.get(id).points())
                        .sum(),
                terms.minutes().isPresent() ? terms.minutes().getAsInt() : null,
                terms.includesAccommodations(),
                local(terms.opens()),
                local(terms.due()),
                local(terms.closes()),
                terms.tries(),
                shown(task.targetsOf(version)),
                started);
    }

    private static TaskView.TargetsShown shown(Targets targets) {
        return new TaskView.TargetsShown(
                targets.everyone(),
                targets.groups().stream().map(GroupId::value).sorted().toList(),
                targets.students().stream().map(StudentId::value).sorted().toList(),
                targets.except().stream().map(StudentId::value).sorted().toList());
    }

    private List<TaskView.Recipient> students(
            ClassTasks loaded, TaskWithVersions task, Map<StudentId, Outcome> outcomes, boolean maySeeNeeds) {
        List<TaskView.Recipient> shown = new ArrayList<>();
        outcomes.forEach((id, outcome) -> {
            Roster.StudentName name = loaded.students().get(id);
            Optional<TaskVersion.Content> content = outcome.given().flatMap(task::content);
            Optional<TaskVersion.Content> seen = maySeeNeeds ? content : Optional.empty();
            shown.add(new TaskView.Recipient(
                    id.value(),
                    name.givenName(),
                    name.familyName(),
                    getsOf(outcome),
                    content.map(TaskVersion.Content::versionId).orElse(null),
                    claimsOf(outcome),
                    workOf(loaded.triesOf(task, id)),
                    lastIdOf(loaded.triesOf(task, id)),
                    runningOf(loaded.triesOf(task, id), maySeeNeeds),
                    seen.map(found -> shown(loaded, task, id, found)).orElse(null)));
        });
        return shown;
    }

    private static TaskView.Work workOf(List<TriesSoFar.TrySoFar> tries) {
        if (tries.stream().anyMatch(TriesSoFar.TrySoFar::running)) {
            return TaskView.Work.RUNNING;
        }
        return tries.isEmpty() ? TaskView.Work.NOT_BEGUN : TaskView.Work.HANDED_IN;
    }

    private static @Nullable Long lastIdOf(List<TriesSoFar.TrySoFar> tries) {
        return tries.isEmpty() ? null : tries.get(tries.size() - 1).id();
    }

    private TaskView.@Nullable Running runningOf(List<TriesSoFar.TrySoFar> tries, boolean maySeeNeeds) {
        return tries.stream()
                .filter(each -> maySeeNeeds && each.running())
                .findFirst()
                .map(each -> new TaskView.Running(
                        each.minutes(), school.local(each.startedAt()), school.local(each.endsAt())))
                .orElse(null);
    }

    private static TaskView.Gets getsOf(Outcome outcome) {
        if (outcome instanceof Outcome.Gets) {
            return TaskView.Gets.ONE;
        }
        return outcome instanceof Outcome.Conflict ? TaskView.Gets.CONFLICT : TaskView.Gets.NOTHING;
    }

    private static List<TaskView.Claim> claimsOf(Outcome outcome) {
        if (outcome instanceof Outcome.Gets gets) {
            return List.of(claim(gets));
        }
        return outcome instanceof Outcome.Conflict conflict
                ? conflict.claims().stream().map(TaskReader::claim).toList()
                : List.of();
    }

    private static TaskView.Claim claim(Outcome.Gets gets) {
        Reach reach = gets.reach();
        List<Long> groups = reach instanceof Reach.ByGroups by
                ? by.groups().stream().map(GroupId::value).toList()
                : List.of();
        return new TaskView.Claim(gets.version().value(), viaOf(reach), groups);
    }

    private static TaskView.Via viaOf(Reach reach) {
        if (reach instanceof Reach.Started) {
            return TaskView.Via.STARTED;
        }
        if (reach instanceof Reach.ByName) {
            return TaskView.Via.NAME;
        }
        return reach instanceof Reach.ByGroups ? TaskView.Via.GROUPS : TaskView.Via.EVERYONE;
    }

    private TermsShown shown(ClassTasks loaded, TaskWithVersions task, StudentId student, TaskVersion.Content content) {
        Terms.ForStudent terms = loaded.termsFor(task, student, content);
        NeedsForWork needs = loaded.needsFor(task, student);
        TimeLimit time = terms.time();
        int questions = content.questions().size();
        int left = needs.questionsLeft(questions);
        return new TermsShown(
                time.minutes().isPresent() ? time.minutes().getAsInt() : null,
                reasonOf(time),
                setOf(time),
                factorOf(time),
                local(terms.opens()),
                local(terms.due()),
                local(terms.closes()),
                terms.tries(),
                terms.extraDays(),
                terms.eased(),
                Needs.marks(needs.counting(), loaded.today()),
                left == questions ? null : left);
    }

    private static TimeReason reasonOf(TimeLimit time) {
        if (time instanceof TimeLimit.Extended) {
            return TimeReason.EXTENDED;
        }
        if (time instanceof TimeLimit.Untimed) {
            return TimeReason.UNTIMED;
        }
        if (time instanceof TimeLimit.AlreadyIncludes) {
            return TimeReason.ALREADY_INCLUDES;
        }
        if (time instanceof TimeLimit.ForThisStudent) {
            return TimeReason.FOR_THIS_STUDENT;
        }
        return time instanceof TimeLimit.AsSet ? TimeReason.AS_SET : TimeReason.NO_LIMIT;
    }

    private static @Nullable Integer setOf(TimeLimit time) {
        if (time instanceof TimeLimit.Untimed untimed) {
            return untimed.instead();
        }
        return time instanceof TimeLimit.Extended extended ? (Integer) extended.set() : null;
    }

    private static @Nullable BigDecimal factorOf(TimeLimit time) {
        return time instanceof TimeLimit.Extended extended ? extended.factor() : null;
    }

    private @Nullable LocalDateTime local(Optional<Instant> moment) {
        return school.local(moment.orElse(null));
    }
}
