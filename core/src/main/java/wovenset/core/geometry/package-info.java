/**
 * Places on a page, in millimetres as {@code double}.
 *
 * <p>The origin is the trim's top left corner, x runs right, y runs down, angles are degrees clockwise. Only computed
 * values live here; what is stored is in whole micrometres ({@link wovenset.core.measure.Length}).
 */
@NullMarked
package wovenset.core.geometry;

import org.jspecify.annotations.NullMarked;
