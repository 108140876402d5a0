package zafu.server.wish;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import zafu.core.grouping.Rules;
import zafu.core.roster.StudentId;

/** What is noted of pairs, as rules and wishes for forming groups. Permission is the caller's to check. */
@Service
public class PairRules {
    private final PairNoteRepository notes;

    PairRules(PairNoteRepository notes) {
        this.notes = notes;
    }

    /** Of these classes together, without locks. */
    public Rules of(Collection<Long> classIds) {
        List<Set<StudentId>> together = new ArrayList<>();
        List<Rules.Pair> apart = new ArrayList<>();
        List<Rules.Wish> wishes = new ArrayList<>();
        for (PairNote note : notes.findByClassIdInOrderById(classIds)) {
            Rules.Pair pair = new Rules.Pair(new StudentId(note.oneId), new StudentId(note.otherId));
            switch (note.kind) {
                case MUST_BE_TOGETHER -> together.add(Set.of(pair.one(), pair.other()));
                case MUST_BE_APART -> apart.add(pair);
                case WORKS_WELL -> wishes.add(new Rules.Wish(pair, true, note.weight));
                case BETTER_APART -> wishes.add(new Rules.Wish(pair, false, note.weight));
            }
        }
        return new Rules(Map.of(), together, apart, wishes);
    }
}
