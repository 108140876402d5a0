/**
 * Plans and accommodations of students: who is granted what, when, for which work, from which source. Every look at
 * the detail and every change leaves a line.
 */
@ApplicationModule(allowedDependencies = {"access", "platform", "roster"})
@NullMarked
package zafu.server.need;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
