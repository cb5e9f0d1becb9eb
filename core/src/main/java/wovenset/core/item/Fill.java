package wovenset.core.item;

import java.util.UUID;

/** What a frame shows. */
public sealed interface Fill {
    Fill EMPTY = new Empty();

    /** Nothing yet. */
    record Empty() implements Fill {}

    /** A photo that shows in this frame. */
    record OwnPhoto(UUID entry, Crop crop) implements Fill {}

    /** The part of a page's {@link SharedPicture} that lies below this frame. */
    record Through(UUID picture) implements Fill {}
}
