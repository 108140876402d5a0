package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.platform.Refusal;

/** Coming back on a known device by picture and PIN. */
@RestController
class DeviceController {
    private final Devices devices;
    private final SignIns signIns;
    private final Guesses guesses;
    private final Doorkeeper doorkeeper;
    private final CurrentPerson current;
    private final SchoolHours school;

    DeviceController(
            Devices devices,
            SignIns signIns,
            Guesses guesses,
            Doorkeeper doorkeeper,
            CurrentPerson current,
            SchoolHours school) {
        this.school = school;
        this.devices = devices;
        this.signIns = signIns;
        this.guesses = guesses;
        this.doorkeeper = doorkeeper;
        this.current = current;
    }

    /** Who may come back on this device, by picture alone. */
    record Faces(List<Devices.Face> faces) {}

    record FaceSignIn(long face, @NotNull @Pattern(regexp = "\\d{4}", message = "{needs-four-digits}") String pin) {}

    /**
     * @param offered whether the student may come back by picture here
     * @param picture theirs, once chosen
     * @param taken by others on this device
     */
    record MyDevice(boolean offered, @Nullable Integer picture, List<Integer> taken) {}

    record ChosenFace(
            @Min(0) @Max(Devices.PICTURES - 1) int picture,
            @NotNull @Pattern(regexp = "\\d{4}", message = "{needs-four-digits}") String pin) {}

    @GetMapping("/api/sign-in/device")
    Faces faces(HttpServletRequest request) {
        return new Faces(devices.of(request).map(devices::facesOn).orElse(List.of()));
    }

    @PostMapping("/api/sign-in/device")
    SessionController.Session signIn(
            @Valid @RequestBody FaceSignIn asked, HttpServletRequest request, HttpServletResponse response) {
        long device = devices.of(request).orElseThrow(DeviceController::wrong);
        guesses.requireEffort(doorkeeper.ofPictures(device));
        long student = devices.open(device, asked.face, asked.pin).orElseThrow(() -> {
            guesses.wrong(doorkeeper.ofPictures(device));
            return wrong();
        });
        signIns.openByPicture(student, asked.face, request, response);
        return SessionController.Session.ofStudent(student, true, school);
    }

    private static Refusal wrong() {
        return Refusal.wrongSignIn(inWords("everyone.this-picture-and-number-do-not"));
    }

    @GetMapping("/api/my/device")
    MyDevice mine(HttpServletRequest request) {
        long student = current.studentId();
        return devices.of(request)
                .filter(device -> devices.isAllowed(student))
                .map(device -> new MyDevice(
                        true, devices.pictureOf(device, student).orElse(null), devices.taken(device, student)))
                .orElse(new MyDevice(false, null, List.of()));
    }

    @PutMapping("/api/my/device")
    MyDevice keep(@Valid @RequestBody ChosenFace chosen, HttpServletRequest request) {
        long device = devices.of(request).orElseThrow(() -> Refusal.notFound("device"));
        devices.keep(device, current.studentId(), chosen.picture, chosen.pin);
        return mine(request);
    }

    @DeleteMapping("/api/my/device")
    MyDevice forget(HttpServletRequest request) {
        devices.of(request).ifPresent(device -> devices.forget(device, current.studentId()));
        signIns.forgetPicture(request);
        return mine(request);
    }
}
