/**
 * Backends that draw a display list: the only code that draws, for the screen, for images and for PDF.
 *
 * <p>{@link wovenset.core.paint.RasterPainter} draws any window of a page at any scale on pixels,
 * {@link wovenset.core.paint.pdf.PdfBackend} writes the same operations into a PDF, where paths stay paths and words stay words. Where
 * pixels of photos come from is behind {@link wovenset.core.paint.PhotoRasters} and {@link wovenset.core.paint.pdf.PdfImages}.
 */
@NullMarked
package wovenset.core.paint;

import org.jspecify.annotations.NullMarked;
