package wovenset.core.piece;

import java.util.Optional;
import java.util.UUID;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;

/**
 * One photo as it takes part in a piece. A photo that is to take part twice, each time with words of its own, is two entries.
 *
 * @param caption its words, wherever it is shown; empty for none
 * @param subject what the person has shown to be its subject; nothing for what the machine has found
 */
public record Entry(UUID id, PhotoId photo, String caption, Optional<Region> subject) {
    public Entry {
        FrameWords.check(caption);
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
