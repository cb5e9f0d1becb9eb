package wovenset.core.style;

import java.util.Optional;
import wovenset.core.ink.Paint;

/**
 * What the pages are covered with that have no ground of their own.
 *
 * @param usual of right pages, and of left ones that have none of theirs
 * @param left of left pages; nothing if they look as right ones do
 */
public record Grounds(Paint usual, Optional<Paint> left) {
    /** Which pages are meant. The first page of a piece lies on the right, as in a book. */
    public enum Side {
        BOTH,
        LEFT,
        RIGHT;

        /** @param index of a page in reading order, from 0 */
        public static Side of(int index) {
            return index % 2 == 0 ? RIGHT : LEFT;
        }
    }

    public static Grounds of(Paint paint) {
        return new Grounds(paint, Optional.empty());
    }

    public Paint on(Side side) {
        return side == Side.LEFT ? left.orElse(usual) : usual;
    }

    public boolean areAlike() {
        return left.isEmpty() || left.get().equals(usual);
    }

    /** With this paint on these pages; the others stay as they are. */
    public Grounds with(Side side, Paint paint) {
        Grounds changed =
                switch (side) {
                    case BOTH -> of(paint);
                    case LEFT -> new Grounds(usual, Optional.of(paint));
                    case RIGHT -> new Grounds(paint, Optional.of(on(Side.LEFT)));
                };
        return changed.areAlike() ? of(changed.usual) : changed;
    }
}
