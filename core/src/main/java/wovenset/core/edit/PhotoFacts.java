package wovenset.core.edit;

import java.util.Optional;
import wovenset.core.arrange.PhotoTraits;
import wovenset.core.piece.PhotoId;

/** What edits need to know of photos. */
public interface PhotoFacts extends PhotoTraits {
    /** The words that came embedded in the photo, empty if none; nothing if no such photo is stored. */
    Optional<String> embeddedCaption(PhotoId photo);
}
