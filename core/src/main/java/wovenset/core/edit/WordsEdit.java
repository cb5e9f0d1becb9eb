package wovenset.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Placement;
import wovenset.core.style.Course;
import wovenset.core.style.SharedText;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;

/** A change to words on a page, or to the styles that they share. */
public sealed interface WordsEdit extends Edit {
    /** Where words come to stand that are new. */
    enum WordsPlace {
        TOP,
        BOTTOM,
        FREE
    }

    /**
     * Adds words in front: across the page, or in its middle. They look as such words do already in the piece.
     *
     * @param text nothing for the piece's name where they stand across, and for none where they stand freely
     */
    record AddWords(UUID pageId, WordsPlace where, Optional<String> text) implements WordsEdit {}

    /**
     * Makes each letter of a word a frame of its own, in a row of one height across the page's middle. Photos that wait come into
     * them in their order. Where all cells are empty, they give way.
     *
     * @param typeface whose bold capitals they are
     */
    record AddLetters(UUID pageId, String word, String typeface) implements WordsEdit {}

    /** Changes what a frame's words say, or puts words into an empty frame. */
    record WriteWords(UUID pageId, UUID frameId, String text) implements WordsEdit {}

    /** Makes the frames of words that lie freely just as high as their words need at the size that is wished; the upper side stays. */
    record HeightOfWords(UUID pageId, List<UUID> itemIds) implements WordsEdit {}

    /** Changes how words look; what is not given stays. */
    record DressWords(
            UUID pageId,
            List<UUID> itemIds,
            Optional<String> typeface,
            Optional<TextStyle.Weight> weight,
            Optional<TextStyle.Slant> slant,
            Optional<Double> sizePt,
            Optional<Double> leading,
            Optional<Double> tracking,
            Optional<TextStyle.Align> align,
            Optional<TextStyle.Stand> stand,
            Optional<Rgb> colour,
            Optional<TextFinish> finish,
            Optional<Course> course)
            implements WordsEdit {}

    /**
     * Makes the look of words a style under a name; these words follow it.
     *
     * @param itemIds the first with words is the one whose look is kept
     * @param style what the new style goes by
     */
    record ShareText(UUID pageId, List<UUID> itemIds, UUID style, String name) implements WordsEdit {}

    /** Lets words look as a style of words has it, and follow it from now on. */
    record FollowText(UUID pageId, List<UUID> itemIds, UUID style) implements WordsEdit {}

    /** Changes a style of words, and with it all words that follow it, but for what they differ in. */
    record SetText(SharedText text) implements WordsEdit {}

    /** Takes a style of words away; who followed it looks as before. */
    record RemoveText(UUID style) implements WordsEdit {}

    /** Lets words that lie freely lie across the page; its arrangement makes room. */
    record PutWordsAcross(UUID pageId, UUID frameId, Placement.Across.Side side) implements WordsEdit {}
}
