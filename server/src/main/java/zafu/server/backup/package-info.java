/**
 * All of a school in one file, made while the server runs, and back again. A backup is checked by opening it.
 */
@ApplicationModule(allowedDependencies = {"access", "platform"})
@NullMarked
package zafu.server.backup;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
