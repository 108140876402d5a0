/**
 * All of a school in one file, made while the server runs, and back again. A backup is checked by opening it.
 */
@NullMarked
package zafu.server.backup;

import org.jspecify.annotations.NullMarked;
