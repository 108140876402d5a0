package zafu.server.arrangement;

/** How an arrangement was begun. */
public enum Method {
    SIMILAR,
    BANDS,
    BY_HAND
}
