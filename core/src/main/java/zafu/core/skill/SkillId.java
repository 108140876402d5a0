package zafu.core.skill;

/** One skill. */
public record SkillId(long value) implements Comparable<SkillId> {
    @Override
    public int compareTo(SkillId other) {
        return Long.compare(value, other.value);
    }
}
