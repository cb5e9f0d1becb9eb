package wovenset.core.item;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * Items that are taken hold of together. It lies where they lie and has no place of its own.
 *
 * @param children from back to front, at least one
 * @param mount the papers that they lie on, by the style sheet; nothing for none
 */
public record Group(UUID id, Look look, List<Item> children, Optional<UUID> mount) implements Item {
    public Group {
        children = List.copyOf(children);
        Checks.that(!children.isEmpty(), Reason.EMPTY_GROUP);
    }

    /** One that lies on no papers. */
    public Group(UUID id, Look look, List<Item> children) {
        this(id, look, children, Optional.empty());
    }

    public Group withMount(Optional<UUID> newMount) {
        return new Group(id, look, children, newMount);
    }

    @Override
    public Group withLook(Look newLook) {
        return new Group(id, newLook, children, mount);
    }

    @Override
    public Group withId(UUID newId) {
        return new Group(newId, look, children, mount);
    }

    public Group withChildren(List<Item> newChildren) {
        return new Group(id, look, newChildren, mount);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.group(this);
    }
}
