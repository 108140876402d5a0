package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Text and files that students hand in. */
@Service
class HandedWork {
    private static final int MOST_BYTES = 10 * 1024 * 1024;
    private static final int MOST_FILES = 10;
    private final AttemptRepository attempts;
    private final AttemptFileRepository files;
    private final FileStore store;
    private final CurrentPerson current;
    private final ClassPermission permission;
    private final Roster roster;
    private final Clock clock;

    HandedWork(
            AttemptRepository attempts,
            AttemptFileRepository files,
            FileStore store,
            CurrentPerson current,
            ClassPermission permission,
            Roster roster,
            Clock clock) {
        this.attempts = attempts;
        this.files = files;
        this.store = store;
        this.current = current;
        this.permission = permission;
        this.roster = roster;
        this.clock = clock;
    }

    /** A file with what is in it. */
    record Content(String name, byte[] bytes) {}

    List<MyWorkController.HandedFile> of(long tryId) {
        return files.findByAttemptIdInOrderById(List.of(tryId)).stream()
                .map(each -> new MyWorkController.HandedFile(each.id, each.name, each.size))
                .toList();
    }

    /** When it returns, the text is on the disk. */
    @Transactional
    Instant write(long tryId, String text) {
        Attempt mine = requireRunning(tryId);
        mine.written = text;
        attempts.save(mine);
        return clock.instant();
    }

    @Transactional
    void add(long tryId, String name, String mediaType, byte[] content) {
        Attempt mine = requireRunning(tryId);
        if (content.length == 0) {
            throw Refusal.unusable("file-empty", "\"" + name + "\" is empty.");
        }
        if (content.length > MOST_BYTES) {
            throw Refusal.tooLarge("\"" + name + "\" is larger than 10 MB.");
        }
        if (of(tryId).size() >= MOST_FILES) {
            throw Refusal.conflict("files-enough", "There are 10 files already. Take one away first.");
        }
        AttemptFile made = new AttemptFile();
        made.attemptId = mine.id;
        made.name = name.length() > 200 ? name.substring(name.length() - 200) : name;
        made.mediaType = mediaType.length() > 100 ? "application/octet-stream" : mediaType;
        made.size = content.length;
        made.hash = store.keep(content);
        made.addedAt = clock.instant();
        files.save(made);
    }

    @Transactional
    void remove(long tryId, long fileId) {
        requireRunning(tryId);
        files.delete(requireFile(tryId, fileId));
    }

    @Transactional(readOnly = true)
    Content mine(long tryId, long fileId) {
        requireMine(attempts.findById(tryId));
        return content(requireFile(tryId, fileId));
    }

    /** For an adult of a class in which the student is. */
    @Transactional(readOnly = true)
    Content forAdult(long tryId, long fileId) {
        requireAdultOf(tryId);
        return content(requireFile(tryId, fileId));
    }

    /** What a student has handed in, for an adult of one of their classes. */
    @Transactional(readOnly = true)
    TickController.Handed handed(long tryId) {
        Attempt attempt = requireAdultOf(tryId);
        return new TickController.Handed(attempt.written, attempt.isRunning(), of(tryId));
    }

    private Attempt requireAdultOf(long tryId) {
        current.adult();
        Attempt attempt = attempts.findById(tryId).orElseThrow(() -> Refusal.notFound("try"));
        List<Long> classes = roster.classesOf(attempt.studentId);
        if (classes.stream().noneMatch(permission.roles()::containsKey)) {
            throw Refusal.notFound("try");
        }
        return attempt;
    }

    private Content content(AttemptFile file) {
        return new Content(file.name, store.read(file.hash));
    }

    private AttemptFile requireFile(long tryId, long fileId) {
        return files.findById(fileId)
                .filter(file -> file.attemptId == tryId)
                .orElseThrow(() -> Refusal.notFound("file"));
    }

    private Attempt requireRunning(long tryId) {
        Attempt mine = requireMine(attempts.findToChange(tryId));
        if (!mine.isRunning() || mine.isOverAt(clock.instant())) {
            throw Refusal.conflict("try-over", "This is handed in already; nothing can be added.");
        }
        return mine;
    }

    private Attempt requireMine(Optional<Attempt> found) {
        long student = current.studentId();
        return found.filter(each -> each.studentId == student).orElseThrow(() -> Refusal.notFound("try"));
    }
}
