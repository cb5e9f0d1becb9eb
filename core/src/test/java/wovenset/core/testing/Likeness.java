package wovenset.core.testing;

import java.awt.image.BufferedImage;

/**
 * How alike two pictures of one size are: structural similarity (Wang, Bovik, Sheikh and Simoncelli, 2004) of their
 * brightness, the mean over 8 × 8 blocks a step of four apart, with the paper's constants. 1 is the same picture.
 */
public final class Likeness {
    private static final int BLOCK = 8;
    private static final int STEP = 4;
    private static final double C1 = Math.pow(0.01 * 255, 2);
    private static final double C2 = Math.pow(0.03 * 255, 2);

    private Likeness() {}

    /** @throws IllegalArgumentException if the sizes differ */
    public static double of(BufferedImage one, BufferedImage other) {
        if (one.getWidth() != other.getWidth() || one.getHeight() != other.getHeight()) {
            throw new IllegalArgumentException(
                    one.getWidth() + " × " + one.getHeight() + " and " + other.getWidth() + " × " + other.getHeight());
        }
        double[][] a = brightness(one);
        double[][] b = brightness(other);
        double sum = 0;
        int blocks = 0;
        for (int y = 0; y + BLOCK <= a.length; y += STEP) {
            for (int x = 0; x + BLOCK <= a[0].length; x += STEP) {
                sum += block(a, b, x, y);
                blocks++;
            }
        }
        return sum / blocks;
    }

    /** The mean CIE 1976 colour difference of the pixels of two pictures of one size; about 2.3 is just noticeable. */
    public static double colourDistance(BufferedImage one, BufferedImage other) {
        double sum = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                double[] a = lab(one.getRGB(x, y));
                double[] b = lab(other.getRGB(x, y));
                sum += Math.hypot(Math.hypot(a[0] - b[0], a[1] - b[1]), a[2] - b[2]);
            }
        }
        return sum / ((double) one.getWidth() * one.getHeight());
    }

    /**
     * By how many pixels one of two pictures of one size lies beside the other, to an eighth, at most one and a half: the shift at
     * which the squares of their differences in brightness are least. Nothing for pictures that differ by less than two levels as
     * they lie: there is no edge in them that could be beside itself. (One of a hundred levels half a pixel beside itself in a
     * strip of sixteen makes twelve.) Nothing, too, if no shift makes half of the difference go: then it is of another kind.
     */
    public static double shift(BufferedImage one, BufferedImage other, boolean across) {
        double[][] a = brightness(one);
        double[][] b = brightness(other);
        double best = 0;
        double asTheyLie = difference(a, b, 0, across);
        double least = asTheyLie;
        if (least < 4.0 * (a.length - 6) * (a[0].length - 6)) {
            return 0;
        }
        for (int eighth = 1; eighth <= 12; eighth++) {
            for (double shift : new double[] {eighth / 8.0, -eighth / 8.0}) {
                double difference = difference(a, b, shift, across);
                if (difference < least) {
                    least = difference;
                    best = shift;
                }
            }
        }
        return least < asTheyLie / 2 ? best : 0;
    }

    private static double difference(double[][] a, double[][] b, double shift, boolean across) {
        double sum = 0;
        int whole = (int) Math.floor(shift);
        double part = shift - whole;
        for (int y = 3; y < a.length - 3; y++) {
            for (int x = 3; x < a[0].length - 3; x++) {
                double from = across ? b[y][x + whole] : b[y + whole][x];
                double to = across ? b[y][x + whole + 1] : b[y + whole + 1][x];
                double miss = a[y][x] - (from + part * (to - from));
                sum += miss * miss;
            }
        }
        return sum;
    }

    /** CIE L*a*b* (1976) of an sRGB colour (IEC 61966-2-1), by the white of D65. */
    private static double[] lab(int rgb) {
        double r = linear(rgb >> 16 & 255);
        double g = linear(rgb >> 8 & 255);
        double b = linear(rgb & 255);
        double x = root((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
        double y = root(0.2126 * r + 0.7152 * g + 0.0722 * b);
        double z = root((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double linear(int value) {
        double share = value / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    private static double root(double value) {
        return value > 216 / 24389.0 ? Math.cbrt(value) : (24389 / 27.0 * value + 16) / 116;
    }

    private static double block(double[][] a, double[][] b, int left, int top) {
        double sumA = 0;
        double sumB = 0;
        double sumAa = 0;
        double sumBb = 0;
        double sumAb = 0;
        for (int y = top; y < top + BLOCK; y++) {
            for (int x = left; x < left + BLOCK; x++) {
                sumA += a[y][x];
                sumB += b[y][x];
                sumAa += a[y][x] * a[y][x];
                sumBb += b[y][x] * b[y][x];
                sumAb += a[y][x] * b[y][x];
            }
        }
        int n = BLOCK * BLOCK;
        double meanA = sumA / n;
        double meanB = sumB / n;
        double varianceA = sumAa / n - meanA * meanA;
        double varianceB = sumBb / n - meanB * meanB;
        double covariance = sumAb / n - meanA * meanB;
        return (2 * meanA * meanB + C1)
                * (2 * covariance + C2)
                / ((meanA * meanA + meanB * meanB + C1) * (varianceA + varianceB + C2));
    }

    private static double[][] brightness(BufferedImage image) {
        double[][] values = new double[image.getHeight()][image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int rgb = image.getRGB(x, y);
                values[y][x] = 0.299 * (rgb >> 16 & 255) + 0.587 * (rgb >> 8 & 255) + 0.114 * (rgb & 255);
            }
        }
        return values;
    }
}
