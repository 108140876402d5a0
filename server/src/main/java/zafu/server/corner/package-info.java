/**
 * A group's own place: notices, talk, a shared folder, an address to meet at. Students see only theirs, called by the name
 * that students know; who leaves a group loses sight of it, and what was said stays.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "attempt", "platform", "roster"})
@NullMarked
package zafu.server.corner;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
