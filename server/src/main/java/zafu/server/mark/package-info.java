/**
 * What work comes to: categories, weights, what counts, and how a mark came about.
 */
@ApplicationModule(allowedDependencies = {"access", "attempt", "library", "platform", "roster", "task"})
@NullMarked
package zafu.server.mark;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
