package wovenset.core.piece;

import java.util.Optional;
import java.util.UUID;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * One photo as it takes part in a piece. A photo that is to take part twice, each time with words of its own, is two entries.
 *
 * @param caption its words, wherever it is shown; empty for none
 * @param subject what the person has shown to be its subject; nothing for what the machine has found
 */
public record Entry(UUID id, PhotoId photo, String caption, Optional<Region> subject) {
    public static final int LONGEST_CAPTION = 500;

    public Entry {
        checkCaption(caption);
    }

    /** Refuses words that no caption can hold. */
    static void checkCaption(String words) {
        Checks.that(words.codePointCount(0, words.length()) <= LONGEST_CAPTION, Reason.CAPTION_LENGTH, LONGEST_CAPTION);
    }

    public static Entry of(UUID id, PhotoId photo, String caption) {
        return new Entry(id, photo, caption, Optional.empty());
    }

    public Entry withCaption(String words) {
        return new Entry(id, photo, words, subject);
    }

    public Entry withSubject(Optional<Region> shown) {
        return new Entry(id, photo, caption, shown);
    }
}
