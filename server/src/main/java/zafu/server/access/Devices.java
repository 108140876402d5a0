package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.platform.OwnCookies;
import zafu.server.platform.Refusal;
import zafu.server.platform.Secrets;

/**
 * Devices that students have signed in from, and who may come back there by picture and PIN. A PIN is worth something
 * only on its own device, and after a few wrong ones the entry card is needed again.
 */
@Service
public class Devices {
    /** How many pictures there are to choose from. */
    static final int PICTURES = 24;

    private static final String COOKIE = "zafu_device";
    private static final int MOST_FAILURES = 5;
    private static final Duration REMEMBERED = Duration.ofDays(200);
    private static final SecureRandom RANDOM = new SecureRandom();
    private final KnownDeviceRepository devices;
    private final DeviceEntryRepository entries;
    private final PictureEntry allowed;
    private final PasswordEncoder encoder;
    private final Clock clock;

    Devices(
            KnownDeviceRepository devices,
            DeviceEntryRepository entries,
            PictureEntry allowed,
            PasswordEncoder encoder,
            Clock clock) {
        this.devices = devices;
        this.entries = entries;
        this.allowed = allowed;
        this.encoder = encoder;
        this.clock = clock;
    }

    /** The id of the device that the request comes from, if a student has signed in from it before. */
    Optional<Long> of(HttpServletRequest request) {
        return known(request).map(device -> device.id);
    }

    /** Knows the device from now on, and by what id. */
    @Transactional
    long remember(HttpServletRequest request, HttpServletResponse response) {
        KnownDevice device = known(request).orElseGet(() -> firstSeen(request, response));
        device.lastSeen = clock.instant();
        return devices.save(device).id;
    }

    private Optional<KnownDevice> known(HttpServletRequest request) {
        return OwnCookies.read(COOKIE, request).flatMap(token -> devices.findByTokenHash(Secrets.hash(token)));
    }

    private KnownDevice firstSeen(HttpServletRequest request, HttpServletResponse response) {
        byte[] bytes = new byte[32];
        RANDOM.nextBytes(bytes);
        String token = HexFormat.of().formatHex(bytes);
        OwnCookies.give(COOKIE, token, REMEMBERED, request, response);
        KnownDevice device = new KnownDevice();
        device.tokenHash = Secrets.hash(token);
        device.firstSeen = clock.instant();
        return device;
    }

    /** Knows the device as one on which this adult has signed in. */
    void rememberFor(long adult, HttpServletRequest request, HttpServletResponse response) {
        devices.keepOpened(adult, remember(request, response));
    }

    /** Whether the account of this name was opened on the device before. */
    boolean hasOpened(String name, long device) {
        return devices.accountsOpened(name, device) > 0;
    }

    /** A picture by which somebody may come back on a device; no name goes with it. */
    record Face(long id, int picture) {}

    /** Those who may come back on the device. */
    List<Face> facesOn(long device) {
        return entriesOn(device).stream()
                .map(each -> new Face(each.id, each.picture))
                .toList();
    }

    private List<DeviceEntry> entriesOn(long device) {
        return entries.findByDeviceIdOrderByPicture(device).stream()
                .filter(each -> each.failures < MOST_FAILURES && allowed.isAllowed(each.studentId))
                .toList();
    }

    /** Whether a session that was opened by this picture may go on. */
    boolean stillOpens(long entryId, long student) {
        return entries.findById(entryId)
                .filter(each -> each.studentId == student && allowed.isAllowed(student))
                .isPresent();
    }

    /** The student whose picture and PIN these are. A wrong PIN is counted. */
    @Transactional
    Optional<Long> open(long device, long entryId, String pin) {
        Optional<DeviceEntry> found =
                entriesOn(device).stream().filter(each -> each.id == entryId).findFirst();
        if (found.isEmpty()) {
            return Optional.empty();
        }
        DeviceEntry entry = found.get();
        boolean right = encoder.matches(pin, entry.pinHash);
        entry.failures = right ? 0 : entry.failures + 1;
        entry.lastUsedAt = right ? clock.instant() : entry.lastUsedAt;
        entries.save(entry);
        return right ? Optional.of(entry.studentId) : Optional.empty();
    }

    boolean isAllowed(long student) {
        return allowed.isAllowed(student);
    }

    /** The picture by which the student may come back on the device. */
    Optional<Integer> pictureOf(long device, long student) {
        return entries.findByDeviceIdAndStudentId(device, student)
                .filter(each -> each.failures < MOST_FAILURES)
                .map(each -> each.picture);
    }

    List<Integer> taken(long device, long student) {
        return entries.findByDeviceIdOrderByPicture(device).stream()
                .filter(each -> each.studentId != student)
                .map(each -> each.picture)
                .toList();
    }

    @Transactional
    void keep(long device, long student, int picture, String pin) {
        if (!allowed.isAllowed(student)) {
            throw Refusal.notAllowed(inWords("everyone.in-your-class-you-sign-in-with"));
        }
        if (taken(device, student).contains(picture)) {
            throw Refusal.conflict("picture-taken", inWords("everyone.somebody-on-this-device-has-this"));
        }
        DeviceEntry entry = entries.findByDeviceIdAndStudentId(device, student).orElseGet(DeviceEntry::new);
        entry.deviceId = device;
        entry.studentId = student;
        entry.picture = picture;
        entry.pinHash = encoder.encode(pin);
        entry.failures = 0;
        entry.madeAt = clock.instant();
        entries.save(entry);
    }

    @Transactional
    void forget(long device, long student) {
        entries.findByDeviceIdAndStudentId(device, student).ifPresent(entries::delete);
    }

    /** Nobody comes back as this student without an entry code. */
    @Transactional
    public void forgetEverywhere(long student) {
        entries.deleteByStudentId(student);
    }

    /** When and by what picture the student may come back, as part of their record. */
    public List<String> record(long student) {
        return entries.findByStudentId(student).stream()
                .map(each -> "picture " + each.picture + ", made " + each.madeAt + ", last used " + each.lastUsedAt)
                .toList();
    }
}
