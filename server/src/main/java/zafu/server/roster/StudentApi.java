package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/** What {@link StudentController} takes and gives. */
final class StudentApi {
    private StudentApi() {}

    /** @param version of what was last read; a newer one in the meantime is a conflict */
    record StudentEdit(long version, @Valid StudentFacts facts, List<@NotBlank @Size(max = 60) String> tags) {}

    record StudentSheet(
            long id,
            long version,
            StudentFacts facts,
            List<String> tags,
            List<ClassStay> classes,
            boolean archived,
            boolean mayChange,
            boolean maySeeNeeds) {}

    record ClassStay(long classId, String name, LocalDate since) {}

    /** @param name given and family name, typed once more so that nobody is erased by a slip */
    record EraseAsked(@NotNull @Size(max = 250) String name) {}
}
