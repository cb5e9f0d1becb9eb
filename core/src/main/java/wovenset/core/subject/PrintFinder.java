package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.MatVector;
import org.bytedeco.opencv.opencv_core.RotatedRect;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.photo.retouch.FacedPlane;

/**
 * Finds paper prints that lie apart on a scanner's glass: what differs from the colour of the scan's rim, and fills the smallest turned rectangle around it. What
 * lies closer together than {@value #CLOSE} of the scan's longer side is one print. Cost: a few passes over the pixels.
 */
public final class PrintFinder {
    private static final double RIM = 0.015;
    /** In CIELAB: what differs less may be a shadow of the lid, or dust. */
    private static final double LEAST_DIFFERENCE = 6;
    /** Times what nine in ten pixels of the rim differ from its middle colour. */
    private static final double OVER_NOISE = 2.5;

    private static final double CLOSE = 0.008;
    /** Of the scan. */
    private static final double SMALLEST = 0.01;

    private static final double MOST_OF_ALL = 0.95;
    private static final double FILLS = 0.8;
    /** Pixels: a print's edge is left out rather than what is beside it taken in. */
    private static final double INSET = 1.5;

    private PrintFinder() {}

    /**
     * Their corners, row by row; none if there are none that lie apart.
     *
     * @param image of type 3BYTE_BGR; about a thousand pixels are enough
     */
    public static List<FacedPlane> find(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        List<Turned> found = new ArrayList<>();
        int reach = Math.max(1, (int) Math.round(CLOSE * Math.max(width, height) / 2));
        try (Mat mask = new Mat(height, width, opencv_core.CV_8UC1);
                Mat closed = new Mat();
                Size size = new Size(2 * reach + 1, 2 * reach + 1);
                Mat disc = opencv_imgproc.getStructuringElement(opencv_imgproc.MORPH_ELLIPSE, size);
                MatVector outlines = new MatVector()) {
            mask.data().put(differing(image));
            opencv_imgproc.morphologyEx(mask, closed, opencv_imgproc.MORPH_CLOSE, disc);
            opencv_imgproc.morphologyEx(closed, mask, opencv_imgproc.MORPH_OPEN, disc);
            opencv_imgproc.findContours(
                    mask, outlines, opencv_imgproc.RETR_EXTERNAL, opencv_imgproc.CHAIN_APPROX_SIMPLE);
            for (long i = 0; i < outlines.size(); i++) {
                double area = opencv_imgproc.contourArea(outlines.get(i));
                try (RotatedRect around = opencv_imgproc.minAreaRect(outlines.get(i))) {
                    Turned turned = Turned.of(around);
                    double share = area / ((double) width * height);
                    if (share >= SMALLEST && share <= MOST_OF_ALL && area >= FILLS * turned.across * turned.down) {
                        found.add(turned);
                    }
                }
            }
        }
        return inRows(found).stream().map(one -> one.plane(width, height)).toList();
    }

    /** 255 where a pixel differs from the rim. */
    private static byte[] differing(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        float[] lab = new float[3 * width * height];
        try (Mat picture = Pixels.mat(image);
                Mat colours = Pixels.lab(picture)) {
            new FloatPointer(colours.data()).get(lab);
        }
        int rim = Math.max(1, (int) (RIM * Math.max(width, height)));
        List<Integer> around = new ArrayList<>();
        for (int i = 0; i < width * height; i++) {
            int x = i % width;
            int y = Math.floorDiv(i, width);
            if (x < rim || y < rim || x >= width - rim || y >= height - rim) {
                around.add(i);
            }
        }
        double[] middle = new double[3];
        for (int channel = 0; channel < 3; channel++) {
            int of = channel;
            double[] values =
                    around.stream().mapToDouble(i -> lab[3 * i + of]).sorted().toArray();
            middle[channel] = values[values.length / 2];
        }
        double[] off = new double[width * height];
        for (int i = 0; i < off.length; i++) {
            double sum = 0;
            for (int channel = 0; channel < 3; channel++) {
                double one = lab[3 * i + channel] - middle[channel];
                sum += one * one;
            }
            off[i] = Math.sqrt(sum);
        }
        double[] noise = around.stream().mapToDouble(i -> off[i]).sorted().toArray();
        // Half of them: where prints touch the rim, the rest of it is theirs.
        double least = Math.max(LEAST_DIFFERENCE, OVER_NOISE * noise[noise.length / 2]);
        byte[] mask = new byte[off.length];
        for (int i = 0; i < mask.length; i++) {
            mask[i] = (byte) (off[i] > least ? 255 : 0);
        }
        return mask;
    }

    private static List<Turned> inRows(List<Turned> all) {
        List<Turned> rest = new ArrayList<>(all);
        rest.sort(Comparator.comparingDouble(one -> one.y));
        List<Turned> rows = new ArrayList<>();
        while (!rest.isEmpty()) {
            Turned first = rest.get(0);
            List<Turned> row = rest.stream()
                    .filter(one -> one.y < first.y + first.down / 2)
                    .sorted(Comparator.comparingDouble(one -> one.x))
                    .toList();
            rows.addAll(row);
            rest.removeAll(row);
        }
        return rows;
    }

    /**
     * A rectangle about its middle.
     *
     * @param turn in radians, at most an eighth of a circle
     */
    private record Turned(double x, double y, double across, double down, double turn) {
        static Turned of(RotatedRect rect) {
            // Which of its sides the library calls its width is not told.
            double quarters = Math.rint(rect.angle() / 90);
            boolean onItsSide = quarters % 2 != 0;
            double across = onItsSide ? rect.size().height() : rect.size().width();
            double down = onItsSide ? rect.size().width() : rect.size().height();
            double turn = Math.toRadians(rect.angle() - 90 * quarters);
            return new Turned(rect.center().x() + 0.5, rect.center().y() + 0.5, across, down, turn);
        }

        FacedPlane plane(int width, int height) {
            double halfX = across / 2 - INSET;
            double halfY = down / 2 - INSET;
            double[][] corners = {{-halfX, -halfY}, {halfX, -halfY}, {halfX, halfY}, {-halfX, halfY}};
            return new FacedPlane(
                    Arrays.stream(corners)
                            .map(at -> new FacedPlane.Corner(
                                    within((x + at[0] * Math.cos(turn) - at[1] * Math.sin(turn)) / width),
                                    within((y + at[0] * Math.sin(turn) + at[1] * Math.cos(turn)) / height)))
                            .toList(),
                    false);
        }

        private static double within(double share) {
            return Math.min(1, Math.max(0, share));
        }
    }
}
