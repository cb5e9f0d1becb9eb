/**
 * The looks of whole pieces: those that ship, and those that were kept from pieces. Letting a piece wear one is an edit
 * ({@link wovenset.core.edit.Edit.WearTheme}).
 */
@NullMarked
package wovenset.server.theme;

import org.jspecify.annotations.NullMarked;
