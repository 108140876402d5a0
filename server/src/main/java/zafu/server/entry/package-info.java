/**
 * How students come in: printed entry cards, and the door of a class, through which they ask to join by themselves.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "attempt", "platform", "roster"})
@NullMarked
package zafu.server.entry;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
