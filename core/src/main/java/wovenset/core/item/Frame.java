package wovenset.core.item;

import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleUse;

/**
 * A frame for a photo, or for words, a drawing, a paint or a line.
 *
 * @param marks what is wanted of the photo when the page is arranged anew
 */
public record Frame(
        UUID id,
        Placement placement,
        Look look,
        StyleUse style,
        Outline outline,
        Fill fill,
        FrameWords words,
        Marks marks)
        implements Item {
    public Frame {
        Checks.that(fill instanceof Fill.Words || !(placement instanceof Placement.Across), Reason.ACROSS_IS_FOR_WORDS);
    }

    /** A frame with nothing in it. */
    public static Frame empty(UUID id, Placement placement, UUID style) {
        return of(id, placement, style, Fill.EMPTY);
    }

    /** A frame that nobody has changed. */
    public static Frame of(UUID id, Placement placement, UUID style, Fill fill) {
        return new Frame(
                id,
                placement,
                Look.PLAIN,
                StyleUse.of(style),
                new Outline.Rect(),
                fill,
                FrameWords.OF_ENTRY,
                Marks.NONE);
    }

    /** A frame that looks like this one, with nothing in it. */
    public Frame emptied(UUID newId) {
        return new Frame(newId, placement, look, style, outline, Fill.EMPTY, FrameWords.OF_ENTRY, Marks.NONE);
    }

    public boolean isEmpty() {
        return fill instanceof Fill.Empty;
    }

    public boolean isFree() {
        return placement instanceof Placement.Free;
    }

    /** Whether a slot of the page's arrangement is its place. */
    public boolean isSlotted() {
        return placement instanceof Placement.InSlot;
    }

    /** Whether its place does not follow from the page's arrangement. */
    public boolean hasOwnPlace() {
        return !isSlotted();
    }

    /** Whether it shows a photo, or has nothing in it yet. */
    public boolean isForPhotos() {
        return fill instanceof Fill.Empty || fill instanceof Fill.OwnPhoto || fill instanceof Fill.Through;
    }

    /** Whether bands and effects of a style show on it. */
    public boolean isDressed() {
        return isForPhotos() || fill instanceof Fill.Painted;
    }

    /** The words that stand in it instead of a photo, or on the ribbon that it shows. */
    public Optional<Fill.Words> ownWords() {
        if (fill instanceof Fill.Words own) {
            return Optional.of(own);
        }
        return fill instanceof Fill.Ornament ornament ? ornament.words() : Optional.empty();
    }

    /** With other words where it has some; see {@link #ownWords}. */
    public Frame mapOwnWords(UnaryOperator<Fill.Words> change) {
        if (fill instanceof Fill.Words own) {
            return withFill(change.apply(own));
        }
        return fill instanceof Fill.Ornament ornament
                ? ornament.words()
                        .map(own -> withFill(ornament.withWords(change.apply(own))))
                        .orElse(this)
                : this;
    }

    /** The crop of its photo; centred if it shows none of its own. */
    public Crop crop() {
        return fill instanceof Fill.OwnPhoto own ? own.crop() : Crop.CENTRED;
    }

    @Override
    public Frame withId(UUID newId) {
        return new Frame(newId, placement, look, style, outline, fill, words, marks);
    }

    @Override
    public Frame withLook(Look newLook) {
        return new Frame(id, placement, newLook, style, outline, fill, words, marks);
    }

    public Frame withPlacement(Placement newPlacement) {
        return new Frame(id, newPlacement, look, style, outline, fill, words, marks);
    }

    /** How the light and colour of the photo that it shows are changed. */
    public Adjustments adjustments() {
        Optional<Adjustments> adjusted = Optional.empty();
        if (fill instanceof Fill.OwnPhoto own) {
            adjusted = own.adjusted();
        } else if (fill instanceof Fill.Through through) {
            adjusted = through.adjusted();
        }
        return adjusted.orElse(Adjustments.NONE);
    }

    /** With light and colour of the photo changed like this; as it is if it shows none. */
    public Frame withAdjustments(Adjustments adjustments) {
        if (fill instanceof Fill.OwnPhoto own) {
            return refilled(own.withAdjusted(Optional.of(adjustments)));
        }
        return fill instanceof Fill.Through through
                ? refilled(new Fill.Through(through.picture(), Optional.of(adjustments)))
                : this;
    }

    /** What is done by hand to the photo that it shows. */
    public Retouching retouching() {
        return fill instanceof Fill.OwnPhoto own ? own.retouched().orElse(Retouching.NONE) : Retouching.NONE;
    }

    public Frame inSlot(int slot) {
        return withPlacement(new Placement.InSlot(slot, slotProportion()));
    }

    /** The proportion that it is to have in its slot, where it has none of its own. */
    public Optional<Double> slotProportion() {
        return placement instanceof Placement.InSlot in ? in.proportion() : Optional.empty();
    }

    public Frame withStyle(StyleUse newStyle) {
        return new Frame(id, placement, look, newStyle, outline, fill, words, marks);
    }

    public Frame withOutline(Outline newOutline) {
        return new Frame(id, placement, look, style, newOutline, fill, words, marks);
    }

    /** With another fill, and words and marks that suit it. */
    public Frame withFill(Fill newFill) {
        return new Frame(id, placement, look, style, outline, newFill, FrameWords.OF_ENTRY, Marks.NONE);
    }

    /** With the same thing in it shown otherwise: its words and marks stay. */
    public Frame refilled(Fill newFill) {
        return new Frame(id, placement, look, style, outline, newFill, words, marks);
    }

    /** With another crop, if it shows a photo of its own. */
    public Frame withCrop(Crop crop) {
        return fill instanceof Fill.OwnPhoto own ? refilled(own.withCrop(crop)) : this;
    }

    public Frame withWords(FrameWords newWords) {
        return new Frame(id, placement, look, style, outline, fill, newWords, marks);
    }

    public Frame withMarks(Marks newMarks) {
        return new Frame(id, placement, look, style, outline, fill, words, newMarks);
    }

    /** The other frame's photo, words, marks, and what of its look goes along with the photo, in this frame's place. */
    public Frame withContentOf(Frame other) {
        return new Frame(id, placement, look, other.style, other.outline, other.fill, other.words, other.marks);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.frame(this);
    }
}
