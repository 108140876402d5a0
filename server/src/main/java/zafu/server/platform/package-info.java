/**
 * What every feature stands on: the clock, refusals and their problem details, the page that carries the front end,
 * PDFs, files.
 */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package zafu.server.platform;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
