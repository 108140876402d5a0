package zafu.server.qti;

import java.util.List;
import zafu.server.library.ItemDraft.QuestionDraft;

/**
 * A question that was read.
 *
 * @param changes what is not quite as in the file, each as the end of a sentence
 */
record QuestionRead(QuestionDraft question, List<String> changes) {}
