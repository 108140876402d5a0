/**
 * Wishes: what students would like to work on, and who should, may or must not work with whom.
 */
@NullMarked
package zafu.server.wish;

import org.jspecify.annotations.NullMarked;
