/**
 * The made-up school that ./zafu demo starts with.
 */
@NullMarked
package zafu.server.demo;

import org.jspecify.annotations.NullMarked;
