/**
 * How students come in: printed entry cards, and the door of a class, through which they ask to join by themselves.
 */
@NullMarked
package zafu.server.entry;

import org.jspecify.annotations.NullMarked;
