package zafu.server.corner;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import java.util.function.ToLongBiFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.CheckedFiles;
import zafu.server.platform.Downloads;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;

/** Files in the shared folder of a corner, and with notices; checked by what is in them. */
@Service
class SharedFiles {
    private static final int MOST_FILES = 200;
    private static final long MOST_BYTES = 40L << 20;
    private static final long MOST_BYTES_OF_STUDENT = 10L << 20;

    private final CornerFileRepository files;
    private final NoticeRepository notices;
    private final CornerAccess access;
    private final Notices said;
    private final ClassPermission permission;
    private final MyCorners my;
    private final FileStore store;
    private final AuditTrail audit;
    private final TransactionOperations transactions;
    private final Clock clock;

    SharedFiles(
            CornerFileRepository files,
            NoticeRepository notices,
            CornerAccess access,
            Notices said,
            ClassPermission permission,
            MyCorners my,
            FileStore store,
            AuditTrail audit,
            TransactionOperations transactions,
            Clock clock) {
        this.files = files;
        this.notices = notices;
        this.access = access;
        this.said = said;
        this.permission = permission;
        this.my = my;
        this.store = store;
        this.audit = audit;
        this.transactions = transactions;
        this.clock = clock;
    }

    long addAsAdult(long cornerId, String name, byte[] content) {
        return added(() -> access.requireToChange(cornerId), name, content, MOST_BYTES, (corner, made) -> {
            made.adultId = access.adultId();
            return keep(corner, made);
        });
    }

    long addAsStudent(long cornerId, String name, byte[] content) {
        return added(() -> requireMineToAdd(cornerId), name, content, MOST_BYTES_OF_STUDENT, (corner, made) -> {
            made.studentId = access.studentId();
            return keep(corner, made);
        });
    }

    private Corner requireMineToAdd(long cornerId) {
        Corner corner = access.requireMine(cornerId);
        if (!corner.studentsAdd) {
            throw Refusal.notAllowed(inWords("everyone.only-teachers-put-files-here"));
        }
        return corner;
    }

    long addToNotice(long noticeId, String name, byte[] content) {
        return added(() -> said.requireToChange(noticeId), name, content, MOST_BYTES, (notice, made) -> {
            made.noticeId = noticeId;
            made.adultId = access.adultId();
            files.save(made);
            audit.note(notice.classId, "notice.file-added", noticeId, made.name);
            return made.id;
        });
    }

    /** Asks whether it may be put there before and after the file is checked, which takes its time and holds up nobody. */
    private <T> long added(
            Supplier<T> allowed, String name, byte[] content, long most, ToLongBiFunction<T, CornerFile> keep) {
        transactions.executeWithoutResult(begun -> allowed.get());
        CornerFile made = checked(name, content, most);
        return Objects.requireNonNull(transactions.execute(begun -> keep.applyAsLong(allowed.get(), made)));
    }

    @Transactional
    void remove(long fileId, boolean removed) {
        access.adultId();
        CornerFile file = require(fileId);
        long classId = requireAdult(file);
        permission.requireChange(classId);
        file.removedAt = removed ? clock.instant() : null;
        files.save(file);
        audit.note(classId, removed ? "corner.file-removed" : "corner.file-restored", fileId, file.name);
    }

    @Transactional(readOnly = true)
    Downloads.Content forAdult(long fileId) {
        access.adultId();
        CornerFile file = require(fileId);
        requireAdult(file);
        return content(file);
    }

    /** For a student of the corner, or of one that the notice is for, once it is shown. */
    @Transactional(readOnly = true)
    Downloads.Content mine(long fileId) {
        access.studentId();
        CornerFile file = require(fileId);
        if (file.removedAt != null) {
            throw Refusal.notFound("file");
        }
        if (file.cornerId != null) {
            access.requireMine(file.cornerId);
        } else if (!my.sees(file.noticeId)) {
            throw Refusal.notFound("file");
        }
        return content(file);
    }

    private long requireAdult(CornerFile file) {
        if (file.cornerId != null) {
            return access.requireToSee(file.cornerId).classId;
        }
        Notice notice = notices.findById(file.noticeId).orElseThrow(() -> Refusal.notFound("file"));
        said.requireToSee(notice);
        return notice.classId;
    }

    private CornerFile checked(String name, byte[] content, long most) {
        if (content.length > most) {
            throw Refusal.tooLarge(inWords("everyone.is-larger-than-mb-2", "name", name, "most", (most >> 20)));
        }
        CheckedFiles.Checked checked = CheckedFiles.check(name, content);
        CornerFile made = new CornerFile();
        made.name = checked.name();
        made.mediaType = checked.mediaType();
        made.size = checked.content().length;
        made.hash = store.keep(checked.content());
        made.addedAt = Instant.now(clock);
        return made;
    }

    private long keep(Corner corner, CornerFile made) {
        if (files.countByCornerIdAndRemovedAtIsNull(corner.id) >= MOST_FILES) {
            throw Refusal.conflict("files-enough", inWords("everyone.there-are-files-here-already-take"));
        }
        made.cornerId = corner.id;
        files.save(made);
        audit.note(corner.classId, "corner.file-added", made.id, made.name);
        access.tell(corner.classId, List.of(corner));
        return made.id;
    }

    private CornerFile require(long fileId) {
        return files.findById(fileId).orElseThrow(() -> Refusal.notFound("file"));
    }

    private Downloads.Content content(CornerFile file) {
        return new Downloads.Content(file.name, store.read(file.hash));
    }
}
