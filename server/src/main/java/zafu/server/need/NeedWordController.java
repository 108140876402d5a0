package zafu.server.need;

import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The school's own words for needs, which its administrators see and may forget. */
@RestController
class NeedWordController {
    private final NeedVocabulary vocabulary;

    NeedWordController(NeedVocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    @GetMapping("/api/school/need-words")
    List<NeedWordShown> all() {
        return vocabulary.all();
    }

    @DeleteMapping("/api/school/need-words/{wordId}")
    void forget(@PathVariable long wordId) {
        vocabulary.forget(wordId);
    }
}
