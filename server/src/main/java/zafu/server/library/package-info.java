/**
 * Texts and questions that tasks are made of.
 */
@NullMarked
package zafu.server.library;

import org.jspecify.annotations.NullMarked;
