/**
 * What a group should see first among its reading and practice.
 */
@NullMarked
package zafu.server.shelf;

import org.jspecify.annotations.NullMarked;
