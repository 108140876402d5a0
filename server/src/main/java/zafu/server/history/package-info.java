/** The trail of who did what and when, read by class, student, group, task and school. Nothing here changes it. */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "exchange", "platform", "roster", "task"})
@NullMarked
package zafu.server.history;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
