/**
 * The shipped typefaces and the fitting of words into a width.
 *
 * <p>Sizes are in points, widths in millimetres. Nothing is left out in silence: words that do not fit and signs that a
 * typeface lacks are reported with the result. Start at {@link wovenset.core.words.WordFitter}.
 */
@NullMarked
package wovenset.core.words;

import org.jspecify.annotations.NullMarked;
