/**
 * Packages in and out: QTI 2.1 and 3.0 both ways, Common Cartridge 1.3 in. What cannot be taken is said item by item.
 */
@ApplicationModule(allowedDependencies = {"access", "library", "platform"})
@NullMarked
package zafu.server.qti;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
