/**
 * What can be given or led: texts, questions, lessons, links, sheets; with who sees it, what it trains, and how it is found.
 */
@ApplicationModule(allowedDependencies = {"access", "measure", "platform", "skill"})
@NullMarked
package zafu.server.library;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
