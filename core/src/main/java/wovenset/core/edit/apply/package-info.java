/**
 * Applies edits to pieces.
 *
 * <p>{@link wovenset.core.edit.apply.Edits#apply} is a pure function: piece in, piece and the name of the step out, or an
 * {@link wovenset.core.edit.EditRefusedException} that names the field. What applies a kind of edit is registered by its type, and
 * the start fails if a kind has none. New names come in from outside, so the same edit gives the same piece.
 */
@NullMarked
package wovenset.core.edit.apply;

import org.jspecify.annotations.NullMarked;
