package zafu.core.bench;

/** What a teacher asked for cannot be done to the groups as they are. */
public final class CannotBeDone extends RuntimeException {
    private final Because because;
    private final String name;

    CannotBeDone(Because because) {
        this(because, "");
    }

    CannotBeDone(Because because, String name) {
        super(because + " " + name);
        this.because = because;
        this.name = name;
    }

    public Because because() {
        return because;
    }

    /** The name that is taken; empty for other reasons. */
    public String name() {
        return name;
    }

    public enum Because {
        NO_SUCH_GROUP,
        /** Only who is in a group can be locked there. */
        NOT_PLACED,
        /** There are {@link BenchState#MOST_GROUPS} already. */
        TOO_MANY_GROUPS,
        NAME_TAKEN,
        /** A group cannot be merged with itself. */
        SAME_GROUP,
        /** Of a group that is split, somebody stays and somebody leaves. */
        NOTHING_TO_SPLIT,
        /** Halves by score need two who have one. */
        TOO_FEW_SCORES
    }
}
