package zafu.server.exchange;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something about a file that is not sure, which whoever brings it answers; nothing of the file is taken before.
 *
 * @param key what it is about, the same at every look at the file
 * @param why what is known, in a sentence
 * @param answer the key of the choice that was made; absent while it is open
 * @param ofTheShape whether the answer holds for every file of these columns, and is remembered with them
 */
record ImportQuestion(
        String key, String asks, String why, List<Choice> choices, @Nullable String answer, boolean ofTheShape) {

    /** One of the answers, and what comes of it in words. */
    record Choice(String key, String words) {}
}
