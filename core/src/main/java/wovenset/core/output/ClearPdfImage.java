package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * A picture with clear parts in a PDF, which keeps colours and their transparency apart: colours as a JPEG, transparency as a soft
 * mask without loss (ISO 32000-1, 11.6.5.3).
 *
 * <p>PDFBox's own way draws the picture on black first, which leaves a dark rim wherever it fades. What is wholly clear has no
 * colour; it takes the mean of what shows nearby, so that the JPEG has no edge where the picture ends.
 */
final class ClearPdfImage {
    /** A JPEG's blocks with halved colours. */
    private static final int BLOCK = 16;

    private ClearPdfImage() {}

    /** @param image with its colours multiplied by alpha */
    static PDImageXObject of(PDDocument document, BufferedImage image, float quality) throws IOException {
        int width = image.getWidth();
        int height = image.getHeight();
        BufferedImage colours = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        byte[] alphas = new byte[width * height];
        int last = 0xFFFFFF;
        int[] pixels = new int[BLOCK * BLOCK];
        for (int y = 0; y < height; y += BLOCK) {
            for (int x = 0; x < width; x += BLOCK) {
                int w = Math.min(BLOCK, width - x);
                int h = Math.min(BLOCK, height - y);
                // Java gives pixels unmultiplied here, whatever the image holds.
                image.getRGB(x, y, w, h, pixels, 0, w);
                last = filled(pixels, w * h, last);
                colours.setRGB(x, y, w, h, pixels, 0, w);
                for (int i = 0; i < w * h; i++) {
                    alphas[(y + i / w) * width + x + i % w] = (byte) (pixels[i] >>> 24);
                }
            }
        }
        PDImageXObject object = JPEGFactory.createFromImage(document, colours, quality);
        object.getCOSObject().setItem(COSName.SMASK, mask(document, alphas, width, height));
        return object;
    }

    /** Written by ourselves: Java takes grey levels for linear light, and PDFBox would have them converted. */
    private static PDImageXObject mask(PDDocument document, byte[] alphas, int width, int height) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            out.write(alphas);
        }
        return new PDImageXObject(
                document,
                new ByteArrayInputStream(packed.toByteArray()),
                COSName.FLATE_DECODE,
                width,
                height,
                8,
                PDDeviceGray.INSTANCE);
    }

    /** Gives clear pixels the mean colour of the others, or of an earlier block if there are none, which is given back. */
    private static int filled(int[] pixels, int count, int earlier) {
        long alpha = 0;
        long red = 0;
        long green = 0;
        long blue = 0;
        for (int i = 0; i < count; i++) {
            int a = pixels[i] >>> 24;
            alpha += a;
            red += (long) a * (pixels[i] >> 16 & 255);
            green += (long) a * (pixels[i] >> 8 & 255);
            blue += (long) a * (pixels[i] & 255);
        }
        int mean = alpha == 0 ? earlier : (int) (red / alpha << 16 | green / alpha << 8 | blue / alpha);
        for (int i = 0; i < count; i++) {
            if (pixels[i] >>> 24 == 0) {
                pixels[i] = mean;
            }
        }
        return mean;
    }
}
