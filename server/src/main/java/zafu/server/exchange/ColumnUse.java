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
        GRADE,
        SCORE,
        NOTHING
    }

    static ColumnUse plain(int column, Use as) {
        return new ColumnUse(column, as, null, null, null);
    }

    static List<ColumnUse> scores(List<ColumnUse> uses) {
        return uses.stream().filter(use -> use.as == Use.SCORE).toList();
    }
}
