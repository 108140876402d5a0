package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import zafu.server.platform.Bounds;
import zafu.server.platform.CheckedFiles;
import zafu.server.platform.Downloads;
import zafu.server.platform.FileStore;
import zafu.server.platform.FilesLetGo;
import zafu.server.platform.Refusal;

/** Text and files that students hand in. */
@Service
class HandedWork {
    private static final int MOST_FILES = 10;
    private final AttemptFileRepository files;
    private final FileStore store;
    private final OwnTries own;
    private final AttemptAccess access;
    private final TransactionOperations transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    HandedWork(
            AttemptFileRepository files,
            FileStore store,
            OwnTries own,
            AttemptAccess access,
            TransactionOperations transactions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.files = files;
        this.store = store;
        this.own = own;
        this.access = access;
        this.transactions = transactions;
        this.events = events;
        this.clock = clock;
    }

    List<MyWorkApi.HandedFile> of(long tryId) {
        return files.findByAttemptIdInOrderByAddedAtAscLateAscIdAsc(List.of(tryId)).stream()
                .map(each -> new MyWorkApi.HandedFile(each.id, each.name, each.size, each.late))
                .toList();
    }

    /**
     * A file that comes when the try is over is kept too, and marked as late. The same key twice is the same file.
     *
     * @param key by which it is known when it is sent again
     */
    void add(long tryId, String name, byte[] content, @Nullable String key) {
        own.require(tryId);
        if (content.length > Bounds.FILE_BYTES) {
            throw Refusal.tooLarge(inWords("everyone.is-larger-than-mb", "name", name));
        }
        requireRoom(tryId);
        CheckedFiles.Checked checked = CheckedFiles.check(name, content);
        transactions.executeWithoutResult(begun -> keep(tryId, checked, key));
    }

    private void requireRoom(long tryId) {
        if (of(tryId).size() >= MOST_FILES) {
            throw Refusal.conflict("files-enough", inWords("everyone.there-are-files-already-take-one"));
        }
    }

    private void keep(long tryId, CheckedFiles.Checked checked, @Nullable String key) {
        Attempt mine = own.requireToChange(tryId);
        if (key != null && files.existsByAttemptIdAndFileKey(tryId, key)) {
            return;
        }
        requireRoom(tryId);
        AttemptFile made = new AttemptFile();
        made.attemptId = mine.id;
        made.name = checked.name();
        made.mediaType = checked.mediaType();
        made.size = checked.content().length;
        made.hash = store.keep(checked.content());
        made.addedAt = clock.instant();
        made.late = !mine.isRunning() || mine.isOverAt(clock.instant());
        made.fileKey = key;
        files.save(made);
    }

    @Transactional
    void remove(long tryId, long fileId) {
        requireRunning(tryId);
        AttemptFile file = requireFile(tryId, fileId);
        files.delete(file);
        events.publishEvent(FilesLetGo.of(List.of(file.hash)));
    }

    @Transactional(readOnly = true)
    Downloads.Content mine(long tryId, long fileId) {
        own.require(tryId);
        return content(requireFile(tryId, fileId));
    }

    /** For an adult of a class in which the student is. */
    @Transactional(readOnly = true)
    Downloads.Content forAdult(long tryId, long fileId) {
        access.requireToSee(tryId);
        return content(requireFile(tryId, fileId));
    }

    /** What a student has handed in, for an adult of one of their classes. */
    @Transactional(readOnly = true)
    TickApi.Handed handed(long tryId) {
        Attempt attempt = access.requireToSee(tryId);
        return new TickApi.Handed(attempt.written, attempt.isRunning(), of(tryId));
    }

    private Downloads.Content content(AttemptFile file) {
        return new Downloads.Content(file.name, store.read(file.hash));
    }

    private AttemptFile requireFile(long tryId, long fileId) {
        return files.findById(fileId)
                .filter(file -> file.attemptId == tryId)
                .orElseThrow(() -> Refusal.notFound("file"));
    }

    private Attempt requireRunning(long tryId) {
        Attempt mine = own.requireToChange(tryId);
        if (!mine.isRunning() || mine.isOverAt(clock.instant())) {
            throw Refusal.conflict("try-over", inWords("everyone.this-is-handed-in-already-nothing"));
        }
        return mine;
    }
}
