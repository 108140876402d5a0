package zafu.core.work;

import java.util.Optional;

/**
 * Where one student's work at one task stands at a moment. Rule 5a.
 *
 * @param result the attempt whose result counts; empty while none is marked
 * @param late whether it was handed in after it was due
 * @param inMark what it does to the mark
 */
public record WorkStanding<A extends AttemptAtWork>(Where where, Optional<A> result, boolean late, InMark inMark) {}
