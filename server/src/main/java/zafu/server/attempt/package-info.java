/**
 * A student's own pages: my work and attempts; their marking, and how a task went. Nothing a student is sent speaks of
 * groups, versions or needs.
 */
@ApplicationModule(
        allowedDependencies = {"access", "arrangement", "library", "need", "platform", "roster", "skill", "task"})
@NullMarked
package zafu.server.attempt;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
