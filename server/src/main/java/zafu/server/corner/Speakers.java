package zafu.server.corner;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.roster.Roster;

/** The names of those who said or brought something. */
@Component
class Speakers {
    private final AdultAccounts adults;
    private final Roster roster;

    Speakers(AdultAccounts adults, Roster roster) {
        this.adults = adults;
        this.roster = roster;
    }

    /** Students by given name, adults as they are called. */
    record Names(Map<Long, String> adults, Map<StudentId, Roster.StudentName> students) {
        String adult(long id) {
            return adults.getOrDefault(id, "");
        }

        String of(@Nullable Long adultId, @Nullable Long studentId) {
            if (adultId != null) {
                return adult(adultId);
            }
            Roster.StudentName student = studentId == null ? null : students.get(new StudentId(studentId));
            return student == null ? "" : student.givenName();
        }
    }

    Names of(CornerContents.Read read, List<CornerFile> folder) {
        Set<Long> grown = new HashSet<>();
        Set<Long> learners = new HashSet<>();
        read.notices().forEach(each -> grown.add(each.madeBy));
        read.posts().values().stream().flatMap(List::stream).forEach(each -> {
            add(grown, each.adultId);
            add(learners, each.studentId);
            add(learners, each.onlyFor);
        });
        folder.forEach(each -> {
            add(grown, each.adultId);
            add(learners, each.studentId);
        });
        read.noticeFiles().values().stream().flatMap(List::stream).forEach(each -> add(grown, each.adultId));
        return new Names(adults.displayNames(grown), roster.named(learners));
    }

    private static void add(Set<Long> to, @Nullable Long id) {
        if (id != null) {
            to.add(id);
        }
    }
}
