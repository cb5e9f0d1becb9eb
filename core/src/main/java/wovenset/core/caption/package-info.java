/**
 * Many captions at once, written from what is known of each photo.
 *
 * <p>A pattern ({@link wovenset.core.caption.CaptionPattern}) is text with fields in braces. Where the values come from (a file's
 * name, a camera's clock, a table of the person's own) is not known here.
 */
@NullMarked
package wovenset.core.caption;

import org.jspecify.annotations.NullMarked;
