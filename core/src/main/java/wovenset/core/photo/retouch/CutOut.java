package wovenset.core.photo.retouch;

import java.util.Optional;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * What of a photo is seen of a use that shows its subject alone. It lies over the whole upright photo, so that crops move nothing of it.
 *
 * @param labels what each place is: one of the constants here
 * @param brushed what was painted over the result: {@link #UNTOUCHED}, below it taken away so far, above it brought back; nothing if nothing was
 * @param edge by how much the edge lies farther in or out, -1 to 1
 * @param shadow on the ground; nothing for none
 */
public record CutOut(
        From from, PixelPlane labels, Optional<PixelPlane> brushed, double edge, Optional<GroundShadow> shadow) {
    /** Kept or dropped by a stroke of the person's. */
    public static final byte DROPPED = 0;

    public static final byte KEPT = 1;
    /** Found to be so. */
    public static final byte OUTSIDE = 2;

    public static final byte INSIDE = 3;

    public static final int UNTOUCHED = 128;

    /** How its labels began. */
    public enum From {
        PERSON,
        STROKES
    }

    public CutOut {
        Checks.that(edge >= -1 && edge <= 1, Reason.CUT_OUT_EDGE);
        for (byte label : labels.values()) {
            Checks.that(label >= DROPPED && label <= INSIDE, Reason.PLANE_PACKED);
        }
    }

    public CutOut(From from, PixelPlane labels) {
        this(from, labels, Optional.empty(), 0, Optional.empty());
    }

    /** Whether a place of this label is seen. */
    public static boolean isSeen(byte label) {
        return (label & 1) == 1;
    }

    /** Which places are seen for the most part, row by row as the labels are. */
    public boolean[] seen() {
        byte[] values = labels.values();
        boolean[] seen = new boolean[values.length];
        byte[] painted = brushed.map(PixelPlane::values).orElse(null);
        for (int i = 0; i < seen.length; i++) {
            double solid = isSeen(values[i]) ? 1 : 0;
            seen[i] = (painted == null ? solid : painted(solid, painted[i] & 0xff)) > 0.5;
        }
        return seen;
    }

    /** How solid a place is once it was painted over. */
    public static double painted(double solid, double brushed) {
        return brushed < UNTOUCHED
                ? solid * brushed / UNTOUCHED
                : solid + (1 - solid) * (brushed - UNTOUCHED) / (255 - UNTOUCHED);
    }

    public CutOut withLabels(PixelPlane newLabels) {
        return new CutOut(from, newLabels, brushed, edge, shadow);
    }

    public CutOut withBrushed(PixelPlane newBrushed) {
        return new CutOut(from, labels, Optional.of(newBrushed), edge, shadow);
    }

    public CutOut withEdge(double newEdge) {
        return new CutOut(from, labels, brushed, newEdge, shadow);
    }

    public CutOut withShadow(Optional<GroundShadow> newShadow) {
        return new CutOut(from, labels, brushed, edge, newShadow);
    }
}
