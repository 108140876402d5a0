/**
 * Students by tasks, and the news that keeps screens fresh.
 */
@NullMarked
package zafu.server.progress;

import org.jspecify.annotations.NullMarked;
