/**
 * Who the rules are about: the ids that every other package of the core speaks of.
 */
@NullMarked
package zafu.core.roster;

import org.jspecify.annotations.NullMarked;
