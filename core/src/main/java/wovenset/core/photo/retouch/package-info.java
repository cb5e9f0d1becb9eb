/**
 * What is done to a photo's pixels by hand for one use of it: values in shares of the upright photo, from which room {@code retouch} makes
 * pixels. The original stays as it is.
 */
@NullMarked
package wovenset.core.photo.retouch;

import org.jspecify.annotations.NullMarked;
