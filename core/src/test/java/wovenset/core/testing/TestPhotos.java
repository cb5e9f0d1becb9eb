package wovenset.core.testing;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.paint.RasterPainter;

/** Photo files made on the spot, with the quirks that real ones have. */
public final class TestPhotos {
    /** Draws all photos black. */
    public static final RasterPainter BLACK =
            new RasterPainter((pixels, scale) -> new BufferedImage(30, 20, BufferedImage.TYPE_3BYTE_BGR));

    private TestPhotos() {}

    /** A picture whose corners can be told apart: red top left, green top right, blue bottom left, white bottom right. */
    public static BufferedImage corners(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
        for (int i = 0; i < 4; i++) {
            graphics.setColor(colours[i]);
            graphics.fillRect(i % 2 * width / 2, i / 2 * height / 2, width - width / 2, height - height / 2);
        }
        graphics.dispose();
        return image;
    }

    /** Something photo-like: soft gradients with blobs, different for each seed. */
    public static BufferedImage scene(int width, int height, int seed) {
        Random random = new Random(seed);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setPaint(new GradientPaint(0, 0, colour(random), width, height, colour(random)));
        graphics.fillRect(0, 0, width, height);
        for (int i = 0; i < 14; i++) {
            int size = Math.max(4, random.nextInt(Math.max(5, width / 4)));
            graphics.setColor(colour(random));
            graphics.fillOval(random.nextInt(width), random.nextInt(height), size, size);
        }
        graphics.dispose();
        return image;
    }

