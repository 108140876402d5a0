package zafu.server.roster;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * What is written down about a student, but for what is measured or granted.
 *
 * @param preferredName what the student is called in class, blank for the given name
 * @param grade as in school, 0 to 13
 * @param language of home, as a code or a word
 * @param homeClass the name of the class that the student belongs to first
 * @param studentNumber the school's own number, blank for none
 */
public record StudentFacts(
        @NotBlank @Size(max = 120) String givenName,
        @NotNull @Size(max = 120) String familyName,
        @NotNull @Size(max = 120) String preferredName,
        @Min(0) @Max(13) int grade,
        @NotNull @Size(max = 20) String language,
        @NotNull @Size(max = 80) String homeClass,
        @NotNull @Size(max = 60) String studentNumber) {

    /** Only a name and a grade. */
    public static StudentFacts named(String givenName, String familyName, int grade) {
        return new StudentFacts(givenName, familyName, "", grade, "", "", "");
    }
}
