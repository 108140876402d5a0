package zafu.server.roster;

import org.springframework.stereotype.Component;
import zafu.server.access.Devices;

/** By which pictures a student may come back on which devices, as part of their record. */
@Component
class DevicePart implements StudentPart {
    private final Devices devices;

    DevicePart(Devices devices) {
        this.devices = devices;
    }

    @Override
    public String name() {
        return "devices";
    }

    @Override
    public Object of(long studentId) {
        return devices.record(studentId);
    }

    @Override
    public void erase(long studentId) {
        devices.forgetEverywhere(studentId);
    }
}
