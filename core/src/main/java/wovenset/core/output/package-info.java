/**
 * Files to take away: PDF, JPEG and PNG, with exact measures, resolution and colour profile in the file.
 *
 * <p>Memory stays bounded: images are drawn in strips, PDFs keep their photos in a temporary file. Each maker reports
 * progress by page and stops at the next page or strip when asked. Start at {@link wovenset.core.output.PieceMaker}.
 */
@NullMarked
package wovenset.core.output;

import org.jspecify.annotations.NullMarked;
