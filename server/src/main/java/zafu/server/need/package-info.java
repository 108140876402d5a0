/**
 * Plans and accommodations of students: who is granted what, when, for which work, from which source. Every look at
 * the detail and every change leaves a line.
 */
@NullMarked
package zafu.server.need;

import org.jspecify.annotations.NullMarked;
