/**
 * Arrangements, their groups and who is in them; the bench.
 */
@NullMarked
package zafu.server.arrangement;

import org.jspecify.annotations.NullMarked;
