/**
 * Whether the links of the library still lead somewhere.
 */
@NullMarked
package zafu.server.link;

import org.jspecify.annotations.NullMarked;
