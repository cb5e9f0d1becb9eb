package wovenset.core.item;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** The words below a frame. */
public sealed interface FrameWords {
    /** In characters as a person counts them (code points). */
    int LONGEST = 500;

    FrameWords OF_ENTRY = new OfEntry();

    /** Those of the entry that it shows. */
    record OfEntry() implements FrameWords {}

    /** Words of its own; empty for none. */
    record Own(String text) implements FrameWords {
        public Own {
            check(text);
        }
    }

    /** Refuses words that no caption can hold. */
    static void check(String words) {
        Checks.that(words.codePointCount(0, words.length()) <= LONGEST, Reason.CAPTION_LENGTH, LONGEST);
    }

    /** As much of these words as a caption can hold. */
    static String shortened(String words) {
        return words.codePointCount(0, words.length()) <= LONGEST
                ? words
                : words.substring(0, words.offsetByCodePoints(0, LONGEST));
    }
}
