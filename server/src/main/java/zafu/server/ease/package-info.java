/**
 * How a student likes to read: size, spacing, typeface, colours. Their own choice, kept wherever they sign in; what they
 * have not chosen follows what is granted to them.
 */
@NullMarked
package zafu.server.ease;

import org.jspecify.annotations.NullMarked;
