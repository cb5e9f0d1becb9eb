package wovenset.core.piece;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A place for one photo.
 *
 * @param photo null while the frame is empty
 * @param caption the words below it; empty for none
 * @param marks what is wanted of the photo when the page is arranged anew; null for nothing
 * @param spot a place of its own; null if the page's arrangement places it
 * @param border its own; null for the dress's
 */
public record Frame(
        UUID id,
        @Nullable PhotoId photo,
        Crop crop,
        String caption,
        @Nullable Marks marks,
        @Nullable Spot spot,
        @Nullable Border border) {
    public static Frame empty(UUID id) {
        return new Frame(id, null, Crop.CENTRED, "", null, null, null);
    }

    /** The same content as a frame of its own. */
    public Frame withId(UUID newId) {
        return new Frame(newId, photo, crop, caption, marks, spot, border);
    }

    /** This frame with another photo, centred; the words that came with the old photo give way to the new one's. */
    public Frame withPhoto(@Nullable PhotoId newPhoto, String newCaption) {
        return new Frame(id, newPhoto, Crop.CENTRED, newCaption, null, spot, border);
    }

    public Frame withCrop(Crop newCrop) {
        return new Frame(id, photo, newCrop, caption, marks, spot, border);
    }

    public Frame withCaption(String words) {
        return new Frame(id, photo, crop, words, marks, spot, border);
    }

    /** The other frame's photo, crop, words and border in this frame's place. */
    public Frame withContentOf(Frame other) {
        return new Frame(id, other.photo, other.crop, other.caption, other.marks, spot, other.border);
    }

    public Frame withMarks(Marks newMarks) {
        return new Frame(id, photo, crop, caption, newMarks.equals(Marks.NONE) ? null : newMarks, spot, border);
    }

    /** The marks, or none. */
    public Marks wanted() {
        return marks == null ? Marks.NONE : marks;
    }

    public Frame withSpot(@Nullable Spot newSpot) {
        return new Frame(id, photo, crop, caption, marks, newSpot, border);
    }

    public Frame withBorder(@Nullable Border newBorder) {
        return new Frame(id, photo, crop, caption, marks, spot, newBorder);
    }

    /** The border that it is shown with. */
    public Border borderIn(Dress dress) {
        return border == null ? dress.border() : border;
    }
}
