package zafu.server.calendar;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that stands in a calendar.
 *
 * @param key the same whenever the same thing is written, so that a program changes it instead of adding another
 * @param ends absent for a moment
 */
record Entry(String key, Instant begins, @Nullable Instant ends, String title, String about) {}
