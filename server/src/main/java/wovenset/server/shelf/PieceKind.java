package wovenset.server.shelf;

/** What a piece is meant to be. It names the piece on the shelf and decides nothing. */
public enum PieceKind {
    WALL,
    CANVASES,
    ALBUM,
    PRICES,
    PRINTS,
    CARD
}
