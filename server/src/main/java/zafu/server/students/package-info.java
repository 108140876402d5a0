/**
 * The Students screen: everybody in one table with scores, needs and groups, narrowed and sorted; saved narrowings.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "measure", "need", "platform", "roster"})
@NullMarked
package zafu.server.students;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
