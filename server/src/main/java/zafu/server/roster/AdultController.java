package zafu.server.roster;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.AdultApi.AdultOfClass;
import zafu.server.roster.AdultApi.AdultShown;
import zafu.server.roster.AdultApi.ClassName;
import zafu.server.roster.AdultApi.Closed;
import zafu.server.roster.AdultApi.Colleague;
import zafu.server.roster.AdultApi.MadeAdult;
import zafu.server.roster.AdultApi.NewAdult;
import zafu.server.roster.AdultApi.PasswordReset;
import zafu.server.roster.AdultApi.Rights;
import zafu.server.roster.AdultApi.RoleEdit;

/** The adults of the school and what each is to a class. */
@RestController
class AdultController {
    private final AdultService service;

    AdultController(AdultService service) {
        this.service = service;
    }

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
