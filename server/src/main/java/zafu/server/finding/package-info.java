/**
 * Choosing what to teach: what the library has for a group, best first, what the group is ready for, what it lacks.
 */
@ApplicationModule(
        allowedDependencies = {"access", "arrangement", "library", "link", "measure", "platform", "roster", "skill"})
@NullMarked
package zafu.server.finding;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
