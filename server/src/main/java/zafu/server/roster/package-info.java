/**
 * The school, its calendar, classes, students and what students need.
 */
@NullMarked
package zafu.server.roster;

import org.jspecify.annotations.NullMarked;
