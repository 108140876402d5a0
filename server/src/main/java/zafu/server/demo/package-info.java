/**
 * The made-up school that ./zafu demo starts with.
 */
@ApplicationModule(allowedDependencies = {"access", "link", "measure", "oneroster", "platform", "roster", "standin"})
@NullMarked
package zafu.server.demo;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
