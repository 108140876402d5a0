package zafu.server.shelf;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.library.AnswerText;
import zafu.server.library.ItemKind;
import zafu.server.library.Library;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.platform.Refusal;
import zafu.server.shelf.MyShelfApi.Book;
import zafu.server.shelf.MyShelfApi.Checked;
import zafu.server.shelf.MyShelfApi.CheckedAnswer;
import zafu.server.shelf.MyShelfApi.OpenBook;
import zafu.server.shelf.MyShelfApi.Shelved;
import zafu.server.shelf.MyShelfApi.Tried;

/** What lies on the shelves of the groups a student is in, as one shelf. */
@Service
class MyShelf {
    private final ShelfEntryRepository entries;
    private final ShelfLookRepository looks;
    private final Arrangements arrangements;
    private final Library library;
    private final CurrentPerson current;
    private final Clock clock;

    MyShelf(
            ShelfEntryRepository entries,
            ShelfLookRepository looks,
            Arrangements arrangements,
            Library library,
            CurrentPerson current,
            Clock clock) {
        this.entries = entries;
        this.looks = looks;
        this.arrangements = arrangements;
        this.library = library;
        this.current = current;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Shelved mine() {
        long student = current.studentId();
        Map<Long, Boolean> firstByItem = itemsOf(student);
        Map<Long, Library.ItemName> names = library.names(firstByItem.keySet());
        Set<Long> opened = looks.findByStudentIdIn(List.of(student)).stream()
                .map(look -> look.itemId)
                .collect(Collectors.toSet());
        List<Book> books = new ArrayList<>();
        firstByItem.forEach((item, first) -> {
            Library.ItemName name = names.get(item);
            if (name != null && !name.deleted()) {
                books.add(new Book(item, name.kind(), name.title(), name.minutes(), first, opened.contains(item)));
            }
        });
        books.sort(Comparator.comparing(book -> !book.first()));
        return new Shelved(books);
    }

    /** In the order of the shelves, each item once; whether any shelf puts it first. */
    private Map<Long, Boolean> itemsOf(long student) {
        Map<Long, Boolean> firstByItem = new LinkedHashMap<>();
        entries.findByGroupIdInOrderByPlaceAscIdAsc(arrangements.groupsOfStudent(student))
                .forEach(each -> firstByItem.merge(each.itemId, each.starred, Boolean::logicalOr));
        return firstByItem;
    }

    @Transactional
    OpenBook open(long itemId) {
        ItemPage page = require(itemId);
        ShelfLook.Key key = new ShelfLook.Key(current.studentId(), itemId);
        if (!looks.existsById(key)) {
            ShelfLook look = new ShelfLook();
            look.studentId = key.studentId();
            look.itemId = itemId;
            look.firstAt = clock.instant();
            looks.save(look);
        }
        return new OpenBook(
                page,
                page.kind() == ItemKind.PRACTICE
                        ? asked(itemId).values().stream()
                                .map(each -> each.sheetFor(secret(), null))
                                .toList()
                        : List.of());
    }

    /** Names parts of what may be checked as often as one likes. */
    private String secret() {
        return "shelf of " + current.studentId();
    }

    private ItemPage require(long itemId) {
        if (!itemsOf(current.studentId()).containsKey(itemId)) {
            throw Refusal.notFound("page");
        }
        ItemPage page = library.pages(List.of(itemId), null).get(itemId);
        if (page == null) {
            throw Refusal.notFound("page");
        }
        return page;
    }

    /** In the order of the item. */
    private Map<Long, Library.Asked> asked(long itemId) {
        List<Long> ids = library.questionsOf(List.of(itemId)).getOrDefault(itemId, List.of());
        Map<Long, Library.Asked> found = library.questions(ids);
        Map<Long, Library.Asked> inOrder = new LinkedHashMap<>();
        ids.forEach(id -> inOrder.put(id, found.get(id)));
        return inOrder;
    }

    @Transactional(readOnly = true)
    Checked check(long itemId, Tried tried) {
        if (require(itemId).kind() != ItemKind.PRACTICE) {
            throw Refusal.notFound("practice");
        }
        List<CheckedAnswer> checked = new ArrayList<>();
        asked(itemId).forEach((id, asked) -> {
            String given = tried.answers().get(id);
            if (given != null) {
                OptionalDouble share =
                        asked.question().share(AnswerText.read(asked.kind(), asked.inPlaces(secret(), given)));
                boolean right = share.orElse(0) == 1;
                String feedback = share.isEmpty() ? "" : Library.feedback(asked, right);
                checked.add(new CheckedAnswer(
                        id, share.isEmpty() ? null : (Boolean) right, feedback.isEmpty() ? null : feedback));
            }
        });
        return new Checked(checked);
    }
}
