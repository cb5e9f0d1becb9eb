package wovenset.core.picture;

import java.awt.geom.AffineTransform;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;

/**
 * How the camera was held, as EXIF's tag 0x0112 says (Exif 2.32, 4.6.4): which stored edge is the picture's top and
 * which its left.
 */
public enum Orientation {
    UPRIGHT(1, 0, 0, 0),
    MIRRORED(2, 0, 1, 0),
    HALF_TURN(3, 2, 0, 0),
    HALF_TURN_MIRRORED(4, 2, 1, 0),
    QUARTER_TURN_MIRRORED(5, 1, 1, 1),
    QUARTER_TURN(6, 1, 0, 1),
    THREE_QUARTER_TURN_MIRRORED(7, 3, 1, 1),
    THREE_QUARTER_TURN(8, 3, 0, 1);

    private final int tag;
    private final int quarterTurns;
    private final int mirrored;
    private final int swapsSides;

    Orientation(int tag, int quarterTurns, int mirrored, int swapsSides) {
        this.tag = tag;
        this.quarterTurns = quarterTurns;
        this.mirrored = mirrored;
        this.swapsSides = swapsSides;
    }

    /** The orientation of a tag; upright for a value that the standard does not know. */
    public static Orientation ofTag(int tag) {
        for (Orientation orientation : values()) {
            if (orientation.tag == tag) {
                return orientation;
            }
        }
        return UPRIGHT;
    }

    public int tag() {
        return tag;
    }

    /** Whether the stored width is the upright height. */
    public boolean swapsSides() {
        return swapsSides == 1;
    }

    /** Maps the stored image's unit square to the upright photo's unit square: turned clockwise, then mirrored. */
    public AffineTransform toUpright() {
        AffineTransform transform = new AffineTransform();
        transform.translate(0.5, 0.5);
        transform.scale(mirrored == 1 ? -1 : 1, 1);
        transform.quadrantRotate(quarterTurns);
        transform.translate(-0.5, -0.5);
        return transform;
    }

    /** The upright picture; the same one if it is upright already. The caller owns both. */
    Mat upright(Mat stored) {
        if (this == UPRIGHT) {
            return stored;
        }
        Mat turned = new Mat();
        switch (quarterTurns) {
            case 1 -> opencv_core.rotate(stored, turned, opencv_core.ROTATE_90_CLOCKWISE);
            case 2 -> opencv_core.rotate(stored, turned, opencv_core.ROTATE_180);
            case 3 -> opencv_core.rotate(stored, turned, opencv_core.ROTATE_90_COUNTERCLOCKWISE);
            default -> stored.copyTo(turned);
        }
        if (mirrored == 1) {
            Mat flipped = new Mat();
            opencv_core.flip(turned, flipped, 1);
            turned.close();
            return flipped;
        }
        return turned;
    }
}
