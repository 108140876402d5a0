/**
 * Whether the links of the library still lead somewhere.
 */
@ApplicationModule(allowedDependencies = {"access", "library", "platform"})
@NullMarked
package zafu.server.link;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
