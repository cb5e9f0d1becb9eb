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
 */
public record Frame(UUID id, @Nullable PhotoId photo, Crop crop, String caption, @Nullable Marks marks, @Nullable Spot spot) {
    public static Frame empty(UUID id) {
        return new Frame(id, null, Crop.CENTRED, "", null, null);
    }

    /** The same content as a frame of its own. */
    public Frame withId(UUID newId) {
        return new Frame(newId, photo, crop, caption, marks, spot);
    }

    /** This frame with another photo, centred; the words that came with the old photo give way to the new one's. */
    public Frame withPhoto(@Nullable PhotoId newPhoto, String newCaption) {
        return new Frame(id, newPhoto, Crop.CENTRED, newCaption, null, spot);
    }

    public Frame withCrop(Crop newCrop) {
        return new Frame(id, photo, newCrop, caption, marks, spot);
    }

    public Frame withCaption(String words) {
        return new Frame(id, photo, crop, words, marks, spot);
    }

    /** The other frame's photo, crop and words in this frame's place. */
    public Frame withContentOf(Frame other) {
        return new Frame(id, other.photo, other.crop, other.caption, other.marks, spot);
    }

    public Frame withMarks(Marks newMarks) {
        return new Frame(id, photo, crop, caption, newMarks.equals(Marks.NONE) ? null : newMarks, spot);
    }

    public Frame withSpot(@Nullable Spot newSpot) {
        return new Frame(id, photo, crop, caption, marks, newSpot);
    }
}
