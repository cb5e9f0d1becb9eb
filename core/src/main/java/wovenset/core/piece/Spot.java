package wovenset.core.piece;

import wovenset.core.measure.Length;

/**
 * A place of a frame's own: where it was put, whatever arranges the others.
 *
 * @param x of the unturned frame's left edge from the trim's
 * @param y of its top edge
 * @param width of the frame with its border, without words; {@link #SMALLEST} to {@link Format#LARGEST}
 * @param turnDegrees clockwise about the frame's centre, -180 to 180
 * @param locked not to be moved by hand, nor by a change of the page
 * @param group frames with the same number above 0 are taken hold of together
 */
public record Spot(Length x, Length y, Length width, Length height, double turnDegrees, boolean locked, int group) {
    public static final Length SMALLEST = Length.ofMm(2);
    public static final int MOST_GROUPS = 999;

    public Spot {
        if (outside(width) || outside(height)) {
            throw new IllegalArgumentException("A frame is 2 mm to 5 m wide and high");
        }
        if (Math.abs(x.micrometres()) > Length.LIMIT.micrometres()
                || Math.abs(y.micrometres()) > Length.LIMIT.micrometres()) {
            throw new IllegalArgumentException("A frame lies at most 10 m from the page");
        }
        if (!(turnDegrees >= -180 && turnDegrees <= 180)) {
            throw new IllegalArgumentException("A frame is turned by -180 to 180 degrees");
        }
        if (group < 0 || group > MOST_GROUPS) {
            throw new IllegalArgumentException("Groups are numbered 1 to " + MOST_GROUPS + ", and 0 for none");
        }
    }

    private static boolean outside(Length side) {
        return side.compareTo(SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0;
    }

    /** Unlocked, in no group. */
    public static Spot of(Length x, Length y, Length width, Length height, double turnDegrees) {
        return new Spot(x, y, width, height, turnDegrees, false, 0);
    }

    /** The same frame with its unturned top left corner here. */
    public Spot at(Length newX, Length newY) {
        return new Spot(newX, newY, width, height, turnDegrees, locked, group);
    }

    public Spot movedBy(Length dx, Length dy) {
        return at(x.plus(dx), y.plus(dy));
    }

    /** The same centre, to half a micrometre, with another size. */
    public Spot sized(Length newWidth, Length newHeight) {
        return new Spot(
                x.plus(new Length((width.micrometres() - newWidth.micrometres()) / 2)),
                y.plus(new Length((height.micrometres() - newHeight.micrometres()) / 2)),
                newWidth,
                newHeight,
                turnDegrees,
                locked,
                group);
    }
}
