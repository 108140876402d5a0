/**
 * Calendars for other programs: feeds under addresses that cannot be guessed, and files to download.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "ease", "plan", "platform", "roster", "task"})
@NullMarked
package zafu.server.calendar;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
