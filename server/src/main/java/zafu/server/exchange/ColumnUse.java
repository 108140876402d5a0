package zafu.server.exchange;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a column is taken for.
 *
 * @param column place in the file, from 0
 * @param measureId with SCORE: an existing measure; absent for a new one named {@code newMeasure}
 * @param newMeasure with SCORE: the name of a measure to be made
 * @param highest with a new measure: the largest value it can have
 */
record ColumnUse(int column, Use as, @Nullable Long measureId, @Nullable String newMeasure, @Nullable Double highest) {

    enum Use {
        GIVEN_NAME,
        FAMILY_NAME,
        FULL_NAME,
        PREFERRED_NAME,
        STUDENT_NUMBER,
        GRADE,
        HOME_CLASS,
        LANGUAGE,
        TAGS,
        DATE,
        SCORE,
        /** The share right on a skill that is called like the column. */
        SKILL,
        TIME_FACTOR,
        EXTRA_DAYS,
        NEED,
        NEED_AMOUNT,
        NEED_DETAIL,
        NEED_WORKS,
        NEED_SUBJECTS,
        NEED_FROM,
        NEED_TO,
        NEED_SOURCE,
        NOTHING
    }

    static ColumnUse plain(int column, Use as) {
        return new ColumnUse(column, as, null, null, null);
    }

    static List<ColumnUse> scores(List<ColumnUse> uses) {
        return of(Use.SCORE, uses);
    }

    static List<ColumnUse> of(Use as, List<ColumnUse> uses) {
        return uses.stream().filter(use -> use.as == as).toList();
    }
}
