package zafu.server.mark;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.ClassPermission;
import zafu.server.mark.MarkSettingsApi.CategoryShown;
import zafu.server.mark.MarkSettingsApi.Marking;
import zafu.server.mark.MarkSettingsApi.MarkingEdit;
import zafu.server.mark.MarkSettingsApi.TaskMarked;
import zafu.server.mark.MarkSettingsApi.TasksMarked;

/** How marks come about in a class. */
@RestController
class MarkSettingsController {
    private final MarkSettings settings;
    private final ClassPermission permission;

    MarkSettingsController(MarkSettings settings, ClassPermission permission) {
        this.settings = settings;
        this.permission = permission;
    }

    @GetMapping("/api/classes/{classId}/marking")
    Marking marking(@PathVariable long classId) {
        permission.requireSee(classId);
        MarkSettings.Settings now = settings.of(classId);
        return new Marking(
                now.missingIsZero(),
                now.late().percentPerDay(),
                now.late().mostPercent(),
                now.lowPercent(),
                now.categories().stream()
                        .map(each -> new CategoryShown(each.id(), each.name(), each.weight()))
                        .toList(),
                now.tasks().entrySet().stream()
                        .map(each -> new TaskMarked(
                                each.getKey(),
                                each.getValue().categoryId(),
                                each.getValue().counts(),
                                each.getValue().counting()))
                        .toList(),
                now.version());
    }

    @PutMapping("/api/classes/{classId}/marking")
    Marking change(@PathVariable long classId, @Valid @RequestBody MarkingEdit wanted) {
        settings.change(classId, wanted);
        return marking(classId);
    }

    @PutMapping("/api/classes/{classId}/marking/tasks")
    Marking setTasks(@PathVariable long classId, @Valid @RequestBody TasksMarked wanted) {
        settings.setTasks(classId, wanted);
        return marking(classId);
    }
}
