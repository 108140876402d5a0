/**
 * Tasks, their versions and targets; who gets what, with how long; handing out.
 */
@NullMarked
package zafu.server.task;

import org.jspecify.annotations.NullMarked;
