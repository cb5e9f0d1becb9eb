/**
 * Draws a display list into a PDF (ISO 32000-1), so that words stay words and outlines stay outlines.
 *
 * <p>Only what is soft or textured becomes pixels, drawn by {@link wovenset.core.paint}, as fine as any printer shows. Start
 * reading at {@link PdfBackend}; the photos' own bytes come from whoever writes the file ({@link PdfImages}).
 */
@NullMarked
package wovenset.core.paint.pdf;

import org.jspecify.annotations.NullMarked;
