/** What needs a person now. */
@NullMarked
package zafu.server.today;

import org.jspecify.annotations.NullMarked;
