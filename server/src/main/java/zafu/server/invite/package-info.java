/** Adults are asked by mail to work in a class, and accept once, in time, by an address that only the mail holds. */
@ApplicationModule(allowedDependencies = {"access", "platform", "roster"})
@NullMarked
package zafu.server.invite;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
