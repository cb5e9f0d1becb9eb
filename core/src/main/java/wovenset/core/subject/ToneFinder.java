package wovenset.core.subject;

import java.awt.image.BufferedImage;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.ink.Srgb;
import wovenset.core.photo.Tones;

/** Finds how light and coloured a picture is. Cost: a pass over a picture of {@value #SIDE} × {@value #SIDE} pixels. */
public final class ToneFinder {
    private static final int SIDE = 96;
    /** Below and above, a pixel is black or white, whatever its light was. */
    private static final int BLACK = 8;

    private static final int WHITE = 247;
    private static final double LEAST = 1e-4;

    private ToneFinder() {}

    /** @param image of type 3BYTE_BGR, sRGB */
    public static Tones of(BufferedImage image) {
        byte[] pixels = new byte[3 * SIDE * SIDE];
        try (Mat small = Pixels.reduced(image, SIDE)) {
            small.data().get(pixels);
        }
        int[] counts = new int[256];
        double sum = 0;
        double squares = 0;
        double[] light = new double[3];
        int within = 0;
        for (int at = 0; at < pixels.length; at += 3) {
            int blue = pixels[at] & 0xff;
            int green = pixels[at + 1] & 0xff;
            int red = pixels[at + 2] & 0xff;
            double luma = 0.2126 * red + 0.7152 * green + 0.0722 * blue;
            counts[(int) Math.round(luma)]++;
            sum += luma;
            squares += luma * luma;
            if (Math.max(red, Math.max(green, blue)) <= WHITE && Math.min(red, Math.min(green, blue)) >= BLACK) {
                within++;
                light[0] += Srgb.linear(red / 255.0);
                light[1] += Srgb.linear(green / 255.0);
                light[2] += Srgb.linear(blue / 255.0);
            }
        }
        int all = SIDE * SIDE;
        double mean = sum / all;
        double spread = Math.sqrt(Math.max(0, squares / all - mean * mean)) / 255;
        double of = within == 0 ? 1 : within;
        double none = within == 0 ? 1 : LEAST;
        return new Tones(
                below(counts, 0.01),
                below(counts, 0.5),
                below(counts, 0.99),
                spread,
                Math.max(none, light[0] / of),
                Math.max(none, light[1] / of),
                Math.max(none, light[2] / of));
    }

    private static double below(int[] counts, double share) {
        int wanted = (int) (share * SIDE * SIDE);
        int seen = 0;
        for (int level = 0; level < counts.length; level++) {
            seen += counts[level];
            if (seen > wanted) {
                return level / 255.0;
            }
        }
        return 1;
    }
}
