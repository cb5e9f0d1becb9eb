/**
 * What differs between two states of a piece, in both directions: the steps of the history.
 *
 * <p>A {@link wovenset.core.delta.PieceDelta} holds what an edit touched and nothing else, so that a step costs what it changed.
 * {@code of(a, b).applied(a)} is b, and its inverse leads back.
 */
@NullMarked
package wovenset.core.delta;

import org.jspecify.annotations.NullMarked;
