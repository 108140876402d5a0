package zafu.core.roster;

/** One student. The order is by number, so that lists keyed by it always read the same way. */
public record StudentId(long value) implements Comparable<StudentId> {
    @Override
    public int compareTo(StudentId other) {
        return Long.compare(value, other.value);
    }
}
