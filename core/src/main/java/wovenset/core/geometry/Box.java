package wovenset.core.geometry;

import wovenset.core.measure.Length;

/** An upright rectangle on a page in whole micrometres, as it is stored; for computing there is {@link BoxMm}. */
public record Box(Length x, Length y, Length width, Length height) {
    /** The nearest whole micrometres. */
    public static Box of(BoxMm box) {
        return new Box(Length.ofMm(box.x()), Length.ofMm(box.y()), Length.ofMm(box.width()), Length.ofMm(box.height()));
    }

    public BoxMm mm() {
        return BoxMm.of(x, y, width, height);
    }

    /** The same size with its top left corner here. */
    public Box at(Length newX, Length newY) {
        return new Box(newX, newY, width, height);
    }

    public Box movedBy(Length dx, Length dy) {
        return at(x.plus(dx), y.plus(dy));
    }

    /** The same centre, to half a micrometre, with another size. */
    public Box sized(Length newWidth, Length newHeight) {
        return new Box(
                x.plus(new Length((width.micrometres() - newWidth.micrometres()) / 2)),
                y.plus(new Length((height.micrometres() - newHeight.micrometres()) / 2)),
                newWidth,
                newHeight);
    }
}
