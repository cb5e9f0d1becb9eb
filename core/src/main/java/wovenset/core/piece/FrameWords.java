package wovenset.core.piece;

/** The words below a frame. */
public sealed interface FrameWords {
    FrameWords OF_ENTRY = new OfEntry();

    /** Those of the entry that it shows. */
    record OfEntry() implements FrameWords {}

    /** Words of its own; empty for none. */
    record Own(String text) implements FrameWords {
        public Own {
            Entry.checkCaption(text);
        }
    }
}
