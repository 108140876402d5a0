package zafu.server.corner;

import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.corner.MeetingApi.Calling;
import zafu.server.corner.MeetingApi.MeetingRoom;
import zafu.server.corner.MeetingApi.MyMeeting;

/** The meeting pages: who is there says so every few seconds and is told who else is. */
@RestController
class MeetingController {
    private final Meetings meetings;

    MeetingController(Meetings meetings) {
        this.meetings = meetings;
    }

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
