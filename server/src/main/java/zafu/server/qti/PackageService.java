package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.library.ItemDraft;
import zafu.server.library.ItemDraft.LessonParts;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.LibraryExchange;
import zafu.server.library.LibraryExchange.Wanted;
import zafu.server.library.LibraryFiles;
import zafu.server.library.QuestionBody;
import zafu.server.library.Visibility;
import zafu.server.platform.Bounds;
import zafu.server.platform.LongWork;
import zafu.server.platform.Refusal;
import zafu.server.qti.PackageApi.InPackage;
import zafu.server.qti.PackageApi.Report;
import zafu.server.qti.PackageApi.Taking;

/** Shows what a package holds, takes it into the library, and gives items out as one. */
@Service
class PackageService {
    private static final String LEFT_OUT = "left-out";
    private final LibraryExchange library;
    private final LibraryFiles files;
    private final CurrentPerson current;
    private final LongWork longWork;

    PackageService(LibraryExchange library, LibraryFiles files, CurrentPerson current, LongWork longWork) {
        this.library = library;
        this.files = files;
        this.current = current;
        this.longWork = longWork;
    }

    Report look(byte[] zip, String fileName) {
        current.adult();
        PackageRead read = read(zip, fileName);
        List<PackageRead.Finding> changed = withUnknown(read, new Wanted(Visibility.SCHOOL, null, null));
        return report(new PackageRead(read.items(), read.files(), changed, read.leftOut()), List.of());
    }

    private static PackageRead read(byte[] zip, String fileName) {
        if (zip.length > Bounds.PACKAGE_BYTES) {
            throw Refusal.tooLarge(inWords("qti.the-package-is-larger-than-mb"));
        }
        return PackageReader.read(zip, fileName);
    }

    /** Takes all that can be taken; when anything goes wrong, nothing of it. */
    @Transactional
    Report take(byte[] zip, String fileName, Taking wanted) {
        current.adult();
        PackageRead read = read(zip, fileName);
        if (read.items().isEmpty()) {
            throw Refusal.unusable("nothing-to-take", inWords("qti.nothing-in-the-package-can-be"));
        }
        longWork.expect(read.items().size());
        List<PackageRead.Finding> wrongMedia = new ArrayList<>(read.leftOut());
        Map<String, String> kept = keep(read, wrongMedia);
        List<ItemDraft> drafts = read.items().stream()
                .map(each -> {
                    longWork.step();
                    return withFiles(each, kept);
                })
                .toList();
        List<PackageRead.Finding> changed = withUnknown(read, asked(wanted));
        List<Long> ids = library.take(drafts, asked(wanted));
        return report(new PackageRead(read.items(), read.files(), changed, wrongMedia), ids);
    }

    private static Wanted asked(Taking wanted) {
        return new Wanted(wanted.visibility(), wanted.classId(), wanted.skillId());
    }

    /** What is not quite as in the package, with what its items name that is not here. */
    private List<PackageRead.Finding> withUnknown(PackageRead read, Wanted wanted) {
        List<PackageRead.Finding> changed = new ArrayList<>(read.changed());
        library.unknown(read.items(), wanted)
                .forEach((title, missing) ->
                        missing.forEach(each -> changed.add(new PackageRead.Finding("\"" + title + "\"", each))));
        return changed;
    }

    /** Keeps the pictures; one that is none is left out, and said. */
    private Map<String, String> keep(PackageRead read, List<PackageRead.Finding> wrongMedia) {
        Map<String, String> kept = new LinkedHashMap<>();
        read.files().forEach((name, bytes) -> {
            String own = name.substring(name.lastIndexOf('/') + 1);
            Optional<String> why = LibraryFiles.whyNot(own, bytes);
            why.ifPresent(sentence -> wrongMedia.add(new PackageRead.Finding(name, sentence)));
            kept.put(
                    PackageParts.inMarkdown(name),
                    why.isPresent()
                            ? LEFT_OUT
                            : "file:" + files.keep(own, bytes).id());
        });
        return kept;
    }

    private static ItemDraft withFiles(ItemDraft item, Map<String, String> kept) {
        List<QuestionDraft> questions = item.questions().stream()
                .map(each -> new QuestionDraft(
                        each.kind(), named(each.prompt(), kept), each.points(), each.skill(), named(each.body(), kept)))
                .toList();
        LessonParts lesson = new LessonParts(
                named(item.lesson().aims(), kept),
                named(item.lesson().steps(), kept),
                named(item.lesson().materials(), kept));
        return new ItemDraft(
                item.key(),
                item.kind(),
                item.title(),
                named(item.body(), kept),
                item.language(),
                item.minutes(),
                item.address(),
                lesson,
                item.about(),
                kept.getOrDefault(item.file(), ""),
                questions);
    }

    private static QuestionBody named(QuestionBody body, Map<String, String> kept) {
        QuestionBody named = body.withFeedback(named(body.feedbackRight(), kept), named(body.feedbackWrong(), kept))
                .withGuidance(named(body.guidance(), kept));
        if (body.partners() != null) {
            return named.withMatching(each(body.options(), kept), each(body.partners(), kept), body.pairs());
        }
        return body.options() == null
                ? named
                : named.withOptions(each(body.options(), kept), body.right(), body.rights());
    }

    private static List<String> each(List<String> texts, Map<String, String> kept) {
        return texts.stream().map(text -> named(text, kept)).toList();
    }

    private static @Nullable String named(@Nullable String markdown, Map<String, String> kept) {
        if (markdown == null) {
            return null;
        }
        String named = markdown;
        for (Map.Entry<String, String> each : kept.entrySet()) {
            named = named.replace("(" + each.getKey() + ")", "(" + each.getValue() + ")");
        }
        return named.replaceAll(" ?!\\[[^\\]]*\\]\\(" + LEFT_OUT + "\\)", "");
    }

    private static Report report(PackageRead read, List<Long> ids) {
        return new Report(
                read.items().stream()
                        .map(each -> new InPackage(
                                each.kind(), each.title(), each.questions().size()))
                        .toList(),
                read.changed(),
                read.leftOut(),
                ids);
    }

    /** @param ids none for all that the signed-in adult sees */
    byte[] give(List<Long> ids, QtiVersion version) {
        List<ItemDraft> drafts = library.give(ids.isEmpty() ? library.idsOfAll() : ids);
        if (drafts.isEmpty()) {
            throw Refusal.unusable("nothing-to-give", inWords("qti.the-library-holds-nothing-yet"));
        }
        int questions =
                drafts.stream().mapToInt(each -> each.questions().size()).sum();
        if (questions > PackageReader.MOST_QUESTIONS) {
            throw Refusal.unusable(
                    "too-many-questions",
                    inWords(
                            "qti.these-are-questions-and-a-package",
                            "questions",
                            questions,
                            "most",
                            PackageReader.MOST_QUESTIONS));
        }
        return new PackageWriter(version, files::read).write(drafts);
    }
}
