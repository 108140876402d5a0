package zafu.server.need;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.need.Support;

/** The school's own words for needs, which its administrators see and may forget. */
@RestController
class NeedWordController {
    private final NeedVocabulary vocabulary;

    NeedWordController(NeedVocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** @param amount as {@link Support#amount()} says; absent where the support has none or the list gives it */
    record NeedWordShown(
            long id, String word, Support support, @Nullable BigDecimal amount, String saidBy, Instant saidAt) {}

    @GetMapping("/api/school/need-words")
    List<NeedWordShown> all() {
        return vocabulary.all();
    }

    @DeleteMapping("/api/school/need-words/{wordId}")
    void forget(@PathVariable long wordId) {
        vocabulary.forget(wordId);
    }
}
