package wovenset.core.scene;

import java.util.List;
import java.util.Optional;
import wovenset.core.geometry.Affine;
import wovenset.core.item.Crop;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Subject;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Outline;
import wovenset.core.style.Rgb;
import wovenset.core.style.TextStyle;

/**
 * All that a frame's picture follows from, and nothing else: not where on the page it lies. Equal looks are drawn once.
 *
 * @param widthMm of the frame with its inner bands
 * @param reach how far it runs into the bleed
 * @param edges what the photo shows there
 * @param radiusMm of the frame's corners
 * @param shade the shadow of the frame with its bands
 * @param text that fills it
 * @param words below it; empty for none
 */
public record FrameLook(
        double widthMm,
        double heightMm,
        double turnDegrees,
        Reach reach,
        EdgeRun edges,
        Outline outline,
        List<Band> bands,
        double radiusMm,
        Optional<Shade> shade,
        double opacity,
        Optional<Photo> photo,
        Optional<Text> text,
        String words,
        CaptionStyle captions) {
    public FrameLook {
        bands = List.copyOf(bands);
    }

    /**
     * The photo in it.
     *
     * @param crop as the person wants it
     * @param through where the upright photo's unit square lies in the unturned frame's axes, if it is seen through the frame
     */
    public record Photo(PhotoPixels pixels, PixelSize size, Crop crop, Subject subject, Optional<Affine> through) {}

    /**
     * A shadow as it falls, in millimetres of the unturned frame's axes.
     *
     * @param right by how much it is displaced
     * @param softness over which its edge fades to either side
     */
    public record Shade(double right, double down, double softness, double strength, Rgb colour) {}

    /** Words in the place of a photo. */
    public record Text(String words, TextStyle style) {}

    /** Millimetres beyond each side that touches the trim; zero for sides that do not. */
    public record Reach(double left, double top, double right, double bottom) {
        public static final Reach NONE = new Reach(0, 0, 0, 0);

        public boolean isNone() {
            return left == 0 && top == 0 && right == 0 && bottom == 0;
        }
    }
}
