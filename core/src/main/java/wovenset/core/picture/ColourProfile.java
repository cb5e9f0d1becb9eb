package wovenset.core.picture;

import java.awt.color.CMMException;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import org.bytedeco.opencv.opencv_core.Mat;
import org.jspecify.annotations.Nullable;

/**
 * An embedded colour profile (ICC.1) and conversion from it to sRGB, in strips so that a large picture needs little
 * memory. The conversion itself is the Java platform's colour management.
 */
final class ColourProfile {
    private static final int STRIP_ROWS = 128;
    private static final int MOST_HEADER_TEXT = 8000;

    private final ICC_Profile profile;

    private ColourProfile(ICC_Profile profile) {
        this.profile = profile;
    }

    /** The profile that a file embeds; null if it has none, or one that says sRGB or cannot be used. */
    static @Nullable ColourProfile of(PictureFormat format, byte[] file) {
        byte[] bytes = switch (format) {
            case JPEG -> JpegSegments.read(file).profile();
            case PNG -> PngChunks.profile(file);
            case WEBP -> webp(file);
            default -> null;
        };
        if (bytes == null || isStandard(bytes)) {
            return null;
        }
        try {
            ICC_Profile profile = ICC_Profile.getInstance(bytes);
            return profile.getColorSpaceType() == ColorSpace.TYPE_RGB ? new ColourProfile(profile) : null;
        } catch (IllegalArgumentException | CMMException e) {
            return null;
        }
    }

    /** Common profiles of sRGB name it in their description; converting from them would only cost time. */
    static boolean isStandard(byte[] profile) {
        String text = new String(profile, 0, Math.min(profile.length, MOST_HEADER_TEXT), StandardCharsets.ISO_8859_1);
        return text.contains("sRGB") || text.contains("s\0R\0G\0B");
    }

    private static byte @Nullable [] webp(byte[] file) {
        ByteBuffer buffer = ByteBuffer.wrap(file).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        int at = 12;
        while (at + 8 <= file.length) {
            int length = buffer.getInt(at + 4);
            if (length < 0 || at + 8L + length > file.length) {
                return null;
            }
            if (new String(file, at, 4, StandardCharsets.ISO_8859_1).equals("ICCP")) {
                return java.util.Arrays.copyOfRange(file, at + 8, at + 8 + length);
            }
            at += 8 + length + (length & 1);
        }
        return null;
    }

    /** Converts a picture of 8-bit blue, green and red in place. */
    void toStandard(Mat picture) {
        ColorModel from = new ComponentColorModel(new ICC_ColorSpace(profile), false, false,
                ColorModel.OPAQUE, DataBuffer.TYPE_BYTE);
        ColorConvertOp convert = new ColorConvertOp(null);
        int width = picture.cols();
        for (int y = 0; y < picture.rows(); y += STRIP_ROWS) {
            int rows = Math.min(STRIP_ROWS, picture.rows() - y);
            byte[] pixels = new byte[width * rows * 3];
            try (Mat strip = picture.rowRange(y, y + rows)) {
                strip.data().get(pixels);
                WritableRaster raster = Raster.createInterleavedRaster(
                        new java.awt.image.DataBufferByte(pixels, pixels.length), width, rows, width * 3, 3, new int[] {2, 1, 0}, null);
                BufferedImage converted = new BufferedImage(width, rows, BufferedImage.TYPE_3BYTE_BGR);
                convert.filter(new BufferedImage(from, raster, false, null), converted);
                strip.data().put(((java.awt.image.DataBufferByte) converted.getRaster().getDataBuffer()).getData());
            }
        }
    }
}
