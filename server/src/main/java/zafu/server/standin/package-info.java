/**
 * Small stand-ins for services outside, which ship with the demo. Each is a service of its own and speaks HTTP as the
 * real one would.
 */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package zafu.server.standin;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
