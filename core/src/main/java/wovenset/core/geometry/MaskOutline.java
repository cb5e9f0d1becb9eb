package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * The outline of a mask as a path: the sides between pixels that are seen and those that are not, chained with what is seen at their right, through their
 * middles, each point the mean of the five around it, and without points that lie on a line anyway (D. Douglas, T. Peucker, 1973). Cost: linear in the
 * pixels, and n · log n in the outline's points.
 */
public final class MaskOutline {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Pixels: specks are left out. */
    private static final double SMALLEST = 9;

    private static final double OFF_LINE = 0.3;
    private static final int AROUND = 2;
    /** Right, down, left, up: with y running down, what is seen is then at the right. */
    private static final int[] ACROSS = {1, 0, -1, 0};

    private static final int[] DOWN = {0, 1, 0, -1};

    private final boolean[] seen;
    private final int width;
    private final int height;
    /** Of each corner between pixels, which of the four ways out of it were gone. */
    private final byte[] gone;

    private MaskOutline(boolean[] seen, int width, int height) {
        this.seen = seen;
        this.width = width;
        this.height = height;
        gone = new byte[(width + 1) * (height + 1)];
    }

    /**
     * The outline in the unit square of the whole mask; see {@link PathData}. Empty if nothing is seen but specks.
     *
     * @param seen row by row
     */
    public static String of(boolean[] seen, int width, int height) {
        List<LinearRing> rings = new MaskOutline(seen, width, height).rings();
        AffineTransform toUnit = AffineTransform.getScaleInstance(1.0 / width, 1.0 / height);
        for (double off = OFF_LINE; ; off *= 1.5) {
            StringBuilder text = new StringBuilder();
            for (LinearRing ring : rings) {
                Geometry simple = DouglasPeuckerSimplifier.simplify(ring, off);
                Shape drawn = new ShapeWriter().toShape(simple.isEmpty() ? ring : simple);
                String part = PathData.of(toUnit.createTransformedShape(drawn));
                text.append(text.isEmpty() ? "" : " ").append(part).append(part.endsWith("Z") ? "" : " Z");
            }
            if (text.length() <= PathData.MOST_CHARACTERS) {
                return text.toString();
            }
        }
    }

    private List<LinearRing> rings() {
        List<LinearRing> rings = new ArrayList<>();
        for (int y = 0; y <= height; y++) {
            for (int x = 0; x < width; x++) {
                // Each ring has a side that runs to the right along the top of what is seen, or of a hole.
                if (isSide(x, y, 0) && (gone[y * (width + 1) + x] & 1) == 0) {
                    LinearRing ring = smooth(chain(x, y));
                    if (FACTORY.createPolygon(ring).getArea() >= SMALLEST) {
                        rings.add(ring);
                    }
                }
            }
        }
        return rings;
    }

    private boolean at(int x, int y) {
        return x >= 0 && y >= 0 && x < width && y < height && seen[y * width + x];
    }

    /** Whether from this corner a side runs this way, with what is seen at its right. */
    private boolean isSide(int x, int y, int way) {
        return switch (way) {
            case 0 -> at(x, y) && !at(x, y - 1);
            case 1 -> at(x - 1, y) && !at(x, y);
            case 2 -> at(x - 1, y - 1) && !at(x - 1, y);
            default -> at(x, y - 1) && !at(x - 1, y - 1);
        };
    }

    /** The middles of a ring's sides. */
    private List<Coordinate> chain(int startX, int startY) {
        List<Coordinate> middles = new ArrayList<>();
        int x = startX;
        int y = startY;
        int way = 0;
        do {
            gone[y * (width + 1) + x] |= (byte) (1 << way);
            middles.add(new Coordinate(x + ACROSS[way] / 2.0, y + DOWN[way] / 2.0));
            x += ACROSS[way];
            y += DOWN[way];
            // Where two pixels touch at a corner only, they are of one thing: to the left first.
            int turned = (way + 3) % 4;
            while (!isSide(x, y, turned) || (gone[y * (width + 1) + x] & 1 << turned) != 0) {
                turned = (turned + 1) % 4;
                if (turned == (way + 3) % 4) {
                    return middles;
                }
            }
            way = turned;
        } while (x != startX || y != startY || way != 0);
        return middles;
    }

    private static LinearRing smooth(List<Coordinate> ring) {
        int count = ring.size();
        int around = Math.min(AROUND, (count - 1) / 4);
        Coordinate[] smooth = new Coordinate[count + 1];
        for (int i = 0; i < count; i++) {
            double x = 0;
            double y = 0;
            for (int j = -around; j <= around; j++) {
                Coordinate one = ring.get(Math.floorMod(i + j, count));
                x += one.x;
                y += one.y;
            }
            smooth[i] = new Coordinate(x / (2 * around + 1), y / (2 * around + 1));
        }
        smooth[count] = smooth[0];
        return FACTORY.createLinearRing(smooth);
    }
}
