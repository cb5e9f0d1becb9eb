package wovenset.server.scene;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.annotation.JsonSerialize;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Subject;
import wovenset.core.scene.SharpnessLimits;
import wovenset.core.style.Band;
import wovenset.core.style.Corners;
import wovenset.server.web.Rounded;

/**
 * A resolved page for the browser, in page millimetres.
 *
 * @param units what is drawn, from back to front
 * @param grid the lines of the page's grid; null if it has none
 */
public record SceneView(
        UUID pageId,
        double widthMm,
        double heightMm,
        double bleedMm,
        Rgb colour,
        List<UnitView> units,
        List<FrameView> frames,
        @Nullable GridView grid) {

    /**
     * One picture.
     *
     * @param itemId whose it is: a frame's, or a group's that shows as one thing
     * @param name of its look: equal names, equal pictures, wherever they lie
     * @param x where its own axes begin
     * @param ink all that it paints, in its own axes
     * @param blend how it lies on what is behind it
     */
    public record UnitView(
            UUID itemId,
            String name,
            @JsonSerialize(using = Rounded.class) double x,
            @JsonSerialize(using = Rounded.class) double y,
            BoxMm ink,
            Blend blend) {}

    /**
     * A grid's columns and rows.
     *
     * @param cellWidth of the widest cell
     * @param leftOverX what cells of a fixed size leave between the margins
     * @param pageWidth the page that a fixed cell size comes to; null without one
     */
    public record GridView(
            List<StretchView> columns,
            List<StretchView> rows,
            Length cellWidth,
            Length cellHeight,
            Length leftOverX,
            Length leftOverY,
            @Nullable Length pageWidth,
            @Nullable Length pageHeight) {}

    /** Page millimetres. */
    public record StretchView(double from, double to) {}

    /**
     * @param box the frame with its inner bands, unturned
     * @param window where the photo shows, unturned
     * @param turnDegrees by which all of it is turned about the box's middle
     * @param piece of a figure that it is: its outline in the box's unit square; null for frames with an outline of their own
     * @param bounds the upright box around all that it paints
     * @param footMm by how much the print is higher below, for words
     */
    public record FrameView(
            UUID frameId,
            BoxMm box,
            BoxMm window,
            double turnDegrees,
            @Nullable String piece,
            BoxMm bounds,
            Corners corners,
            double footMm,
            List<Band> bands,
            boolean hidden,
            @Nullable PhotoView photo,
            @Nullable WordsView words) {}

    /**
     * A photo as it shows in its window.
     *
     * @param sharpFromPpi from how many pixels an inch on it is sharp here
     */
    public record PhotoView(
            PhotoId photo,
            int widthPx,
            int heightPx,
            Crop crop,
            @JsonSerialize(using = Rounded.class) double ppi,
            SharpnessLimits.Sharpness sharpness,
            double sharpFromPpi,
            Subject subject) {}

    /** @param missing signs that the typeface lacks */
    public record WordsView(
            List<String> lines, double sizePt, boolean allShown, String missing, List<String> lenders) {}
}
