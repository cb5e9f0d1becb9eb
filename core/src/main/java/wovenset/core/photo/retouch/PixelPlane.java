package wovenset.core.photo.retouch;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.Base64;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A small picture of one byte a pixel over the whole of an upright photo, as text.
 *
 * @param packed its bytes row by row, in zlib's format (RFC 1950) and base 64 (RFC 4648)
 */
public record PixelPlane(int width, int height, String packed) {
    /** Of the longer side, in pixels. */
    public static final int LONGEST = 400;

    public PixelPlane {
        Checks.that(width >= 1 && height >= 1 && width <= LONGEST && height <= LONGEST, Reason.PLANE_SIZE, LONGEST);
        Checks.that(isWhole(packed, width * height), Reason.PLANE_PACKED);
    }

    /** @param values row by row */
    public static PixelPlane of(int width, int height, byte[] values) {
        Deflater deflater = new Deflater(Deflater.BEST_COMPRESSION);
        try {
            deflater.setInput(values);
            deflater.finish();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] block = new byte[4096];
            while (!deflater.finished()) {
                out.write(block, 0, deflater.deflate(block));
            }
            return new PixelPlane(width, height, Base64.getEncoder().encodeToString(out.toByteArray()));
        } finally {
            deflater.end();
        }
    }

    /** One value everywhere, as fine as planes of a photo of this size are. */
    public static PixelPlane even(int photoWidth, int photoHeight, int value) {
        double scale = Math.min(1, (double) LONGEST / Math.max(photoWidth, photoHeight));
        int width = Math.max(1, (int) Math.round(photoWidth * scale));
        int height = Math.max(1, (int) Math.round(photoHeight * scale));
        byte[] values = new byte[width * height];
        Arrays.fill(values, (byte) value);
        return of(width, height, values);
    }

    /** Its bytes row by row, for whoever asks to change. */
    public byte[] values() {
        byte[] values = new byte[width * height];
        inflate(packed, values);
        return values;
    }

    private static boolean isWhole(String packed, int length) {
        return inflate(packed, new byte[length]);
    }

    /** Whether it is just so many bytes. */
    private static boolean inflate(String packed, byte[] into) {
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(Base64.getDecoder().decode(packed));
            int read = 0;
            while (read < into.length) {
                int more = inflater.inflate(into, read, into.length - read);
                if (more == 0) {
                    return false;
                }
                read += more;
            }
            return inflater.inflate(new byte[1]) == 0 && inflater.finished();
        } catch (DataFormatException | IllegalArgumentException e) {
            return false;
        } finally {
            inflater.end();
        }
    }
}
