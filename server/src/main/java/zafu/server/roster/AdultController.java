package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.ClassRole;

/** The adults of the school and what each is to a class. */
@RestController
class AdultController {
    private final AdultService service;

    AdultController(AdultService service) {
        this.service = service;
    }

    /**
     * @param keepsShared whether they look after what all classes share, without being an administrator
     * @param closed whether the account cannot be opened any more
     */
    record AdultShown(
            long id,
            String name,
            String displayName,
            boolean administrator,
            boolean keepsShared,
            boolean closed,
            boolean canSignIn,
            boolean mustChangePassword,
            List<RoleShown> roles) {}

    record RoleShown(long classId, String className, ClassRole role) {}

    record NewAdult(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String displayName,
            @NotNull @Size(min = 10, max = 200, message = "needs at least 10 characters") String password,
            boolean administrator) {}

    record MadeAdult(long id) {}

    record PasswordReset(
            @NotNull @Size(min = 10, max = 200, message = "needs at least 10 characters") String password) {}

    /** What an adult may do in the school besides their classes. */
    record Rights(boolean administrator, boolean keepsShared) {}

    record Closed(boolean closed) {}

    record AdultOfClass(long id, String displayName, ClassRole role) {}

    record Colleague(long id, String displayName) {}

    record RoleEdit(@NotNull ClassRole role) {}

    /** The classes of the school with nobody's students, so that an administrator can give each its adults. */
    record ClassName(long id, String name) {}

    @GetMapping("/api/school/adults")
    List<AdultShown> adults() {
        return service.all();
    }

    @PostMapping("/api/school/adults")
    MadeAdult create(@Valid @RequestBody NewAdult wanted) {
        return new MadeAdult(service.create(wanted));
    }

    @PostMapping("/api/school/adults/{adultId}/password")
    void resetPassword(@PathVariable long adultId, @Valid @RequestBody PasswordReset reset) {
        service.resetPassword(adultId, reset.password());
    }

    @PutMapping("/api/school/adults/{adultId}/rights")
    void setRights(@PathVariable long adultId, @Valid @RequestBody Rights rights) {
        service.setRights(adultId, rights);
    }

    @PutMapping("/api/school/adults/{adultId}/closed")
    void setClosed(@PathVariable long adultId, @Valid @RequestBody Closed wanted) {
        service.setClosed(adultId, wanted.closed());
    }

    @GetMapping("/api/school/classes")
    List<ClassName> classes() {
        return service.classes();
    }

    @GetMapping("/api/adults")
    List<Colleague> names() {
        return service.names();
    }

    @GetMapping("/api/classes/{classId}/adults")
    List<AdultOfClass> ofClass(@PathVariable long classId) {
        return service.ofClass(classId);
    }

    @PutMapping("/api/classes/{classId}/adults/{adultId}")
    void give(@PathVariable long classId, @PathVariable long adultId, @Valid @RequestBody RoleEdit edit) {
        service.give(classId, adultId, edit.role());
    }

    @DeleteMapping("/api/classes/{classId}/adults/{adultId}")
    void withdraw(@PathVariable long classId, @PathVariable long adultId) {
        service.withdraw(classId, adultId);
    }
}
