/** Sums of lengths and grids for the interface's fields, computed by the core. */
@NullMarked
package wovenset.server.measure;

import org.jspecify.annotations.NullMarked;
