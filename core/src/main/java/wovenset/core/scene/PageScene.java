package wovenset.core.scene;

import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrange.Place;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Crop;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Rgb;
import wovenset.core.piece.Subject;

/**
 * A page ready to be drawn. All lengths are page millimetres.
 *
 * @param widthMm of the trim
 * @param heightMm of the trim
 * @param bleedMm beyond the trim on each side
 * @param frames from back to front
 */
public record PageScene(
        UUID pageId, double widthMm, double heightMm, double bleedMm, Rgb colour, List<FrameScene> frames) {
    public PageScene {
        frames = List.copyOf(frames);
    }

    /** The trim and its bleed. */
    public BoxMm bleedBox() {
        return new BoxMm(-bleedMm, -bleedMm, widthMm + 2 * bleedMm, heightMm + 2 * bleedMm);
    }

    /**
     * One frame.
     *
     * @param cell all that belongs to it: photo, border and words
     * @param outer the border's outer edge
     * @param window where the photo shows: the outer box less the border
     * @param turnDegrees by which all of it is turned, clockwise about the outer box's centre; the boxes are unturned
     * @param cornerRadiusMm of the outer edge, at most half its shorter side
     */
    public record FrameScene(
            UUID frameId,
            BoxMm cell,
            BoxMm outer,
            BoxMm window,
            double turnDegrees,
            double cornerRadiusMm,
            double borderMm,
            Rgb borderColour,
            @Nullable PhotoScene photo,
            @Nullable WordsScene words) {
        /** The upright box around all that is drawn. */
        public BoxMm bounds() {
            return Place.bounds(cell, turnDegrees, outer.centreX(), outer.centreY());
        }

        /** The window's own corner radius: concentric with the outer one. */
        public double windowRadiusMm() {
            return Math.max(0, cornerRadiusMm - borderMm);
        }
    }

    /**
     * A photo in a window.
     *
     * @param toPage maps the upright photo's unit square to the page before the frame is turned
     * @param subject what the photo is about
     * @param crop as it shows, with the focus moved where the window would else be bare
     */
    public record PhotoScene(
            PhotoId photo,
            int widthPx,
            int heightPx,
            AffineTransform toPage,
            Crop crop,
            double ppi,
            SharpnessLimits.Sharpness sharpness,
            Subject subject) {
        /** The printed size of one pixel. */
        public double mmPerPixel() {
            return 25.4 / ppi;
        }
    }

    /**
     * Words below a photo.
     *
     * @param allShown false if some had to be left out
     * @param missing signs that the typeface lacks
     */
    public record WordsScene(
            List<LineScene> lines, String typeface, double sizePt, Rgb colour, boolean allShown, String missing) {
        public WordsScene {
            lines = List.copyOf(lines);
        }
    }

    /** A line of words; x and y are where its baseline starts. */
    public record LineScene(String text, double xMm, double yMm) {}
}
