package zafu.server.mark;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.mark.LateRule;
import zafu.core.mark.Mark;
import zafu.core.work.CountingTry;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.mark.MarkSettingsApi.CategoryEdit;
import zafu.server.mark.MarkSettingsApi.MarkingEdit;
import zafu.server.mark.MarkSettingsApi.TasksMarked;
import zafu.server.platform.Refusal;
import zafu.server.platform.Remembered;
import zafu.server.task.Tasks;

/** How marks come about in a class: read by every feature that shows a mark, changed by its teachers. */
@Service
public class MarkSettings {
    /** Where a class has no categories, everything is in this one. */
    private static final long EVERYTHING = 0;

    private final ClassMarkingRepository classes;
    private final MarkCategoryRepository categories;
    private final TaskMarkingRepository tasks;
    private final Tasks allTasks;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final Remembered<Long, Settings> remembered = new Remembered<>();

    MarkSettings(
            ClassMarkingRepository classes,
            MarkCategoryRepository categories,
            TaskMarkingRepository tasks,
            Tasks allTasks,
            ClassPermission permission,
            AuditTrail audit) {
        this.classes = classes;
        this.categories = categories;
        this.tasks = tasks;
        this.allTasks = allTasks;
        this.permission = permission;
        this.audit = audit;
    }

    /** A kind of work and what it weighs beside the others. */
    public record NamedCategory(long id, String name, double weight) {}

    /** How one task enters the marks. */
    public record TaskCounting(long categoryId, boolean counts, CountingTry counting) {}

    /**
     * @param lowPercent results under this many per cent are low
     * @param categories in their order, never empty
     */
    public record Settings(
            boolean missingIsZero,
            LateRule late,
            int lowPercent,
            List<NamedCategory> categories,
            Map<Long, TaskCounting> tasks,
            long version) {

        public TaskCounting of(long taskId) {
            return tasks.getOrDefault(taskId, new TaskCounting(categories.get(0).id(), true, CountingTry.BEST));
        }

        List<Mark.Category> weighted() {
            return categories.stream()
                    .map(each -> new Mark.Category(each.id(), each.weight()))
                    .toList();
        }
    }

    /** The settings of a class. Permission is the caller's to check. */
    public Settings of(long classId) {
        return remembered.get(classId, this::read);
    }

    private Settings read(long classId) {
        ClassMarking own = classes.findById(classId).orElseGet(ClassMarking::new);
        List<NamedCategory> named = new ArrayList<>();
        categories
                .findByClassIdAndRemovedFalseOrderByPlaceAscIdAsc(classId)
                .forEach(each -> named.add(new NamedCategory(each.id, each.name, each.weight)));
        if (named.isEmpty()) {
            named.add(new NamedCategory(EVERYTHING, "", 1));
        }
        Set<Long> known = named.stream().map(NamedCategory::id).collect(Collectors.toSet());
        Map<Long, TaskCounting> counting = new LinkedHashMap<>();
        tasks.findByClassId(classId).forEach(each -> {
            boolean there = each.categoryId != null && known.contains(each.categoryId);
            long category = there ? each.categoryId : named.get(0).id();
            counting.put(each.taskId, new TaskCounting(category, each.counts, each.counting));
        });
        return new Settings(own.missingIsZero, own.late(), own.lowPercent, named, counting, own.version);
    }

    @Transactional
    void change(long classId, MarkingEdit wanted) {
        permission.requireChange(classId);
        ClassMarking own = classes.findById(classId).orElseGet(ClassMarking::new);
        if (own.version != wanted.version()) {
            throw Refusal.conflict("changed-since", inWords("mark.someone-else-has-changed-the-mark"));
        }
        own.classId = classId;
        own.missingIsZero = wanted.missingIsZero();
        own.latePercentPerDay = wanted.latePercentPerDay();
        own.lateMostPercent = wanted.lateMostPercent();
        own.lowPercent = wanted.lowPercent();
        classes.saveAndFlush(own);
        setCategories(classId, wanted.categories());
        remembered.changed();
        audit.note(classId, "marks.settings", classId, wanted.toString());
    }

    private void setCategories(long classId, List<CategoryEdit> wanted) {
        Map<Long, MarkCategory> all =
                categories.findByClassId(classId).stream().collect(Collectors.toMap(each -> each.id, each -> each));
        Set<Long> kept =
                wanted.stream().map(CategoryEdit::id).filter(id -> id != null).collect(Collectors.toSet());
        if (!all.keySet().containsAll(kept)) {
            throw Refusal.notFound("category");
        }
        all.values().forEach(each -> each.removed = !kept.contains(each.id));
        int place = 0;
        for (CategoryEdit edit : wanted) {
            MarkCategory row = edit.id() == null ? new MarkCategory() : all.get(edit.id());
            row.classId = classId;
            row.name = edit.name().strip();
            row.weight = edit.weight();
            row.place = place++;
            categories.save(row);
        }
        categories.flush();
    }

    @Transactional
    void setTasks(long classId, TasksMarked wanted) {
        permission.requireChange(classId);
        requireOfClass(classId, wanted.tasks());
        requireCategory(classId, wanted.categoryId());
        remembered.changed();
        Map<Long, TaskMarking> before = tasks.findByClassIdAndTaskIdIn(classId, wanted.tasks()).stream()
                .collect(Collectors.toMap(each -> each.taskId, each -> each));
        for (long task : wanted.tasks()) {
            TaskMarking row = before.getOrDefault(task, new TaskMarking());
            row.classId = classId;
            row.taskId = task;
            row.categoryId = wanted.categoryId();
            row.counts = wanted.counts();
            row.counting = wanted.counting();
            tasks.save(row);
            audit.note(classId, "marks.task", task, wanted.toString());
        }
    }

    private void requireOfClass(long classId, List<Long> taskIds) {
        if (!taskIds.stream().allMatch(task -> allTasks.classesOf(task).contains(classId))) {
            throw Refusal.notFound("task");
        }
    }

    private void requireCategory(long classId, @Nullable Long categoryId) {
        boolean there = categoryId == null
                || categories.findByClassIdAndRemovedFalseOrderByPlaceAscIdAsc(classId).stream()
                        .anyMatch(each -> each.id.equals(categoryId));
        if (!there) {
            throw Refusal.notFound("category");
        }
    }
}
