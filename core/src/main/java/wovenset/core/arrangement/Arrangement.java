package wovenset.core.arrangement;

/** What decides where a page's frames lie. It has a slot for each of them. */
public sealed interface Arrangement permits Grid, Slicing, Scattered, Silhouette, ByHand {
    /** How many slots there are; they are numbered from 0. */
    int slots();

    Margins margins();

    Arrangement withMargins(Margins newMargins);

    /** Whether a slot may be without a frame. If not, a frame without a photo stands in each that has none. */
    boolean mayBeVacant();

    <T> T accept(Visitor<T> visitor);

    /** One answer for each kind; a new kind stops the build wherever there is none. */
    interface Visitor<T> {
        T grid(Grid grid);

        T slicing(Slicing slicing);

        T scattered(Scattered scattered);

        T silhouette(Silhouette silhouette);

        T byHand(ByHand byHand);
    }
}
