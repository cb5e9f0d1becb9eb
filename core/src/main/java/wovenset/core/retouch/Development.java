package wovenset.core.retouch;

import java.awt.image.BufferedImage;
import wovenset.core.adjust.Adjusting;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.Retouching;

/** Makes of a photo's decoded pixels those that a use of it shows. */
public final class Development {
    private Development() {}

    /**
     * The longer side at which pixels are to be changed that are then reduced; see {@link Adjusting#edge}. A small picture of a thing cut out
     * has the edge of the print, made small.
     *
     * @param wanted longer side of the picture that is wanted, in pixels
     * @param own longer side of the photo
     */
    public static int edge(PhotoPixels pixels, int wanted, int own) {
        int edge = Adjusting.edge(pixels.adjustments(), wanted, own);
        return pixels.retouching().doesNothing() && pixels.beyond().isEmpty()
                ? edge
                : Math.max(edge, Math.min(own, Matte.LONG_EDGE));
    }

    /**
     * The pixels with all that is done to them, or how they go on beyond an edge; the same image if nothing is done.
     *
     * @param image all of the photo, in sRGB, which stays as it is
     */
    public static BufferedImage of(BufferedImage image, PhotoPixels pixels) {
        Retouching retouching = pixels.retouching();
        BufferedImage mended = retouching.mends().isEmpty() ? image : Mending.of(image, retouching.mends());
        BufferedImage adjusted = Adjusting.of(mended, pixels.adjustments());
        BufferedImage cut =
                retouching.cutOut().map(cutOut -> cut(mended, adjusted, cutOut)).orElse(adjusted);
        BufferedImage faced =
                retouching.plane().map(plane -> Facing.of(cut, plane)).orElse(cut);
        return pixels.beyond().map(beyond -> Continuation.of(faced, beyond)).orElse(faced);
    }

    /** The edge is found on the photo itself, whatever its light and colour become. */
    private static BufferedImage cut(BufferedImage image, BufferedImage adjusted, CutOut cutOut) {
        return Matte.of(image, cutOut).cut(adjusted);
    }
}
