/** What needs a person now. */
@ApplicationModule(
        allowedDependencies = {
            "access",
            "arrangement",
            "entry",
            "library",
            "link",
            "mark",
            "measure",
            "plan",
            "platform",
            "progress",
            "roster",
            "shelf",
            "task"
        })
@NullMarked
package zafu.server.today;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
