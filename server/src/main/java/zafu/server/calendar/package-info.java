/**
 * Calendars for other programs: feeds under addresses that cannot be guessed, and files to download.
 */
@NullMarked
package zafu.server.calendar;

import org.jspecify.annotations.NullMarked;
