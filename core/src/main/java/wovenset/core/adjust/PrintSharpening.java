package wovenset.core.adjust;

import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBufferByte;
import java.awt.image.WritableRaster;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * Makes up for the softness of ink on paper: an unsharp mask on the luma, v' = v + a·(Y − Y_σ), whose width is one on paper, not of the photo.
 * Differences below {@value #LEAST} levels are noise and stay. Cost: linear in the pixels, three bytes each.
 */
public final class PrintSharpening {
    /** A standard deviation on paper, about how far a dot of ink spreads. */
    private static final double SPREAD_MM = 0.09;
    /** Pixels: narrower ones would only touch single pixels. */
    private static final double NARROWEST = 0.5;

    private static final int LEAST = 2;

    private PrintSharpening() {}

    /**
     * @param image of type 3BYTE_BGR or 4BYTE_ABGR, which stays as it is
     * @param pixelsPerMm of it on paper
     * @param amount share of the difference that is added
     */
    public static BufferedImage of(BufferedImage image, double pixelsPerMm, double amount) {
        int bands = image.getColorModel().getNumComponents();
        WritableRaster raster = image.copyData(null);
        byte[] bytes = ((DataBufferByte) raster.getDataBuffer()).getData();
        byte[] luma = new byte[image.getWidth() * image.getHeight()];
        for (int at = 0; at < luma.length; at++) {
            int blue = at * bands + bands - 3;
            luma[at] = (byte) Math.round(Toned.luma(bytes[blue + 2] & 255, bytes[blue + 1] & 255, bytes[blue] & 255));
        }
        byte[] blurred =
                blurred(luma, image.getWidth(), image.getHeight(), Math.max(NARROWEST, SPREAD_MM * pixelsPerMm));
        for (int at = 0; at < luma.length; at++) {
            int difference = (luma[at] & 255) - (blurred[at] & 255);
            if (Math.abs(difference) < LEAST) {
                continue;
            }
            int more = (int) Math.round(amount * difference);
            for (int band = at * bands + bands - 3; band < (at + 1) * bands; band++) {
                bytes[band] = (byte) Math.max(0, Math.min(255, (bytes[band] & 255) + more));
            }
        }
        ColorModel colours = image.getColorModel();
        return new BufferedImage(colours, raster, colours.isAlphaPremultiplied(), null);
    }

    private static byte[] blurred(byte[] luma, int width, int height, double sigma) {
        byte[] blurred = new byte[luma.length];
        try (Mat picture = new Mat(height, width, opencv_core.CV_8UC1);
                Mat soft = new Mat();
                Size byItself = new Size(0, 0)) {
            picture.data().put(luma);
            opencv_imgproc.GaussianBlur(picture, soft, byItself, sigma);
            soft.data().get(blurred);
        }
        return blurred;
    }
}
