package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/** The signed-in adult's own phrases for marking. */
@Service
class Phrases {
    private static final int MOST = 200;
    private final PhraseRepository phrases;
    private final CurrentPerson current;

    Phrases(PhraseRepository phrases, CurrentPerson current) {
        this.phrases = phrases;
        this.current = current;
    }

    List<MarkingApi.Phrase> mine() {
        return phrases.findByAdultIdOrderByWords(current.adult().adultId()).stream()
                .map(each -> new MarkingApi.Phrase(each.id, each.words))
                .toList();
    }

    @Transactional
    void keep(String words) {
        List<PhraseRow> own = phrases.findByAdultIdOrderByWords(current.adult().adultId());
        boolean there = own.stream().anyMatch(each -> each.words.equals(words.strip()));
        if (there) {
            return;
        }
        if (own.size() >= MOST) {
            throw Refusal.conflict("too-many", inWords("attempt.there-are-phrases-already-take-one", "most", MOST));
        }
        PhraseRow made = new PhraseRow();
        made.adultId = current.adult().adultId();
        made.words = words.strip();
        phrases.save(made);
    }

    @Transactional
    void drop(long phraseId) {
        PhraseRow found = phrases.findById(phraseId)
                .filter(each -> each.adultId == current.adult().adultId())
                .orElseThrow(() -> Refusal.notFound("phrase"));
        phrases.delete(found);
    }
}
