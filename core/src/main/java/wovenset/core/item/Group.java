package wovenset.core.item;

import java.util.List;
import java.util.UUID;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * Items that are taken hold of together. It lies where they lie and has no place of its own.
 *
 * @param children from back to front, at least one
 */
public record Group(UUID id, Look look, List<Item> children) implements Item {
    public Group {
        children = List.copyOf(children);
        Checks.that(!children.isEmpty(), Reason.EMPTY_GROUP);
    }

    @Override
    public Group withLook(Look newLook) {
        return new Group(id, newLook, children);
    }

    @Override
    public Group withId(UUID newId) {
        return new Group(newId, look, children);
    }

    public Group withChildren(List<Item> newChildren) {
        return new Group(id, look, newChildren);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.group(this);
    }
}
