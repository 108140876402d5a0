package zafu.server.need;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.need.NeedInWords;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/** What words for needs mean: those that this school was asked about once, then those that every school uses. */
@Service
public class NeedVocabulary {
    private final NeedWordRepository words;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AdultAccounts adults;
    private final AuditTrail audit;
    private final Clock clock;

    NeedVocabulary(
            NeedWordRepository words,
            ClassPermission permission,
            CurrentPerson current,
            AdultAccounts adults,
            AuditTrail audit,
            Clock clock) {
        this.words = words;
        this.permission = permission;
        this.current = current;
        this.adults = adults;
        this.audit = audit;
        this.clock = clock;
    }

    /** @return empty where nobody said yet what the words mean */
    public Optional<NeedInWords> read(String typed) {
        return words.findByPlainWord(NeedInWords.plain(typed))
                .map(found -> new NeedInWords(found.support, Optional.ofNullable(found.amount), found.detail))
                .or(() -> NeedInWords.read(typed));
    }

    /** Remembers for the whole school what somebody who brings in needs said of a word. */
    public void learn(String typed, NeedInWords meaning) {
        NeedWord made = words.findByPlainWord(NeedInWords.plain(typed)).orElseGet(NeedWord::new);
        made.word = typed.strip();
        made.plainWord = NeedInWords.plain(typed);
        made.support = meaning.support();
        made.amount = meaning.amount().orElse(null);
        made.detail = meaning.detail();
        made.saidBy = current.adult().adultId();
        made.saidAt = clock.instant();
        long id = words.save(made).id;
        audit.note(null, "need-word.learnt", id, made.word + " is " + made.support);
    }

    @Transactional(readOnly = true)
    List<NeedWordShown> all() {
        permission.requireAdministrator();
        List<NeedWord> all = words.findAllByOrderByWordAscIdAsc();
        Map<Long, String> names = adults.displayNames(
                all.stream().map(each -> each.saidBy).filter(id -> id != null).toList());
        return all.stream()
                .map(each -> new NeedWordShown(
                        each.id,
                        each.word,
                        each.support,
                        each.amount,
                        each.saidBy == null ? "" : names.getOrDefault(each.saidBy, ""),
                        each.saidAt))
                .toList();
    }

    /** Forgets a word: the next list that says it is asked about it again. What was granted stays. */
    @Transactional
    void forget(long wordId) {
        permission.requireAdministrator();
        NeedWord found = words.findById(wordId).orElseThrow(() -> Refusal.notFound("word"));
        words.delete(found);
        audit.note(null, "need-word.forgotten", wordId, found.word);
    }
}
