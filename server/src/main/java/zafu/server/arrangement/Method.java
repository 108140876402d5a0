package zafu.server.arrangement;

/** How groups are formed. */
public enum Method {
    SIMILAR,
    BANDS,
    SAME_SIZE,
    COMPOSITE,
    PROFILES,
    MIXED,
    SKILL,
    NEEDS,
    RANDOM,
    CHOICES,
    BY_HAND,
    ONE_EACH,
    WHOLE_CLASS,
    COPY
}
