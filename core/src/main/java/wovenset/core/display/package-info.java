/**
 * The display list: what is drawn, as values, from back to front.
 *
 * <p>A few operations that every backend knows ({@link wovenset.core.display.Op}), in millimetres, each group in axes of its own.
 * Equal operations have equal texts, by which their pictures are named. What they are made from is not known here.
 */
@NullMarked
package wovenset.core.display;

import org.jspecify.annotations.NullMarked;
