/**
 * What is printed about students and groups: letters to families, reports of groups, certificates, a teacher's own week.
 */
@ApplicationModule(
        allowedDependencies = {
            "access",
            "arrangement",
            "attempt",
            "growth",
            "mark",
            "measure",
            "platform",
            "progress",
            "roster",
            "task"
        })
@NullMarked
package zafu.server.report;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
