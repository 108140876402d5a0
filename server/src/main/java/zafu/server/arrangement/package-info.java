/**
 * Arrangements, their groups and who is in them; the bench.
 */
@ApplicationModule(allowedDependencies = {"access", "measure", "need", "platform", "roster", "skill", "wish"})
@NullMarked
package zafu.server.arrangement;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
