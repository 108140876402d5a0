package zafu.server.corner;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The meeting pages: who is there says so every few seconds and is told who else is. */
@RestController
class MeetingController {
    private final Meetings meetings;

    MeetingController(Meetings meetings) {
        this.meetings = meetings;
    }

    /** @param name a given name, or a teacher's name */
    record Present(String name, boolean adult, boolean me) {}

    /**
     * A group's meeting page as its students see it.
     *
     * @param calling whether a teacher is called
     */
    record MyMeeting(@Nullable String name, List<Present> present, boolean calling) {}

    /**
     * A group's meeting page as adults see it.
     *
     * @param members how many are in the group
     * @param callsForMinutes how long its students have been calling; absent while they do not
     */
    record MeetingRoom(
            long cornerId,
            String group,
            int look,
            List<Present> present,
            int members,
            @Nullable Long callsForMinutes) {}

    record Calling(boolean calling) {}

    /** Says that the student is there. */
    @PostMapping("/api/my/corners/{cornerId}/meeting")
    MyMeeting isThere(@PathVariable long cornerId) {
        return meetings.asStudent(cornerId);
    }

    @DeleteMapping("/api/my/corners/{cornerId}/meeting")
    void leave(@PathVariable long cornerId) {
        meetings.leaveAsStudent(cornerId);
    }

    /** Calls for a teacher, or no longer. */
    @PutMapping("/api/my/corners/{cornerId}/meeting/call")
    MyMeeting call(@PathVariable long cornerId, @RequestBody Calling wanted) {
        return meetings.call(cornerId, wanted.calling());
    }

    @GetMapping("/api/classes/{classId}/meetings")
    List<MeetingRoom> ofClass(@PathVariable long classId) {
        return meetings.ofClass(classId);
    }

    /** Says that the adult is in this room, and so in no other; a call is answered by coming in. */
    @PostMapping("/api/corners/{cornerId}/meeting")
    List<MeetingRoom> goesIn(@PathVariable long cornerId) {
        return meetings.asAdult(cornerId);
    }

    @DeleteMapping("/api/corners/{cornerId}/meeting")
    void goesOut(@PathVariable long cornerId) {
        meetings.leaveAsAdult(cornerId);
    }
}
