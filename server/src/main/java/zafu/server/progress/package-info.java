/** Students by tasks in the grid, what is done to its cells, marks, and the news that keeps screens fresh. */
@ApplicationModule(
        allowedDependencies = {
            "access",
            "arrangement",
            "attempt",
            "corner",
            "exchange",
            "mark",
            "measure",
            "need",
            "oneroster",
            "platform",
            "roster",
            "task"
        })
@NullMarked
package zafu.server.progress;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
