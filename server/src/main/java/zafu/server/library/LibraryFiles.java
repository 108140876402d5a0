package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Bounds;
import zafu.server.platform.CheckedFiles;
import zafu.server.platform.FileHolder;
import zafu.server.platform.FileStore;
import zafu.server.platform.Refusal;

/** Pictures and PDFs of the library. */
@Service
public class LibraryFiles implements FileHolder {
    private final LibraryFileRepository files;
    private final LibraryItemRepository items;
    private final QuestionRepository questions;
    private final FileStore store;
    private final ItemAccess access;
    private final CurrentPerson current;
    private final List<ItemReach> reaches;
    private final Clock clock;

    LibraryFiles(
            LibraryFileRepository files,
            LibraryItemRepository items,
            QuestionRepository questions,
            FileStore store,
            ItemAccess access,
            CurrentPerson current,
            List<ItemReach> reaches,
            Clock clock) {
        this.files = files;
        this.items = items;
        this.questions = questions;
        this.store = store;
        this.access = access;
        this.current = current;
        this.reaches = reaches;
        this.clock = clock;
    }

    @Override
    public boolean holds(String hash) {
        return files.existsByHash(hash);
    }

    /** A file as it is listed. */
    public record KeptFile(long id, String name, String mediaType) {}

    /** A file with what is in it. */
    public record Content(String name, String mediaType, byte[] bytes) {}

    /** Why a file cannot be kept, in a sentence; empty where it can. */
    public static Optional<String> whyNot(String name, byte[] content) {
        if (MediaKind.of(content).isEmpty()) {
            return Optional.of(inWords("everyone.is-neither-a-picture-png-jpeg-gif", "name", name));
        }
        return content.length > Bounds.FILE_BYTES
                ? Optional.of(inWords("everyone.is-larger-than-mb", "name", name))
                : Optional.empty();
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
        made.name = CheckedFiles.lastPart(name);
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

    /** For a student whom an item with this file reaches, or an adult who may see what holds it. */
    @Transactional(readOnly = true)
    Content contentForMe(long fileId) {
        return current.isStudent() ? forStudent(fileId, current.studentId()) : forAdult(fileId);
    }

    private Content forStudent(long fileId, long studentId) {
        if (reaches.stream().noneMatch(each -> meet(withKin(shownIn(fileId)), each.ofStudent(studentId)))) {
            throw Refusal.notFound("file");
        }
        Content found = read(fileId);
        // What adults call a file may say for whom it is.
        return new Content("page" + StudentPages.ending(found.name()), found.mediaType(), found.bytes());
    }

    private Content forAdult(long fileId) {
        return read(requireRead(fileId));
    }

    /** Makes sure that the signed-in adult brought the file in, or may see what holds it. */
    LibraryFile requireRead(long fileId) {
        LibraryFile file = require(fileId);
        if (!current.adult().is(file.createdBy) && !isHeldInSightOfAdult(fileId)) {
            throw Refusal.notFound("file");
        }
        return file;
    }

    private boolean isHeldInSightOfAdult(long fileId) {
        Set<Long> shown = shownIn(fileId);
        Set<Long> holding = new LinkedHashSet<>(shown);
        holding.addAll(items.idsOfLessonsWith(fileId));
        return items.findByIdIn(holding).stream().anyMatch(access::maySee)
                || reaches.stream().anyMatch(each -> meet(withKin(shown), each.ofClasses(access.anyClasses())));
    }

    private Set<Long> shownIn(long fileId) {
        Set<Long> ids = new LinkedHashSet<>(items.idsShowing(fileId));
        ids.addAll(questions.itemIdsShowing(fileId));
        return ids;
    }

    /** These items, and what they say over again in another language: whoever is given one may read the other. */
    private Set<Long> withKin(Set<Long> itemIds) {
        Set<Long> kin = new LinkedHashSet<>(itemIds);
        items.findByIdIn(itemIds).stream()
                .map(item -> item.sameAs)
                .filter(Objects::nonNull)
                .forEach(kin::add);
        items.findBySameAsInAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(List.copyOf(kin))
                .forEach(item -> kin.add(item.id));
        return kin;
    }

    private static boolean meet(Set<Long> some, Set<Long> others) {
        return some.stream().anyMatch(others::contains);
    }

    /** What is in a file, for a package that goes out. Permission is the caller's to check. */
    public Content read(long fileId) {
        return read(require(fileId));
    }

    private LibraryFile require(long fileId) {
        return files.findById(fileId).orElseThrow(() -> Refusal.notFound("file"));
    }

    private Content read(LibraryFile file) {
        return new Content(file.name, file.mediaType, store.read(file.hash));
    }
}
