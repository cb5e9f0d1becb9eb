/**
 * From a page's size and a grid's numbers to the places of its cells, and back.
 *
 * <p>All sums are in whole micrometres: cells, gaps and margins add up to the page exactly. Where a length does not
 * divide evenly, cells differ by one micrometre and never drift. Start at {@link wovenset.core.arrange.GridSums}.
 */
@NullMarked
package wovenset.core.arrange;

import org.jspecify.annotations.NullMarked;
