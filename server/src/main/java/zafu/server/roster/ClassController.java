package zafu.server.roster;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.ClassApi.ClassEdit;
import zafu.server.roster.ClassApi.CodesAsked;
import zafu.server.roster.ClassApi.MadeClass;
import zafu.server.roster.ClassApi.MyClasses;
import zafu.server.roster.ClassApi.StudentRow;

/** The classes of the signed-in adult and the students in them. */
@RestController
class ClassController {
    private final ClassService service;

    ClassController(ClassService service) {
        this.service = service;
    }

    @GetMapping("/api/classes")
    MyClasses classes() {
        return service.mine();
    }

    @PostMapping("/api/classes")
    MadeClass create(@Valid @RequestBody ClassEdit wanted) {
        return new MadeClass(service.create(wanted));
    }

    @PutMapping("/api/classes/{classId}")
    void change(@PathVariable long classId, @Valid @RequestBody ClassEdit wanted) {
        service.change(classId, wanted);
    }

    @PostMapping("/api/classes/{classId}/archive")
    void archive(@PathVariable long classId) {
        service.archive(classId, true);
    }

    @PostMapping("/api/classes/{classId}/bring-back")
    void bringBack(@PathVariable long classId) {
        service.archive(classId, false);
    }

    @GetMapping("/api/classes/{classId}/students")
    List<StudentRow> students(@PathVariable long classId) {
        return service.students(classId);
    }

    /** Fresh entry codes for these students, or none any more. */
    @PostMapping("/api/classes/{classId}/entry-codes")
    void entryCodes(@PathVariable long classId, @Valid @RequestBody CodesAsked asked) {
        service.entryCodes(classId, asked);
    }
}
