package zafu.server.need;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.need.NeedApi.GrantToSeveral;
import zafu.server.need.NeedApi.GrantedNeeds;
import zafu.server.need.NeedApi.MadeNeed;
import zafu.server.need.NeedApi.NeedSheet;
import zafu.server.need.NeedApi.NewAccommodation;
import zafu.server.need.NeedApi.NewPlan;

/** The needs of one student in detail. Seeing them is noted. */
@RestController
class NeedController {
    private final NeedService service;

    NeedController(NeedService service) {
        this.service = service;
    }

    @GetMapping("/api/students/{studentId}/needs")
    NeedSheet needs(@PathVariable long studentId) {
        return service.look(studentId);
    }

    @PostMapping("/api/students/{studentId}/plans")
    MadeNeed plan(@PathVariable long studentId, @Valid @RequestBody NewPlan wanted) {
        return new MadeNeed(service.addPlan(studentId, wanted));
    }

    @PostMapping("/api/students/{studentId}/accommodations")
    MadeNeed grant(@PathVariable long studentId, @Valid @RequestBody NewAccommodation wanted) {
        return new MadeNeed(service.grant(studentId, wanted));
    }

    /** Grants the same to several students, or to none where one of them cannot have it. */
    @PostMapping("/api/accommodations")
    GrantedNeeds grantToSeveral(@Valid @RequestBody GrantToSeveral wanted) {
        return new GrantedNeeds(service.grantToSeveral(wanted));
    }

    /** Ends what was granted to several, all of it or nothing. */
    @PostMapping("/api/accommodations/end")
    void endSeveral(@Valid @RequestBody GrantedNeeds wanted) {
        service.endSeveral(wanted.granted());
    }

    @PostMapping("/api/students/{studentId}/accommodations/{accommodationId}/end")
    void end(@PathVariable long studentId, @PathVariable long accommodationId) {
        service.end(studentId, accommodationId, true);
    }

    @PostMapping("/api/students/{studentId}/accommodations/{accommodationId}/grant-again")
    void grantAgain(@PathVariable long studentId, @PathVariable long accommodationId) {
        service.end(studentId, accommodationId, false);
    }
}
