package zafu.core.marking;

import java.time.Instant;
import java.util.Optional;

/** When a student is told what was right, as the teacher set it. */
public enum Feedback {
    /** Each answer, as often as it is checked, while working. */
    AS_THEY_GO,
    WHEN_HANDED_IN,
    /** Not before the due time of this student; at once where there is none. */
    AFTER_DUE,
    /** When the teacher has looked at it. */
    AFTER_MARKING;

    /** Whether what was handed in shows its result. */
    public boolean isOpenAt(Instant moment, Optional<Instant> due, boolean returned) {
        return switch (this) {
            case AS_THEY_GO, WHEN_HANDED_IN -> true;
            case AFTER_DUE -> returned || due.map(each -> moment.isAfter(each)).orElse(true);
            case AFTER_MARKING -> returned;
        };
    }
}
