package zafu.server.library;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.FewerChoices;
import zafu.core.marking.ShownOrder;

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

    /** One of several, at its place in the question whatever order is shown. */
    public record QuestionPart(int place, String html, String text) {}

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

    static ItemPage page(LibraryItem item, ItemText text, @Nullable LibraryFile file, Markdown.Reader reader) {
        return new ItemPage(
                item.id,
                item.kind,
                text.title(),
                Markdown.html(text.body(), reader),
                item.language,
                item.kind == ItemKind.LINK ? text.address() : null,
                file == null ? null : new FilePage(file.name, file.mediaType, address(file, reader)));
    }

    private static String address(LibraryFile file, Markdown.Reader reader) {
        return (reader == Markdown.Reader.ADULT ? "/api/library/files/" : "/api/my/files/") + file.id;
    }

    /** What of an item can differ from one edition to the next. */
    record ItemText(String title, String body, String address, @Nullable Long fileId) {}

    /** @param choices how many are left of a choice's options; absent for all */
    static QuestionSheet sheet(
            long id,
            QuestionKind kind,
            String prompt,
            int points,
            QuestionBody body,
            Markdown.Reader reader,
            @Nullable Integer choices) {
        return new QuestionSheet(
                id,
                kind,
                Markdown.inline(prompt, reader),
                points,
                parts(id, kind, body, reader, choices),
                kind == QuestionKind.MATCHING ? shuffled(body.partners(), id, reader) : List.of(),
                pieces(body),
                body.unit());
    }

    private static List<QuestionPart> parts(
            long id, QuestionKind kind, QuestionBody body, Markdown.Reader reader, @Nullable Integer choices) {
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
                yield kept.stream().map(place -> part(place, options, reader)).toList();
            }
            case ORDERING -> shuffled(options, id, reader);
            case MATCHING ->
                IntStream.range(0, options.size())
                        .mapToObj(place -> part(place, options, reader))
                        .toList();
            case NUMERIC, SHORT_ANSWER, BLANKS, LONG_ANSWER, HOT_WORDS -> List.of();
        };
    }

    private static List<QuestionPart> shuffled(List<String> texts, long seed, Markdown.Reader reader) {
        return ShownOrder.of(texts.size(), seed).stream()
                .map(place -> part(place, texts, reader))
                .toList();
    }

    private static QuestionPart part(int place, List<String> texts, Markdown.Reader reader) {
        String text = texts.get(place);
        return new QuestionPart(place, Markdown.inline(text, reader), Markdown.plain(text));
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
