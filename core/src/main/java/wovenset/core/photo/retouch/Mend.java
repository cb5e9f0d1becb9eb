package wovenset.core.photo.retouch;

import java.util.Optional;

/**
 * A place of a photo that is put right.
 *
 * @param stroke over what is wrong
 * @param like how far from there the same picture would be right, in shares of the photo's width and height; nothing if that is nowhere, or not
 *     asked for
 */
public record Mend(Kind kind, BrushStroke stroke, Optional<BrushStroke.Point> like) {
    /** What is wrong there. */
    public enum Kind {
        /** Something that should not be there: it gives way to what is around. */
        REMOVE,
        /** A pupil that shines red. */
        RED_EYE
    }
}
