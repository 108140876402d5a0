/**
 * How students' values of a measure move over time, and where they are to be.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "measure", "platform", "roster"})
@NullMarked
package zafu.server.growth;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
