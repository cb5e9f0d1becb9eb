/**
 * Reading photos: what a file is, whether it may be decoded, its upright sRGB pixels, and derived sizes.
 *
 * <p>Files are hostile until proven otherwise: format, pixel count and completeness are read from the bytes before
 * anything is decoded. Originals are only read. Pixels leave this room as sRGB images, upright, without transparency
 * (laid on white). Start at {@link wovenset.core.picture.PhotoInspector}.
 */
@NullMarked
package wovenset.core.picture;

import org.jspecify.annotations.NullMarked;
