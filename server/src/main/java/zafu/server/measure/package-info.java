/**
 * Measures, their cuts, and what was observed of students.
 */
@ApplicationModule(allowedDependencies = {"access", "platform", "roster"})
@NullMarked
package zafu.server.measure;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
