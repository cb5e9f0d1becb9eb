/**
 * What applies edits of arrangements: grids and their cells, cuts, scattering, patterns, and pages composed for photos that wait.
 *
 * <p>Each class registers what it applies by the type of edit and is found by {@code edit.apply}; what they share is in {@code edit.slots}.
 */
@NullMarked
package wovenset.core.edit.cells;

import org.jspecify.annotations.NullMarked;
