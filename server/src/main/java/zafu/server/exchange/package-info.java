/**
 * What comes in from files.
 */
@NullMarked
package zafu.server.exchange;

import org.jspecify.annotations.NullMarked;
