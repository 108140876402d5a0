package zafu.server.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import zafu.server.library.LibraryApi.ItemEdit;
import zafu.server.library.LibraryApi.QuestionShown;
import zafu.server.library.QuestionBody.Piece;

/** The files that an item names anywhere: its sheet, and the pictures in its texts and questions. */
final class FilesNamed {
    private static final Pattern PICTURE = Pattern.compile("\\(file:(\\d{1,18})\\)");

    private FilesNamed() {}

    static Set<Long> in(ItemEdit item) {
        Set<Long> ids = new TreeSet<>();
        if (item.fileId() != null) {
            ids.add(item.fileId());
        }
        List<@Nullable String> texts =
                new ArrayList<>(Stream.of(item.body(), item.aims(), item.steps(), item.materials())
                        .toList());
        for (QuestionShown each : item.questions() == null ? List.<QuestionShown>of() : item.questions()) {
            texts.add(each.prompt());
            texts.addAll(textsOf(each.body()));
        }
        texts.stream().filter(Objects::nonNull).map(PICTURE::matcher).forEach(found -> addAll(found, ids));
        return ids;
    }

    private static void addAll(Matcher found, Set<Long> ids) {
        while (found.find()) {
            ids.add(Long.parseLong(found.group(1)));
        }
    }

    private static List<@Nullable String> textsOf(QuestionBody body) {
        List<@Nullable String> texts = new ArrayList<>();
        Stream.of(body.options(), body.partners(), body.accepted())
                .filter(Objects::nonNull)
                .forEach(texts::addAll);
        if (body.pieces() != null) {
            body.pieces().stream().map(Piece::text).forEach(texts::add);
        }
        texts.add(body.feedbackRight());
        texts.add(body.feedbackWrong());
        texts.add(body.guidance());
        return texts;
    }
}
