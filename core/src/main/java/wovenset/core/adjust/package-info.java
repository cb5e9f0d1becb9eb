/**
 * What is done to the pixels of photos for one use of them: light and colour.
 *
 * <p>{@link wovenset.core.adjust.Adjusting} makes a changed copy of decoded pixels, in floats inside, so that nothing is rounded twice.
 * Every amount is a function of the pixel alone, so it looks alike at any size. Where pixels come from and where they go is not known
 * here. Formulas: docs/algorithms/adjusting.md.
 */
@NullMarked
package wovenset.core.adjust;

import org.jspecify.annotations.NullMarked;