    /** A scene that is clear but for an oval in its middle, whose rim fades. */
    public static byte[] clearPng(int width, int height, int seed) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        BufferedImage scene = scene(width, height, seed);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double away = Math.hypot((x + 0.5) / width - 0.5, (y + 0.5) / height - 0.5);
                long alpha = Math.round(255 * Math.max(0, Math.min(1, (0.48 - away) * 10)));
                image.setRGB(x, y, scene.getRGB(x, y) & 0xFFFFFF | (int) alpha << 24);
            }
        }
        return file(image, "png");
    }

    private static Color colour(Random random) {
        return new Color(40 + random.nextInt(180), 40 + random.nextInt(180), 40 + random.nextInt(180));
    }

    /** A file in one of these formats: jpg, png, gif, bmp, tiff, webp. */
    public static byte[] file(BufferedImage image, String format) {
        if (format.equals("webp")) {
            return webp(image);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            if (!ImageIO.write(image, format, out)) {
                throw new IllegalArgumentException("No writer for " + format);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static byte[] webp(BufferedImage image) {
        try (Mat picture = new Mat(image.getHeight(), image.getWidth(), opencv_core.CV_8UC3);
                BytePointer encoded = new BytePointer()) {
            picture.data().put(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
            opencv_imgcodecs.imencode(".webp", picture, encoded);
            byte[] file = new byte[(int) encoded.limit()];
            encoded.get(file);
            return file;
        }
    }

    public static byte[] jpeg(int width, int height, int seed) {
        return file(scene(width, height, seed), "jpg");
    }

    /** A scan of 1600 × 1000 pixels with a print of 600 × 400 at the left, and one of 400 × 600, turned by six degrees, at the right. */
    public static byte[] scan() {
        BufferedImage scan = new BufferedImage(1600, 1000, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = scan.createGraphics();
        graphics.setColor(new Color(226, 226, 222));
        graphics.fillRect(0, 0, 1600, 1000);
        graphics.setColor(new Color(40, 80, 130));
        graphics.fillRect(100, 150, 600, 400);
        graphics.rotate(Math.toRadians(6), 1200, 500);
        graphics.setColor(new Color(150, 90, 50));
        graphics.fillRect(1000, 200, 400, 600);
        graphics.dispose();
        return file(scan, "jpg");
    }

    /** The JPEG with an Exif segment (Exif 2.32) that holds orientation, capture date, a caption and a place. */
    public static byte[] withExif(byte[] jpeg, int orientation, String takenAt, String caption) {
        byte[] words = (caption + "\0").getBytes(StandardCharsets.UTF_8);
        byte[] date = (takenAt + "\0").getBytes(StandardCharsets.US_ASCII);
        byte[] place = "54.9 N 1.4 W SECRET-PLACE\0".getBytes(StandardCharsets.US_ASCII);
        int first = 8 + 2 + 4 * 12 + 4;
        int wordsAt = first;
        int placeAt = wordsAt + words.length + (words.length & 1);
        int subAt = placeAt + place.length + (place.length & 1);
        int dateAt = subAt + 2 + 12 + 4;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DataOutputStream out = new DataOutputStream(bytes)) {
            out.writeBytes("MM");
            out.writeShort(42);
            out.writeInt(8);
            out.writeShort(4);
            entry(out, 0x010E, 2, words.length, wordsAt);
            entry(out, 0x0112, 3, 1, orientation << 16);
            entry(out, 0x8298, 2, place.length, placeAt);
            entry(out, 0x8769, 4, 1, subAt);
            out.writeInt(0);
            padded(out, words);
            padded(out, place);
            out.writeShort(1);
            entry(out, 0x9003, 2, date.length, dateAt);
            out.writeInt(0);
            out.write(date);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return withSegment(jpeg, 0xE1, concat("Exif\0\0".getBytes(StandardCharsets.US_ASCII), bytes.toByteArray()));
    }

    private static void entry(DataOutputStream out, int tag, int type, int count, int value) throws IOException {
        out.writeShort(tag);
        out.writeShort(type);
        out.writeInt(count);
        out.writeInt(value);
    }

    private static void padded(DataOutputStream out, byte[] bytes) throws IOException {
        out.write(bytes);
        if ((bytes.length & 1) == 1) {
            out.write(0);
        }
    }

    /** The JPEG with one more segment right after its start marker. */
    public static byte[] withSegment(byte[] jpeg, int marker, byte[] content) {
        byte[] head = {
            jpeg[0], jpeg[1], (byte) 0xFF, (byte) marker, (byte) (content.length + 2 >> 8), (byte) (content.length + 2)
        };
        return concat(concat(head, content), Arrays.copyOfRange(jpeg, 2, jpeg.length));
    }

    /** A colour profile (ICC.1:2010) of greys whose light is this power of their value. */
    public static byte[] greys(double power) {
        ByteBuffer out = ByteBuffer.allocate(192);
        out.putInt(0, 192).putInt(8, 0x0210_0000);
        out.put(12, "mntrGRAYXYZ ".getBytes(StandardCharsets.US_ASCII));
        out.put(36, "acsp".getBytes(StandardCharsets.US_ASCII));
        out.position(68);
        out.putInt(0xF6D6).putInt(0x1_0000).putInt(0xD32D);
        out.position(128);
        out.putInt(2);
        out.put("wtpt".getBytes(StandardCharsets.US_ASCII)).putInt(156).putInt(20);
        out.put("kTRC".getBytes(StandardCharsets.US_ASCII)).putInt(176).putInt(14);
        out.put("XYZ ".getBytes(StandardCharsets.US_ASCII)).putInt(0);
        out.putInt(0xF6D6).putInt(0x1_0000).putInt(0xD32D);
        out.put("curv".getBytes(StandardCharsets.US_ASCII)).putInt(0).putInt(1);
        out.putShort((short) Math.round(power * 256));
        return out.array();
    }

    /** The JPEG with an embedded colour profile (ICC.1, annex B.4) in one part. */
    public static byte[] withProfile(byte[] jpeg, byte[] profile) {
        return withSegment(jpeg, 0xE2, concat("ICC_PROFILE\0\1\1".getBytes(StandardCharsets.ISO_8859_1), profile));
    }

    /** A JPEG of four inks as image programs write it: an Adobe marker, and ink amounts inverted. */
    public static byte[] inks(int width, int height, int cyan, int magenta, int yellow, int black) {
        return marked(0, ofInks(width, height, 255 - cyan, 255 - magenta, 255 - yellow, 255 - black));
    }

    /** The same inks as they are, without the marker that tells of their kind. */
    public static byte[] inksUnmarked(int width, int height, int cyan, int magenta, int yellow, int black) {
        return ofInks(width, height, cyan, magenta, yellow, black);
    }

    /** The same inks, told as the brightness and colour of the inverted inks' complement (transform 2). */
    public static byte[] inksByBrightness(int width, int height, int cyan, int magenta, int yellow, int black) {
        double y = 0.299 * cyan + 0.587 * magenta + 0.114 * yellow;
        return marked(
                2,
                ofInks(
                        width,
                        height,
                        (int) Math.round(y),
                        (int) Math.min(255, Math.round(128 + (yellow - y) / 1.772)),
                        (int) Math.min(255, Math.round(128 + (cyan - y) / 1.402)),
                        255 - black));
    }

    private static byte[] marked(int transform, byte[] jpeg) {
        return withSegment(
                jpeg, 0xEE, ("Adobe\0\144\0\0\0\0" + (char) transform).getBytes(StandardCharsets.ISO_8859_1));
    }

    private static byte[] ofInks(int width, int height, int... pixel) {
        WritableRaster raster = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, width, height, 4, null);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                raster.setPixel(x, y, pixel);
            }
        }
        ImageWriter writer = null;
        for (var found = ImageIO.getImageWritersByFormatName("jpeg"); found.hasNext(); ) {
            ImageWriter one = found.next();
            if (one.getClass().getName().startsWith("com.sun.")) {
                writer = one;
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            Objects.requireNonNull(writer).setOutput(out);
            writer.write(null, new IIOImage(raster, null, null), null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** A PNG of a few bytes that says it is this large. */
    public static byte[] boastfulPng(int width, int height) {
        byte[] png = file(corners(8, 8), "png");
        ByteBuffer.wrap(png).putInt(16, width).putInt(20, height);
        CRC32 sum = new CRC32();
        sum.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
        return png;
    }

    public static byte[] concat(byte[] one, byte[] other) {
        byte[] both = Arrays.copyOf(one, one.length + other.length);
        System.arraycopy(other, 0, both, one.length, other.length);
        return both;
    }
}
