package zafu.server.exchange;

import java.util.EnumSet;
import java.util.Set;

/** What an import did to something; each has a way back in {@link ImportLog}. */
public enum Changed {
    STUDENT_MADE,
    STUDENT_CHANGED,
    STUDENT_ARCHIVED,
    STUDENT_BROUGHT_BACK,
    ENROLLED,
    TAKEN_OUT,
    CLASS_MADE,
    CLASS_RENAMED,
    CLASS_BROUGHT_BACK,
    MEASURE_MADE,
    SKILL_MADE,
    TERM_MADE,
    ADULT_MADE,
    NEED_GRANTED,
    NEED_ENDED,
    ROLE_GIVEN,
    ROLE_TAKEN;

    /** Those whose subject is a student. */
    static final Set<Changed> OF_STUDENTS =
            EnumSet.of(STUDENT_MADE, STUDENT_CHANGED, STUDENT_ARCHIVED, STUDENT_BROUGHT_BACK, ENROLLED, TAKEN_OUT);

    /** Those whose subject is something granted to a student. */
    static final Set<Changed> OF_NEEDS = EnumSet.of(NEED_GRANTED, NEED_ENDED);
}
