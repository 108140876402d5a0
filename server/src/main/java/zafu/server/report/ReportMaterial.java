package zafu.server.report;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import zafu.core.growth.Point;
import zafu.core.roster.StudentId;
import zafu.server.growth.Growth;
import zafu.server.mark.Marks;
import zafu.server.report.ReportApi.ReportWanted;
import zafu.server.report.Sheet.SheetTable;
import zafu.server.roster.Roster.KnownStudent;

/**
 * All that reports of a class are made from, read once.
 *
 * @param adult the name of who writes
 * @param students of the class, by id
 */
record ReportMaterial(
        String school,
        String className,
        String adult,
        LocalDate from,
        LocalDate to,
        ReportWanted wanted,
        WorkInTime work,
        Map<StudentId, Marks.StudentMark> marks,
        Map<StudentId, List<Growth.Values>> growth,
        Map<StudentId, KnownStudent> students) {

    /** As called in class. */
    static String called(KnownStudent student) {
        String preferred = student.facts().preferredName().strip();
        return preferred.isEmpty() ? student.facts().givenName() : preferred;
    }

    static String fullName(KnownStudent student) {
        return (student.facts().givenName() + " " + student.facts().familyName()).strip();
    }

    /** The language that was asked for, else that of the student's home where there are words in it, else the first. */
    ReportWords wordsFor(KnownStudent student) {
        return ReportWords.find(wanted.language())
                .or(() -> ReportWords.find(student.facts().language()))
                .orElse(ReportWords.ALL.get(0));
    }

    /** Of sheets that go to no family. */
    ReportWords ownWords() {
        return ReportWords.find(wanted.language()).orElse(ReportWords.ALL.get(0));
    }

    String period(ReportWords words) {
        return words.of("period", words.day(from), words.day(to));
    }

    List<Point> inTime(List<Point> points) {
        return points.stream()
                .filter(each -> !each.date().isBefore(from) && !each.date().isAfter(to))
                .toList();
    }

    Sheet sheet(ReportWords words, String title, String about, List<String> paragraphs, List<SheetTable> tables) {
        return new Sheet(
                words.language(),
                false,
                school,
                title,
                about,
                paragraphs,
                tables,
                wanted.ownWords(),
                List.of(words.of("signed", adult, school)));
    }
}
