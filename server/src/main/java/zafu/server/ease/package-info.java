/**
 * How a student likes to read: language, size, spacing, typeface, colours. Their own choice, kept wherever they sign in; what they
 * have not chosen follows what is granted to them.
 */
@ApplicationModule(allowedDependencies = {"access", "need", "platform", "roster"})
@NullMarked
package zafu.server.ease;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
