package zafu.server.students;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Support;

/**
 * Whom the table shows, and in which order.
 *
 * @param classId one class; absent for all classes of the adult
 * @param groupId members of this group
 * @param notIn an arrangement; students in none of its groups
 * @param measureId what band, from and to speak of
 * @param band place from 0, the weakest
 * @param from smallest value shown, included
 * @param to largest value shown, included
 * @param text part of a name, number or tag
 * @param sort {@code name}, {@code family}, {@code grade}, {@code home}, {@code lastHere}, or {@code m} and the id of
 *     a measure; those without a value come last either way
 */
record Narrowing(
        @Nullable Long classId,
        @Nullable Integer grade,
        @Nullable @Size(max = 80) String home,
        @Nullable Long groupId,
        @Nullable Long notIn,
        @Nullable Long measureId,
        @Nullable Integer band,
        @Nullable Double from,
        @Nullable Double to,
        @Nullable Support need,
        @Nullable @Size(max = 60) String tag,
        @Nullable @Size(max = 120) String text,
        @Nullable SignedIn signedIn,
        @Nullable Boolean archived,
        @Nullable @Pattern(regexp = "name|family|grade|home|lastHere|m\\d{1,18}", message = "{no-column-to-sort-by}")
                String sort,
        @Nullable Boolean descending) {

    enum SignedIn {
        EVER,
        NEVER
    }

    boolean wantsArchived() {
        return Boolean.TRUE.equals(archived);
    }
}
