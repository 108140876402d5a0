package zafu.server.library;

import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;

/** Pictures and PDFs of the library. */
@Service
public class LibraryFiles {
    private static final int MOST_BYTES = 10 * 1024 * 1024;
    private final LibraryFileRepository files;
    private final LibraryItemRepository items;
    private final QuestionRepository questions;
    private final FileStore store;
    private final CurrentPerson current;
    private final List<ItemReach> reaches;
    private final Clock clock;

    LibraryFiles(
            LibraryFileRepository files,
            LibraryItemRepository items,
            QuestionRepository questions,
            FileStore store,
            CurrentPerson current,
            List<ItemReach> reaches,
            Clock clock) {
        this.files = files;
        this.items = items;
        this.questions = questions;
        this.store = store;
        this.current = current;
        this.reaches = reaches;
        this.clock = clock;
    }

    /** A file as it is listed. */
    public record KeptFile(long id, String name, String mediaType) {}

    /** A file with what is in it. */
    public record Content(String name, String mediaType, byte[] bytes) {}

    /** Why a file cannot be kept, in a sentence; empty where it can. */
    public static Optional<String> whyNot(String name, byte[] content) {
        if (MediaKind.of(content).isEmpty()) {
            return Optional.of(
                    "\"" + name + "\" is neither a picture (PNG, JPEG, GIF, WebP) nor a PDF, whatever it is called.");
        }
        return content.length > MOST_BYTES ? Optional.of("\"" + name + "\" is larger than 10 MB.") : Optional.empty();
    }

    /** @throws Refusal where {@link #whyNot} says why */
    @Transactional
    public KeptFile keep(String name, byte[] content) {
        whyNot(name, content).ifPresent(why -> {
            throw Refusal.unusable("media-unusable", why);
        });
        MediaKind kind = MediaKind.of(content).orElseThrow();
        LibraryFile made = new LibraryFile();
        made.hash = store.keep(content);
        made.name = name.length() > 200 ? name.substring(name.length() - 200) : name;
        made.mediaType = kind.mediaType;
        made.bytes = content.length;
        made.createdBy = current.anyAdultId().orElse(null);
        made.createdAt = clock.instant();
        return kept(files.save(made));
    }

    static KeptFile kept(LibraryFile file) {
        return new KeptFile(file.id, file.name, file.mediaType);
    }

    @Transactional
    KeptFile keepForAdult(String name, byte[] content) {
        current.adult();
        return keep(name, content);
    }

    /** For an adult. */
    @Transactional(readOnly = true)
    Content content(long fileId) {
        current.adult();
        return read(fileId);
    }

    /** For a student whom an item with this file reaches. */
    @Transactional(readOnly = true)
    Content contentForMe(long fileId) {
        long student = current.studentId();
        Collection<Long> within = within(fileId);
        if (within.isEmpty() || reaches.stream().noneMatch(each -> each.reachesAny(student, within))) {
            throw Refusal.notFound("file");
        }
        Content found = read(fileId);
        // What adults call a file may say for whom it is.
        return new Content("page" + StudentPages.ending(found.name()), found.mediaType(), found.bytes());
    }

    private Collection<Long> within(long fileId) {
        Set<Long> ids = new LinkedHashSet<>(items.idsWithFile(fileId));
        ids.addAll(questions.itemIdsWithFile(fileId));
        return ids;
    }

    /** What is in a file, for a package that goes out. Permission is the caller's to check. */
    public Content read(long fileId) {
        LibraryFile file = files.findById(fileId).orElseThrow(() -> Refusal.notFound("file"));
        return new Content(file.name, file.mediaType, store.read(file.hash));
    }
}
