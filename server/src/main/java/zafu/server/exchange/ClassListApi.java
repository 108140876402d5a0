package zafu.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What {@link ClassListController} takes and gives. */
final class ClassListApi {
    private ClassListApi() {}

    /**
     * @param classId an existing class to add to; absent for a new class
     * @param className of a new class
     * @param grade for students whose row gives none
     * @param takenOn the day of the scores, for rows that give none
     * @param pasted the "file" is text from the clipboard: a table, or a name a line
     * @param columns what was chosen by hand; the others are guessed
     * @param answers keys of choices by key of question
     * @param afresh what was said of the last file of these columns does not count
     */
    record Wanted(
            @Nullable Long classId,
            @NotNull @Size(max = 80) String className,
            @Min(0) @Max(13) int grade,
            @NotNull LocalDate takenOn,
            @Nullable Boolean pasted,
            @Nullable @Size(max = 400) List<@Valid ColumnUse> columns,
            @Nullable @Size(max = 20_000) Map<String, String> answers,
            @Nullable Boolean afresh) {}

    /**
     * @param rows the first so many, those with a problem first where there are more
     * @param newStudents how many rows name somebody new
     * @param changedStudents how many students of here get another name, grade, number or the like
     * @param unchanged how many rows bring nothing that is not here already
     * @param waiting how many rows wait for an answer
     * @param leftOut how many rows an answer leaves out
     * @param passedOver rows that are about the table and not about a student, a sentence each
     * @param questions all of them, those that are answered too
     * @param changes the first so many
     * @param remembered whether something was read as it was for the last file of these columns
     */
    record Preview(
            List<ListColumn> columns,
            List<ListRow> rows,
            int good,
            int withProblem,
            int newStudents,
            int changedStudents,
            int unchanged,
            int scores,
            int waiting,
            int leftOut,
            List<String> passedOver,
            List<ImportQuestion> questions,
            List<ListChanges.Change> changes,
            boolean remembered) {}

    /**
     * @param samples the first few cells that are not blank
     * @param why it is taken for that, in a few words
     * @param sure whether nothing else is likely
     */
    record ListColumn(String name, ColumnUse use, List<String> samples, String why, boolean sure) {}

    /**
     * @param scores in the order of the score columns; absent is "not assessed"
     * @param about what else the row brings, in words
     * @param hold why a row without a problem is not taken
     */
    record ListRow(
            int number,
            String givenName,
            String familyName,
            int grade,
            @Nullable LocalDate takenOn,
            List<ScoreCell> scores,
            List<String> about,
            boolean isNew,
            @Nullable String problem,
            @Nullable Hold hold) {}

    record ScoreCell(@Nullable Double value, String typed) {}

    record Taken(long importId, long classId, int newStudents, int knownStudents, int scores, int needs, int leftOut) {}
}
