/**
 * The week by group: tasks on their days, teacher-led sessions, minutes, and what is done to a whole week.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "platform", "roster", "task"})
@NullMarked
package zafu.server.plan;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
