package wovenset.core.item;

import java.util.UUID;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.TextStyle;

/** What a frame shows. */
public sealed interface Fill {
    Fill EMPTY = new Empty();

    /** Nothing yet. */
    record Empty() implements Fill {}

    /** A photo that shows in this frame. */
    record OwnPhoto(UUID entry, Crop crop) implements Fill {}

    /** Words of its own instead of a photo. */
    record Words(String text, TextStyle style) implements Fill {
        /** In characters as a person counts them (code points). */
        public static final int LONGEST = 20_000;

        public Words {
            Checks.that(text.codePointCount(0, text.length()) <= LONGEST, Reason.TEXT_LENGTH, LONGEST);
        }
    }

    /** The part of a page's {@link SharedPicture} that lies below this frame. */
    record Through(UUID picture) implements Fill {}
}
