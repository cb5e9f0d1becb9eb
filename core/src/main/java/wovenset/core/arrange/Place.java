package wovenset.core.arrange;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;
import wovenset.core.piece.Spot;

/**
 * Where a frame lies.
 *
 * @param cell the unturned room for the frame and the words below it
 * @param turnDegrees clockwise about the centre of the frame, which is the cell less its words
 */
public record Place(BoxMm cell, double turnDegrees) {
    static Place upright(BoxMm cell) {
        return new Place(cell, 0);
    }

    /** The place of a frame's own, with its words below. */
    static Place of(Spot spot, FrameTrim trim) {
        return new Place(
                new BoxMm(
                        spot.x().mm(),
                        spot.y().mm(),
                        spot.width().mm(),
                        spot.height().mm() + trim.captionMm()),
                spot.turnDegrees());
    }

    /** The cell without the words. */
    public BoxMm outer(FrameTrim trim) {
        return new BoxMm(cell.x(), cell.y(), cell.width(), cell.height() - trim.captionMm());
    }

    /** The same place as a frame's own, to the micrometre. */
    public Spot spot(FrameTrim trim) {
        BoxMm outer = outer(trim);
        return Spot.of(
                Length.ofMm(outer.x()),
                Length.ofMm(outer.y()),
                Length.ofMm(outer.width()),
                Length.ofMm(outer.height()),
                turnDegrees);
    }

    /** The upright box around a turned frame without its words. */
    public static BoxMm bounds(Spot spot) {
        BoxMm box = BoxMm.of(spot.x(), spot.y(), spot.width(), spot.height());
        return bounds(box, spot.turnDegrees(), box.centreX(), box.centreY());
    }

    /** The upright box around a box that is turned about a point. */
    public static BoxMm bounds(BoxMm box, double turnDegrees, double centreX, double centreY) {
        if (turnDegrees == 0) {
            return box;
        }
        Rectangle2D turned = AffineTransform.getRotateInstance(Math.toRadians(turnDegrees), centreX, centreY)
                .createTransformedShape(box.rectangle())
                .getBounds2D();
        return new BoxMm(turned.getX(), turned.getY(), turned.getWidth(), turned.getHeight());
    }
}
