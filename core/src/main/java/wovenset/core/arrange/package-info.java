/**
 * From a page to where its frames lie.
 *
 * <p>Each kind of arrangement has a room of its own below this one; {@link wovenset.core.arrange.Places} asks the right one.
 * Sums of grids are in whole micrometres and add up to the page exactly.
 */
@NullMarked
package wovenset.core.arrange;

import org.jspecify.annotations.NullMarked;
