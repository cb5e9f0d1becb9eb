package wovenset.core.photo.retouch;

import java.util.List;
import wovenset.core.geometry.Homography;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A flat thing in a photo that was taken at a slant, seen as from straight before it. The picture stays as large as the photo.
 *
 * <p>The thing's own proportion follows from its corners if the photo's middle is where the camera looked (Z. Zhang, L. He, "Whiteboard Scanning and Image
 * Enhancement", Digital Signal Processing 17, 2007, section 4); where two sides run too nearly parallel for that, from its sides' lengths.
 *
 * @param corners of the thing, in shares of the photo: upper left, upper right, lower right, lower left
 * @param whole whether the rest of the photo is seen around it, else the thing fills the picture
 */
public record FacedPlane(List<Corner> corners, boolean whole) {
    private static final double LEAST_AREA = 0.002;
    private static final double PARALLEL = 1e-3;
    private static final double MOST_PROPORTION = 20;

    /** Shares of the photo's width and height. */
    public record Corner(double x, double y) {}

    public FacedPlane {
        corners = List.copyOf(corners);
        boolean four = corners.size() == 4
                && corners.stream().allMatch(one -> one.x >= 0 && one.x <= 1 && one.y >= 0 && one.y <= 1);
        Checks.that(four && isConvex(corners), Reason.PLANE_CORNERS);
    }

    /** Each corner turns clockwise, and encloses something with its neighbours. */
    private static boolean isConvex(List<Corner> corners) {
        for (int i = 0; i < 4; i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % 4);
            Corner c = corners.get((i + 2) % 4);
            if ((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) < LEAST_AREA) {
                return false;
            }
        }
        return true;
    }

    /** Width by height of the thing, in a photo of this size. */
    public double proportion(double width, double height) {
        double[][] m = new double[4][];
        for (int i = 0; i < 4; i++) {
            m[i] = new double[] {(corners.get(i).x - 0.5) * width, (corners.get(i).y - 0.5) * height, 1};
        }
        double[] k = {
            dot(cross(m[0], m[2]), m[3]) / dot(cross(m[1], m[2]), m[3]),
            dot(cross(m[0], m[2]), m[1]) / dot(cross(m[3], m[2]), m[1])
        };
        double[] across = new double[3];
        double[] down = new double[3];
        for (int i = 0; i < 3; i++) {
            across[i] = k[0] * m[1][i] - m[0][i];
            down[i] = k[1] * m[3][i] - m[0][i];
        }
        double focal = -(across[0] * down[0] + across[1] * down[1]) / (across[2] * down[2]);
        double size = Math.max(width, height);
        boolean told = Math.abs(across[2]) > PARALLEL
                && Math.abs(down[2]) > PARALLEL
                && focal > size * size / 16
                && focal < 100 * size * size;
        double found = told
                ? Math.sqrt(length(across, focal) / length(down, focal))
                : (side(m, 0, 1) + side(m, 3, 2)) / (side(m, 0, 3) + side(m, 1, 2));
        return Math.min(MOST_PROPORTION, Math.max(1 / MOST_PROPORTION, found));
    }

    private static double length(double[] n, double focal) {
        return (n[0] * n[0] + n[1] * n[1]) / focal + n[2] * n[2];
    }

    private static double side(double[][] m, int from, int to) {
        return Math.hypot(m[to][0] - m[from][0], m[to][1] - m[from][1]);
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    /** From the photo's unit square to the picture's; both are this large. */
    public Homography facing(double width, double height) {
        double proportion = proportion(width, height);
        double[] from = new double[8];
        double centreX = 0;
        double centreY = 0;
        double area = 0;
        for (int i = 0; i < 4; i++) {
            Corner one = corners.get(i);
            Corner next = corners.get((i + 1) % 4);
            from[2 * i] = one.x;
            from[2 * i + 1] = one.y;
            centreX += one.x / 4;
            centreY += one.y / 4;
            area += (one.x * next.y - next.x * one.y) * width * height / 2;
        }
        double high = whole ? Math.sqrt(area / proportion) : Math.min(height, width / proportion);
        double halfX = high * proportion / width / 2;
        double halfY = high / height / 2;
        double x = whole ? centreX : 0.5;
        double y = whole ? centreY : 0.5;
        double[] to = {x - halfX, y - halfY, x + halfX, y - halfY, x + halfX, y + halfY, x - halfX, y + halfY};
        return Homography.between(from, to);
    }
}
