package wovenset.core.item;

import java.util.UUID;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleUse;

/**
 * A frame for a photo.
 *
 * @param marks what is wanted of the photo when the page is arranged anew
 */
public record PhotoFrame(
        UUID id,
        Placement placement,
        Look look,
        StyleUse style,
        Outline outline,
        Fill fill,
        FrameWords words,
        Marks marks)
        implements Item {
    /** A frame with nothing in it. */
    public static PhotoFrame empty(UUID id, Placement placement, UUID style) {
        return new PhotoFrame(
                id,
                placement,
                Look.PLAIN,
                StyleUse.of(style),
                new Outline.Rect(),
                Fill.EMPTY,
                FrameWords.OF_ENTRY,
                Marks.NONE);
    }

    /** A frame that looks like this one, with nothing in it. */
    public PhotoFrame emptied(UUID newId) {
        return new PhotoFrame(newId, placement, look, style, outline, Fill.EMPTY, FrameWords.OF_ENTRY, Marks.NONE);
    }

    public boolean isEmpty() {
        return fill instanceof Fill.Empty;
    }

    public boolean isFree() {
        return placement instanceof Placement.Free;
    }

    /** The crop of its photo; centred if it shows none of its own. */
    public Crop crop() {
        return fill instanceof Fill.OwnPhoto own ? own.crop() : Crop.CENTRED;
    }

    @Override
    public PhotoFrame withId(UUID newId) {
        return new PhotoFrame(newId, placement, look, style, outline, fill, words, marks);
    }

    @Override
    public PhotoFrame withLook(Look newLook) {
        return new PhotoFrame(id, placement, newLook, style, outline, fill, words, marks);
    }

    public PhotoFrame withPlacement(Placement newPlacement) {
        return new PhotoFrame(id, newPlacement, look, style, outline, fill, words, marks);
    }

    public PhotoFrame inSlot(int slot) {
        return withPlacement(new Placement.InSlot(slot));
    }

    public PhotoFrame withStyle(StyleUse newStyle) {
        return new PhotoFrame(id, placement, look, newStyle, outline, fill, words, marks);
    }

    public PhotoFrame withOutline(Outline newOutline) {
        return new PhotoFrame(id, placement, look, style, newOutline, fill, words, marks);
    }

    /** With another fill, and words and marks that suit it. */
    public PhotoFrame withFill(Fill newFill) {
        return new PhotoFrame(id, placement, look, style, outline, newFill, FrameWords.OF_ENTRY, Marks.NONE);
    }

    /** With another crop, if it shows a photo of its own. */
    public PhotoFrame withCrop(Crop crop) {
        return fill instanceof Fill.OwnPhoto own
                ? new PhotoFrame(
                        id, placement, look, style, outline, new Fill.OwnPhoto(own.entry(), crop), words, marks)
                : this;
    }

    public PhotoFrame withWords(FrameWords newWords) {
        return new PhotoFrame(id, placement, look, style, outline, fill, newWords, marks);
    }

    public PhotoFrame withMarks(Marks newMarks) {
        return new PhotoFrame(id, placement, look, style, outline, fill, words, newMarks);
    }

    /** The other frame's photo, words, marks, and what of its look goes along with the photo, in this frame's place. */
    public PhotoFrame withContentOf(PhotoFrame other) {
        return new PhotoFrame(id, placement, look, other.style, other.outline, other.fill, other.words, other.marks);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.photoFrame(this);
    }
}
