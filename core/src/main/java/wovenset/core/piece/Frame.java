package wovenset.core.piece;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A place for one photo.
 *
 * @param photo null while the frame is empty
 * @param caption the words below it; empty for none
 */
public record Frame(UUID id, @Nullable PhotoId photo, Crop crop, String caption) {
    public static Frame empty(UUID id) {
        return new Frame(id, null, Crop.CENTRED, "");
    }

    /** This frame with another photo, centred; the words that came with the old photo give way to the new one's. */
    public Frame withPhoto(@Nullable PhotoId newPhoto, String newCaption) {
        return new Frame(id, newPhoto, Crop.CENTRED, newCaption);
    }

    public Frame withCrop(Crop newCrop) {
        return new Frame(id, photo, newCrop, caption);
    }

    public Frame withCaption(String words) {
        return new Frame(id, photo, crop, words);
    }

    /** The other frame's photo, crop and words in this frame's place. */
    public Frame withContentOf(Frame other) {
        return new Frame(id, other.photo, other.crop, other.caption);
    }
}
