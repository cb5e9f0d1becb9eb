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
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.bytedeco.opencv.opencv_core.Mat;
import org.jspecify.annotations.Nullable;

/**
 * An embedded colour profile (ICC.1) and conversion from it to sRGB, in strips so that a large picture needs little
 * memory. The conversion itself is the Java platform's colour management.
 */
final class ColourProfile {
    private static final int STRIP_ROWS = 128;
    /** Sample colours, and how far a conversion may move them (of 1) for the profile to count as sRGB itself. */
    private static final float[][] SAMPLES = {
        {1, 0, 0}, {0, 1, 0}, {0, 0, 1}, {0.5f, 0.5f, 0.5f}, {0.1f, 0.2f, 0.3f}, {0.8f, 0.4f, 0.6f}
    };

    private static final float SAME = 2 / 255f;
    /** A person's photos carry few different profiles, so what was found of the last ones is kept. */
    private static final int MOST_KEPT = 64;

    private static final Map<String, Optional<ICC_Profile>> KEPT = new ConcurrentHashMap<>();

    private final ICC_Profile profile;

    private ColourProfile(ICC_Profile profile) {
        this.profile = profile;
    }

    /** The profile that a file embeds; null if it has none, or one that says sRGB or cannot be used. */
    static @Nullable ColourProfile of(PictureFormat format, byte[] file) {
        byte[] bytes =
                switch (format) {
                    case JPEG -> JpegSegments.read(file).profile();
                    case PNG -> PngChunks.profile(file);
                    case WEBP -> webp(file);
                    default -> null;
                };
        if (bytes == null) {
            return null;
        }
        if (KEPT.size() >= MOST_KEPT) {
            KEPT.clear();
        }
        return KEPT.computeIfAbsent(new String(bytes, StandardCharsets.ISO_8859_1), key -> usable(bytes))
                .map(ColourProfile::new)
                .orElse(null);
    }

    private static Optional<ICC_Profile> usable(byte[] bytes) {
        try {
            ICC_Profile profile = ICC_Profile.getInstance(bytes);
            return profile.getColorSpaceType() == ColorSpace.TYPE_RGB && !isStandard(profile)
                    ? Optional.of(profile)
                    : Optional.empty();
        } catch (IllegalArgumentException | CMMException e) {
            return Optional.empty();
        }
    }

    /** Whether converting from the profile would only cost time: it leaves sample colours where they are. */
    private static boolean isStandard(ICC_Profile profile) {
        ICC_ColorSpace space = new ICC_ColorSpace(profile);
        for (float[] sample : SAMPLES) {
            float[] standard = space.toRGB(sample);
            for (int i = 0; i < 3; i++) {
                if (Math.abs(standard[i] - sample[i]) > SAME) {
                    return false;
                }
            }
        }
        return true;
    }

    private static byte @Nullable [] webp(byte[] file) {
        ByteBuffer buffer = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        int at = 12;
        while (at + 8 <= file.length) {
            int length = buffer.getInt(at + 4);
            if (length < 0 || at + 8L + length > file.length) {
                return null;
            }
            if (new String(file, at, 4, StandardCharsets.ISO_8859_1).equals("ICCP")) {
                return Arrays.copyOfRange(file, at + 8, at + 8 + length);
            }
            at += 8 + length + (length & 1);
        }
        return null;
    }

    /** Converts a picture of 8-bit blue, green and red in place. */
    void toStandard(Mat picture) {
        ColorModel from = new ComponentColorModel(
                new ICC_ColorSpace(profile), false, false, ColorModel.OPAQUE, DataBuffer.TYPE_BYTE);
        ColorConvertOp convert = new ColorConvertOp(null);
        int width = picture.cols();
        for (int y = 0; y < picture.rows(); y += STRIP_ROWS) {
            int rows = Math.min(STRIP_ROWS, picture.rows() - y);
            byte[] pixels = new byte[width * rows * 3];
            try (Mat strip = picture.rowRange(y, y + rows)) {
                strip.data().get(pixels);
                WritableRaster raster = Raster.createInterleavedRaster(
                        new DataBufferByte(pixels, pixels.length),
                        width,
                        rows,
                        width * 3,
                        3,
                        new int[] {2, 1, 0},
                        null);
                BufferedImage converted = new BufferedImage(width, rows, BufferedImage.TYPE_3BYTE_BGR);
                convert.filter(new BufferedImage(from, raster, false, null), converted);
                strip.data().put(((DataBufferByte) converted.getRaster().getDataBuffer()).getData());
            }
        }
    }
}
