/**
 * Rows and columns: from a page's size and a grid's numbers to its cells, and back.
 */
@NullMarked
package wovenset.core.arrange.grid;

import org.jspecify.annotations.NullMarked;
