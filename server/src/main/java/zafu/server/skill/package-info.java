/**
 * Skills and what was seen of students on them.
 */
@ApplicationModule(allowedDependencies = {"access", "measure", "platform", "roster"})
@NullMarked
package zafu.server.skill;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
