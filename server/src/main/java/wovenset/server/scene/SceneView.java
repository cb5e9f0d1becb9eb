package wovenset.server.scene;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Crop;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Rgb;
import wovenset.core.piece.Subject;
import wovenset.core.scene.SharpnessLimits;

/**
 * A resolved page for the browser, in page millimetres.
 *
 * @param grid the lines of the page's grid; null if it has none
 * @param hash names the page's look: equal hashes, equal pictures
 */
public record SceneView(
        UUID pageId,
        double widthMm,
        double heightMm,
        double bleedMm,
        Rgb colour,
        String hash,
        List<FrameView> frames,
        @Nullable GridView grid) {

    /** A grid's columns and rows. */
    public record GridView(List<StretchView> columns, List<StretchView> rows) {}

    /** Page millimetres. */
    public record StretchView(double from, double to) {}

    /**
     * @param turnDegrees by which all of it is turned about the outer box's centre
     * @param bounds the upright box around all that is drawn: what the sprite covers
     * @param hash names the frame's sprite
     */
    public record FrameView(
            UUID frameId,
            BoxMm cell,
            BoxMm outer,
            BoxMm window,
            double turnDegrees,
            BoxMm bounds,
            double cornerRadiusMm,
            double borderMm,
            String hash,
            @Nullable PhotoView photo,
            @Nullable WordsView words) {}

    /** @param toPage the six numbers of the affine map from the photo's unit square to the page: a b c d e f */
    public record PhotoView(
            PhotoId photo,
            int widthPx,
            int heightPx,
            List<Double> toPage,
            Crop crop,
            double ppi,
            SharpnessLimits.Sharpness sharpness,
            Subject subject) {}

    /** @param missing signs that the typeface lacks */
    public record WordsView(List<String> lines, double sizePt, boolean allShown, String missing) {}
}
