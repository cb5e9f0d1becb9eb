/**
 * Lays prints of exact sizes on sheets, to be cut out. Start at {@link wovenset.core.arrange.sheet.SheetPacking}.
 */
@NullMarked
package wovenset.core.arrange.sheet;

import org.jspecify.annotations.NullMarked;
