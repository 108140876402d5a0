/**
 * What comes in from files and goes out again: lists of students and scores, read, matched, shown, taken, and taken
 * back.
 */
@ApplicationModule(allowedDependencies = {"access", "measure", "need", "platform", "roster", "skill"})
@NullMarked
package zafu.server.exchange;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
