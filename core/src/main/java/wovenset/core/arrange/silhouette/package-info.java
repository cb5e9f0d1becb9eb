/**
 * A figure cut into pieces that photos fill: the cuts, what becomes of pieces that are too small, where the pieces lie for a gap, and which
 * photo suits which. Coordinates of a figure: one high, as wide as its proportion says.
 */
@NullMarked
package wovenset.core.arrange.silhouette;

import org.jspecify.annotations.NullMarked;
