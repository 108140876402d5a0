/**
 * A student's own pages: my work and tries. Nothing here speaks of groups, versions or needs.
 */
@NullMarked
package zafu.server.attempt;

import org.jspecify.annotations.NullMarked;
