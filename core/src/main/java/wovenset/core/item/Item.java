package wovenset.core.item;

import java.util.UUID;

/** One thing on a page. A page's items lie in one order from back to front, whatever their kind. */
public sealed interface Item permits Frame, Group {
    UUID id();

    Look look();

    Item withLook(Look look);

    /** The same content as an item of its own. */
    Item withId(UUID newId);

    <T> T accept(Visitor<T> visitor);

    /** One answer for each kind; a new kind stops the build wherever there is none. */
    interface Visitor<T> {
        T frame(Frame frame);

        T group(Group group);
    }
}
