package wovenset.core.paint.pdf;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import org.apache.pdfbox.util.Matrix;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;

/** Where a picture of pixels lies that covers a box from its upper left corner on. */
record BoxPicture(BoxMm box, double perMm) {
    /** What any printer shows of a soft edge or a texture. */
    private static final double FINEST = 8;

    private static final double MOST_PIXELS = 3000;
    /** Steps of a straight fade: what eight bits can tell. */
    private static final double FADE_PIXELS = 256;

    /** About six pixels for each σ of a soft edge. */
    static BoxPicture soft(BoxMm box, double sigmaMm) {
        return new BoxPicture(box, Math.min(most(box), Math.min(FINEST, 6 / Math.max(0.01, sigmaMm))));
    }

    static BoxPicture fine(BoxMm box) {
        return new BoxPicture(box, Math.min(most(box), FINEST));
    }

    static BoxPicture fading(BoxMm box) {
        return new BoxPicture(box, FADE_PIXELS / longer(box));
    }

    private static double most(BoxMm box) {
        return MOST_PIXELS / longer(box);
    }

    private static double longer(BoxMm box) {
        return Math.max(box.width(), box.height());
    }

    Rectangle pixels() {
        return new Rectangle(pixels(box.width()), pixels(box.height()));
    }

    private int pixels(double mm) {
        return Math.max(1, (int) Math.ceil(mm * perMm));
    }

    AffineTransform toPixels() {
        AffineTransform toPixels = AffineTransform.getScaleInstance(perMm, perMm);
        toPixels.translate(-box.x(), -box.y());
        return toPixels;
    }

    /** Maps a PDF's picture, which stands on its lower left corner, to its place. */
    Matrix place() {
        double width = pixels().width / perMm;
        double height = pixels().height / perMm;
        return new Matrix(new Affine(width, 0, 0, -height, box.x(), box.y() + height).awt());
    }
}
