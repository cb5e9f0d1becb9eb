/**
 * Every change a person can make, as a value, and applying one to a piece.
 *
 * <p>{@link wovenset.core.edit.Edits#apply} is a pure function: piece in, piece and a name for the history out, or an
 * {@link wovenset.core.edit.EditRefusedException} that names the field. New identifiers come in from outside, so the
 * same edit gives the same piece.
 */
@NullMarked
package wovenset.core.edit;

import org.jspecify.annotations.NullMarked;
