/**
 * Skills: what evidence says of a student. Rule 5 in docs/rules.md.
 */
@NullMarked
package zafu.core.skill;

import org.jspecify.annotations.NullMarked;
