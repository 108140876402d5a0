package zafu.server.access;

import java.util.Optional;
import org.springframework.stereotype.Component;

/** What people signed in with, as it is now. */
@Component
class Credentials {
    private final AdultRepository adults;
    private final EntryCodeRepository codes;
    private final Devices devices;

    Credentials(AdultRepository adults, EntryCodeRepository codes, Devices devices) {
        this.adults = adults;
        this.codes = codes;
        this.devices = devices;
    }

    /** Somebody who may go on. */
    record Holder(Person person, String role) {}

    /** The person as they are now; empty where what the session rests on does not hold any more. */
    Optional<Holder> now(Person person, RestsOn rest) {
        if (person instanceof Person.Grown adult) {
            return adults.findById(adult.adultId())
                    .filter(each -> each.closedAt == null && each.signInCount == rest.signInCount())
                    .map(each -> new Holder(each.asPerson(), each.role()));
        }
        long student = ((Person.Learner) person).studentId();
        return codes.findById(student)
                .filter(each -> each.code != null && each.signInCount == rest.signInCount())
                .filter(each -> rest.face() == null || devices.stillOpens(rest.face(), student))
                .map(each -> new Holder(person, "ROLE_STUDENT"));
    }

    /** What a session rests on that is opened now. */
    RestsOn ofAdult(long adultId) {
        return new RestsOn(
                adults.findById(adultId).map(each -> each.signInCount).orElse(0L), null);
    }

    /** What a session rests on that is opened now, by a code, or by a picture where there is one. */
    RestsOn ofStudent(long studentId, Optional<Long> face) {
        long count = codes.findById(studentId).map(each -> each.signInCount).orElse(0L);
        return new RestsOn(count, face.orElse(null));
    }
}
