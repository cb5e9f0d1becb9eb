package wovenset.core.piece;

/** What decides where a page's frames lie. It has a place for each of them. */
public sealed interface Arrangement permits Grid, Slicing, Scattered, Free {
    /** The number of frames that it places. */
    int places();

    Margins margins();

    Arrangement withMargins(Margins newMargins);
}
