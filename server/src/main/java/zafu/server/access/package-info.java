/**
 * Who is asking and what they may do: adults, entry codes, roles per class, and the audit trail.
 */
@ApplicationModule(allowedDependencies = {"platform"})
@NullMarked
package zafu.server.access;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
