package wovenset.core.item;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.drawing.Drawing;
import wovenset.core.drawing.Part;
import wovenset.core.drawing.Picture;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.Course;
import wovenset.core.style.Rule;
import wovenset.core.style.TextStyle;

/** What a frame shows. */
public sealed interface Fill {
    Fill EMPTY = new Empty();

    /** Nothing yet. */
    record Empty() implements Fill {}

    /**
     * A photo that shows in this frame.
     *
     * @param adjusted how its light and colour are changed here; nothing if they are not
     * @param retouched what is done to it by hand here; nothing if nothing is
     * @param mosaic of what it is made up; nothing if it is shown itself
     */
    record OwnPhoto(
            UUID entry,
            Crop crop,
            Optional<Adjustments> adjusted,
            Optional<Retouching> retouched,
            Optional<Mosaic> mosaic)
            implements Fill {
        public OwnPhoto {
            adjusted = adjusted.flatMap(Adjustments::unlessNone);
            retouched = retouched.flatMap(Retouching::unlessNone);
        }

        /** The photo as it is. */
        public OwnPhoto(UUID entry, Crop crop) {
            this(entry, crop, Optional.empty(), Optional.empty(), Optional.empty());
        }

        /** The same with other names for the photos that it shows. */
        public OwnPhoto mapEntries(UnaryOperator<UUID> change) {
            return new OwnPhoto(
                    change.apply(entry), crop, adjusted, retouched, mosaic.map(one -> one.mapPhotos(change)));
        }

        public OwnPhoto withCrop(Crop newCrop) {
            return new OwnPhoto(entry, newCrop, adjusted, retouched, mosaic);
        }

        public OwnPhoto withAdjusted(Optional<Adjustments> newAdjusted) {
            return new OwnPhoto(entry, crop, newAdjusted, retouched, mosaic);
        }

        public OwnPhoto withRetouched(Optional<Retouching> newRetouched) {
            return new OwnPhoto(entry, crop, adjusted, newRetouched, mosaic);
        }

        public OwnPhoto withMosaic(Optional<Mosaic> newMosaic) {
            return new OwnPhoto(entry, crop, adjusted, retouched, newMosaic);
        }
    }

    /**
     * Words of its own instead of a photo.
     *
     * @param shared the style of the piece that they follow, but for what differs from it; nothing if they follow none
     */
    record Words(String text, TextStyle style, Course course, Optional<UUID> shared) implements Fill {
        /** In characters as a person counts them (code points). */
        public static final int LONGEST = 40_000;

        public Words {
            Checks.that(text.codePointCount(0, text.length()) <= LONGEST, Reason.TEXT_LENGTH, LONGEST);
        }

        public Words(String text, TextStyle style) {
            this(text, style, Course.STRAIGHT, Optional.empty());
        }

        public Words withText(String newText) {
            return new Words(newText, style, course, shared);
        }

        public Words withStyle(TextStyle newStyle) {
            return new Words(text, newStyle, course, shared);
        }

        public Words withCourse(Course newCourse) {
            return new Words(text, style, newCourse, shared);
        }

        public Words sharing(Optional<UUID> newShared) {
            return new Words(text, style, course, newShared);
        }
    }

    /**
     * A drawing instead of a photo; rings are none of these but frames' outlines.
     *
     * @param colours one for each of its parts
     * @param words what stands on a ribbon's face, along its own curve; empty for drawings that have none
     */
    record Ornament(Drawing drawing, List<Rgb> colours, Optional<Words> words) implements Fill {
        public Ornament {
            colours = List.copyOf(colours);
            Picture picture = drawing.picture();
            Checks.that(picture.opening().isEmpty(), Reason.RING_IS_OUTLINE);
            Checks.that(
                    colours.size() == picture.parts().size(),
                    Reason.ORNAMENT_COLOURS,
                    picture.parts().size());
            Checks.that(words.isEmpty() == picture.spine().isEmpty(), Reason.ORNAMENT_WORDS);
        }

        /** As it is drawn. */
        public static Ornament of(Drawing drawing, TextStyle style) {
            Picture picture = drawing.picture();
            return new Ornament(
                    drawing,
                    picture.parts().stream().map(Part::usual).toList(),
                    picture.spine().map(spine -> new Words("", style)));
        }

        public Ornament withColours(List<Rgb> newColours) {
            return new Ornament(drawing, newColours, words);
        }

        public Ornament withWords(Words newWords) {
            return new Ornament(drawing, colours, Optional.of(newWords));
        }
    }

    /** A box: a paint instead of a photo. */
    record Painted(Paint paint) implements Fill {}

    /** A line instead of a photo. */
    record Ruled(Rule rule) implements Fill {}

    /**
     * The part of a page's {@link SharedPicture} that lies below this frame.
     *
     * @param adjusted how its light and colour are changed here; nothing if they are not
     */
    record Through(UUID picture, Optional<Adjustments> adjusted) implements Fill {
        public Through {
            adjusted = adjusted.flatMap(Adjustments::unlessNone);
        }

        public Through(UUID picture) {
            this(picture, Optional.empty());
        }

        public Through withPicture(UUID newPicture) {
            return new Through(newPicture, adjusted);
        }
    }
}
