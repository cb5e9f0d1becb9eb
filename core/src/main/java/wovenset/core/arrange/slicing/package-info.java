/**
 * Pages that are cut into places: solved exactly, grown by a place, and photos in rows or columns.
 */
@NullMarked
package wovenset.core.arrange.slicing;

import org.jspecify.annotations.NullMarked;
