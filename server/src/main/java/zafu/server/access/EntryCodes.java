package zafu.server.access;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Issues and reads entry codes: 8 characters of an alphabet without look-alikes. */
@Service
public class EntryCodes {
    private static final String ALPHABET = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";
    private static final int LENGTH = 8;
    private static final SecureRandom RANDOM = new SecureRandom();
    private final EntryCodeRepository codes;
    private final DeviceEntryRepository entries;
    private final Clock clock;

    EntryCodes(EntryCodeRepository codes, DeviceEntryRepository entries, Clock clock) {
        this.codes = codes;
        this.entries = entries;
        this.clock = clock;
    }

    /** A student's code as adults see it. */
    public record Issued(@Nullable String code, Instant issuedAt, @Nullable Instant lastUsedAt) {}

    /** Gives the student a fresh code. */
    public void issue(long studentId) {
        String code = draw();
        while (codes.existsByCode(code)) {
            code = draw();
        }
        issue(studentId, code);
    }

    /** Gives each of these students, who have none yet, a fresh code, in few statements. */
    public void issueAll(Collection<Long> studentIds) {
        Set<String> drawn = new LinkedHashSet<>();
        while (drawn.size() < studentIds.size()) {
            drawn.add(draw());
            if (drawn.size() == studentIds.size()) {
                codes.findByCodeIn(drawn).forEach(taken -> drawn.remove(taken.code));
            }
        }
        Iterator<String> next = drawn.iterator();
        codes.saveAll(studentIds.stream()
                .map(id -> {
                    EntryCode issued = new EntryCode();
                    issued.studentId = id;
                    issued.code = next.next();
                    issued.issuedAt = clock.instant();
                    return issued;
                })
                .toList());
    }

    /** Gives the student this very code; for the demo, whose cards are printed in the README. */
    public void issue(long studentId, String code) {
        Optional<EntryCode> before = codes.findById(studentId);
        if (before.isPresent()) {
            entries.deleteByStudentId(studentId);
        }
        EntryCode issued = before.orElseGet(EntryCode::new);
        issued.studentId = studentId;
        issued.code = code;
        issued.issuedAt = clock.instant();
        issued.signInCount++;
        codes.save(issued);
    }

    /** Makes the student's code useless until another is issued; when it was last used stays known. */
    public void revoke(long studentId) {
        entries.deleteByStudentId(studentId);
        codes.findById(studentId).ifPresent(code -> {
            code.code = null;
            code.signInCount++;
            codes.save(code);
        });
    }

    /** Removes the code and every trace of its use. */
    public void erase(long studentId) {
        entries.deleteByStudentId(studentId);
        codes.deleteById(studentId);
    }

    public Map<Long, Issued> of(Collection<Long> studentIds) {
        return codes.of(studentIds.toArray(Long[]::new)).stream()
                .collect(Collectors.toMap(
                        each -> each.studentId, each -> new Issued(each.code, each.issuedAt, each.lastUsedAt)));
    }

    /** The student whose code this is; case, spaces and dashes do not matter, nor does O for Q or 0. */
    Optional<Long> use(String typed) {
        Optional<EntryCode> found = codes.findByCode(plain(typed));
        found.ifPresent(code -> {
            code.lastUsedAt = clock.instant();
            codes.save(code);
        });
        return found.map(code -> code.studentId);
    }

    /** What a child may mix up is read as the character that can occur in a code. */
    public static String plain(String typed) {
        return typed.toUpperCase(Locale.ROOT)
                .replaceAll("[^A-Z0-9]", "")
                .replace('0', 'Q')
                .replace('O', 'Q')
                .replace('1', 'J')
                .replace('I', 'J')
                .replace('L', 'J');
    }

    private static String draw() {
        return draw(LENGTH);
    }

    /** A random code of our alphabet. */
    public static String draw(int length) {
        return RANDOM.ints(length, 0, ALPHABET.length())
                .mapToObj(i -> String.valueOf(ALPHABET.charAt(i)))
                .collect(Collectors.joining());
    }
}
