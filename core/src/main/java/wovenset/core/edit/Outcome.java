package wovenset.core.edit;

import wovenset.core.piece.Piece;

/**
 * What an edit made of a piece.
 *
 * @param name what was done, for undo, redo and the history: “Swap two frames”
 */
public record Outcome(Piece piece, String name) {}
