/** The trail of who did what and when, read by class, student, group, task and school. Nothing here changes it. */
@NullMarked
package zafu.server.history;

import org.jspecify.annotations.NullMarked;
