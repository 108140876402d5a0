package zafu.server.attempt;

import jakarta.persistence.Embeddable;
import zafu.core.work.SavedAnswer;

/** How often an answer was changed, and by which device last: a {@link SavedAnswer} as it is in the database. */
@Embeddable
class SavedBy {
    long number;
    String device = "";
    long given;

    SavedAnswer asSaved() {
        return new SavedAnswer(number, device, given);
    }

    static SavedBy of(SavedAnswer saved) {
        SavedBy by = new SavedBy();
        by.number = saved.number();
        by.device = saved.device();
        by.given = saved.given();
        return by;
    }
}
