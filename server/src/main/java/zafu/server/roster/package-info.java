/** The school, its calendar, classes, students and adults. */
@ApplicationModule(allowedDependencies = {"access", "platform"})
@NullMarked
package zafu.server.roster;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
