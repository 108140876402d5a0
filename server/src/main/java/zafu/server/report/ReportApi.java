package zafu.server.report;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What {@link ReportController} takes and gives. */
final class ReportApi {
    private ReportApi() {}

    enum ReportKind {
        FAMILY_LETTER,
        GROUP_REPORT,
        CERTIFICATE,
        OWN_WEEK
    }

    /**
     * @param students for whom, of the class; none for everyone, or for the members of the group
     * @param groupId one group alone
     * @param arrangementId of whose groups reports are wanted; absent for the newest
     * @param from first day; absent for six weeks before the last, or the week's Monday for one's own week
     * @param to last day; absent for today
     * @param language a code; empty for each family's own, where there are words in it
     * @param work whether it lists the work
     * @param mark whether it tells the overall mark
     * @param growth whether it tells of values over time
     * @param ownWords what the teacher adds
     */
    record ReportWanted(
            @NotNull ReportKind kind,
            @Nullable @Size(max = 400) List<Long> students,
            @Nullable Long groupId,
            @Nullable Long arrangementId,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @Nullable @Size(max = 20) String language,
            @Nullable Boolean work,
            @Nullable Boolean mark,
            @Nullable Boolean growth,
            @Nullable @Size(max = 600) String ownWords) {
        ReportWanted {
            students = students == null ? List.of() : students;
            language = Objects.requireNonNullElse(language, "");
            ownWords = Objects.requireNonNullElse(ownWords, "").strip();
            work = work == null || work;
            mark = mark == null || mark;
            growth = growth == null || growth;
        }
    }

    /** @param from first day that was taken, where none was asked for; likewise the last */
    record ReportShown(LocalDate from, LocalDate to, List<Sheet> sheets) {}

    /** @param name of the language, in itself */
    record ReportLanguage(String code, String name) {}
}
