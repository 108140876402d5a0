/**
 * Skills and what was seen of students on them.
 */
@NullMarked
package zafu.server.skill;

import org.jspecify.annotations.NullMarked;
