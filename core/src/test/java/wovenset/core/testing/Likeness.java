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
