/**
 * Tasks, their versions and targets; who gets what, with how long; handing out.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "library", "link", "need", "platform", "roster"})
@NullMarked
package zafu.server.task;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
