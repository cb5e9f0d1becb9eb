/**
 * Draws a scene on a {@code Graphics2D}: the only code that draws, for the screen, for images and for PDF.
 *
 * <p>The graphics' user space is page millimetres. Where pixels come from is behind
 * {@link wovenset.core.paint.PhotoRasters}. Start at {@link wovenset.core.paint.Painter}.
 */
@NullMarked
package wovenset.core.paint;

import org.jspecify.annotations.NullMarked;
