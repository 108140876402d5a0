package zafu.server.library;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.FewerChoices;
import zafu.core.marking.PartNames;

/** Items and questions as a student sees them: nothing here says which answer is right, or what an item is for. */
public final class StudentPages {
    private StudentPages() {}

    /**
     * @param html harmless, with pictures from the reader's own address
     * @param address of a link
     * @param language a BCP 47 tag, for reading aloud
     */
    public record ItemPage(
            long id,
            ItemKind kind,
            String title,
            String html,
            String language,
            @Nullable String address,
            @Nullable FilePage file) {}

    public record FilePage(String name, String mediaType, String address) {}

    /**
     * One of several.
     *
     * @param name by which an answer names it: its place where that is not the answer, else a number that says nothing
     */
    public record QuestionPart(int name, String html, String text) {}

    /**
     * A stretch of text, a blank, or a word that can be chosen.
     *
     * @param blank place among the blanks, from 0; absent where it is none
     * @param choices of a blank that is picked
     * @param word place among the hot words, from 0; absent where it is none
     */
    public record PiecePage(
            String text, @Nullable Integer blank, @Nullable List<String> choices, @Nullable Integer word) {}

    /**
     * A question as it is shown.
     *
     * @param prompt harmless HTML
     * @param parts options of a choice, what is to be put in order, or the left side of a matching
     * @param partners the right side of a matching
     * @param pieces of a text with blanks or hot words
     */
    public record QuestionSheet(
            long id,
            QuestionKind kind,
            String prompt,
            int points,
            List<QuestionPart> parts,
            List<QuestionPart> partners,
            List<PiecePage> pieces,
            @Nullable String unit) {}

    static ItemPage page(LibraryItem item, ItemText text, @Nullable LibraryFile file) {
        return new ItemPage(
                item.id,
                item.kind,
                text.title(),
                Markdown.html(text.body()),
                item.language,
                item.kind == ItemKind.LINK ? text.address() : null,
                file == null ? null : new FilePage(called(text, file), file.mediaType, Markdown.addressOf(file.id)));
    }

    /** Adults call files what they like, for whom they are for instance; students see the title. */
    private static String called(ItemText text, LibraryFile file) {
        return text.title() + ending(file.name);
    }

    /** With its point; empty where there is none. */
    static String ending(String name) {
        int point = name.lastIndexOf('.');
        return point < 0 ? "" : name.substring(point);
    }

    /** What of an item can differ from one edition to the next. */
    record ItemText(String title, String body, String address, @Nullable Long fileId) {}

    /** What of a question is shown. */
    record Written(long id, QuestionKind kind, String prompt, int points, QuestionBody body) {}

    /**
     * @param choices how many are left of a choice's options; absent for all
     * @param names of what {@link #sortable} says
     */
    static QuestionSheet sheet(Written asked, @Nullable Integer choices, PartNames names) {
        QuestionKind kind = asked.kind();
        QuestionBody body = asked.body();
        return new QuestionSheet(
                asked.id(),
                kind,
                Markdown.inline(asked.prompt()),
                asked.points(),
                kind == QuestionKind.ORDERING ? shuffled(asked, names) : parts(kind, body, choices),
                kind == QuestionKind.MATCHING ? shuffled(asked, names) : List.of(),
                pieces(body),
                body.unit());
    }

    /** The parts of a question whose places are the answer: what is to be put in order, or put beside something. */
    static List<String> sortable(QuestionKind kind, QuestionBody body) {
        List<String> parts =
                switch (kind) {
                    case ORDERING -> body.options();
                    case MATCHING -> body.partners();
                    case SINGLE_CHOICE, MULTIPLE_CHOICE, NUMERIC, SHORT_ANSWER, BLANKS, LONG_ANSWER, HOT_WORDS -> null;
                };
        return parts == null ? List.of() : parts;
    }

    /** For adults, who may know. */
    static PartNames namedByPlaces(Written asked) {
        return PartNames.places(asked.id(), sortable(asked.kind(), asked.body()).size());
    }

    private static List<QuestionPart> parts(QuestionKind kind, QuestionBody body, @Nullable Integer choices) {
        List<String> options = body.options() == null ? List.of() : body.options();
        return switch (kind) {
            case SINGLE_CHOICE, MULTIPLE_CHOICE -> {
                List<Integer> kept = choices == null
                        ? IntStream.range(0, options.size()).boxed().toList()
                        : FewerChoices.keep(
                                options.size(),
                                body.rightPlaces(),
                                body.leaveOut() == null ? List.of() : body.leaveOut(),
                                choices);
                yield kept.stream()
                        .map(place -> part(place, options.get(place)))
                        .toList();
            }
            case MATCHING ->
                IntStream.range(0, options.size())
                        .mapToObj(place -> part(place, options.get(place)))
                        .toList();
            case ORDERING, NUMERIC, SHORT_ANSWER, BLANKS, LONG_ANSWER, HOT_WORDS -> List.of();
        };
    }

    private static List<QuestionPart> shuffled(Written asked, PartNames names) {
        List<String> texts = sortable(asked.kind(), asked.body());
        return names.order().stream()
                .map(place -> part(names.nameOf(place), texts.get(place)))
                .toList();
    }

    private static QuestionPart part(int name, String text) {
        return new QuestionPart(name, Markdown.inline(text), Markdown.plain(text));
    }

    private static List<PiecePage> pieces(QuestionBody body) {
        List<PiecePage> found = new ArrayList<>();
        int blanks = 0;
        int words = 0;
        for (QuestionBody.Piece piece : body.pieces() == null ? List.<QuestionBody.Piece>of() : body.pieces()) {
            if (piece.asksForWords()) {
                found.add(new PiecePage("", blanks++, piece.choices(), null));
            } else {
                found.add(new PiecePage(piece.text(), null, null, piece.canBeChosen() ? words++ : null));
            }
        }
        return found;
    }
}
