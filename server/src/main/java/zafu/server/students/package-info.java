/**
 * The Students screen: everybody in one table with scores, needs and groups, narrowed and sorted; saved narrowings.
 */
@NullMarked
package zafu.server.students;

import org.jspecify.annotations.NullMarked;
