/**
 * Lengths, the units they are written in, and sums of them.
 *
 * <p>A stored length is a whole number of micrometres, so that an inch (25 400 µm) and a millimetre are both exact and
 * sums close. Sums are computed with exact fractions and rounded once, at the end, half away from zero. A pixel is a
 * length only next to a {@link wovenset.core.measure.Resolution}. Start at {@link wovenset.core.measure.LengthSum}.
 * This room knows no other room.
 */
@NullMarked
package wovenset.core.measure;

import org.jspecify.annotations.NullMarked;
