package zafu.server.finding;

/** The ways in which what was found can be narrowed. */
enum Facet {
    SKILL,
    KIND,
    LANGUAGE,
    TAG,
    GRADE,
    MINUTES,
    LEVEL,
    STARRED,
    UNUSED,
    MINE,
    UNIT
}
