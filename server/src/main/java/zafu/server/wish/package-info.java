/**
 * Wishes: what students would like to work on, and who should, may or must not work with whom.
 */
@ApplicationModule(allowedDependencies = {"access", "platform", "roster"})
@NullMarked
package zafu.server.wish;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
