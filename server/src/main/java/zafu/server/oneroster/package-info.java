/**
 * The school's list as OneRoster 1.2 speaks it: as a bundle of CSV files in and out, and over REST from the school's
 * information system. What comes is compared with what is here, shown, and applied once somebody agrees.
 */
@ApplicationModule(allowedDependencies = {"access", "exchange", "measure", "need", "platform", "roster"})
@NullMarked
package zafu.server.oneroster;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
