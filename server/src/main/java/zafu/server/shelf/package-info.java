/**
 * What a group should see first among its reading and practice.
 */
@ApplicationModule(allowedDependencies = {"access", "arrangement", "library", "link", "platform", "roster"})
@NullMarked
package zafu.server.shelf;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
