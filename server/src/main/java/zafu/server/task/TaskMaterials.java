package zafu.server.task;

import static zafu.server.platform.Words.inWords;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.core.need.WorkKind;
import zafu.server.library.Library;
import zafu.server.library.Library.ItemName;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.platform.Refusal;

/** Puts items of the library into a version: their pages to read and their questions to answer. */
@Component
class TaskMaterials {
    private final Library library;

    TaskMaterials(Library library) {
        this.library = library;
    }

    /** What is in the version already stays where it is. */
    void add(TaskVersion version, List<Long> items) {
        if (items.isEmpty()) {
            return;
        }
        if (!library.mayUse(items.stream().distinct().toList())) {
            throw Refusal.unusable("not-for-a-task", inWords("task.only-what-students-can-work-on"));
        }
        Map<Long, ItemPage> pages = library.pages(items, null);
        items.stream()
                .filter(item -> isToRead(pages.get(item)) && !version.texts.contains(item))
                .forEach(version.texts::add);
        Map<Long, List<Long>> questions = library.questionsOf(items);
        items.stream()
                .map(item -> questions.getOrDefault(item, List.of()))
                .flatMap(Collection::stream)
                .filter(question -> !version.questions.contains(question))
                .forEach(version.questions::add);
    }

    /** The kind of work that an item makes of a task. */
    WorkKind workKindOf(long item) {
        ItemName name = library.names(List.of(item)).get(item);
        if (name == null) {
            return WorkKind.QUIZ;
        }
        return switch (name.kind()) {
            case QUIZ -> WorkKind.QUIZ;
            case LESSON -> WorkKind.LESSON;
            case TEXT, LINK -> WorkKind.READING;
            default -> WorkKind.PRACTICE;
        };
    }

    /** Questions without a page of their own are only asked. */
    private static boolean isToRead(ItemPage page) {
        return !page.html().isBlank() || page.address() != null || page.file() != null;
    }
}
