package wovenset.bench;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.testing.TestPhotos;

/**
 * Files as cameras write them: 4000 × 3000, 4:2:0, quality 90, with grain, some held sideways; or a mix of sizes from 4 to 12
 * megapixels, qualities from 90 to 95, embedded thumbnails, and a PNG and a TIFF among every eight.
 */
final class LargePhotos {
    static final int WIDTH = 4000;
    static final int HEIGHT = 3000;
    private static final int GRAIN = 9;
    /** Widths of pictures of 3 to 4: 4, 12, 8, 5 and 10 megapixels. */
    private static final int[] MIXED = {2304, 4000, 3264, 2592, 3648};

    private LargePhotos() {}

    /** Writes so many different pictures into a folder. */
    static List<Path> write(Path folder, int count) throws IOException {
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            byte[] jpeg = jpeg(folder, i);
            files.add(Files.write(
                    folder.resolve("photo-" + i + ".jpg"),
                    TestPhotos.withExif(jpeg, i % 4 == 0 ? 6 : 1, "2026:07:11 10:12:05", "")));
        }
        return files;
    }

    /** Writes so many different pictures of several kinds and sizes. */
    static List<Path> mixed(Path folder, int count) throws IOException {
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int width = MIXED[i % MIXED.length];
            String kind = i % 8 == 5 ? "png" : i % 8 == 7 ? "tif" : "jpg";
            Path file = folder.resolve("mixed-" + i + "." + kind);
            write(file, grainy(width, width * 3 / 4, 100 + i), 90 + i % 6);
            if (kind.equals("jpg")) {
                byte[] small = TestPhotos.jpeg(160, 120, i);
                byte[] exif =
                        TestPhotos.withExif(Files.readAllBytes(file), i % 4 == 0 ? 6 : 1, "2026:07:11 10:12:05", "");
                Files.write(file, TestPhotos.withSegment(exif, 0xE2, small));
            }
            files.add(file);
        }
        return files;
    }

    /** Another file with the same picture: other bytes, and so another photo. */
    static Path variant(Path file, int number) throws IOException {
        byte[] words = ("variant " + number).getBytes(StandardCharsets.US_ASCII);
        byte[] bytes = Files.readAllBytes(file);
        String name = file.getFileName().toString();
        if (name.endsWith(".jpg")) {
            bytes = TestPhotos.withSegment(bytes, 0xFE, words);
        } else {
            // What follows the end of such a file is no part of its picture.
            bytes = Arrays.copyOf(bytes, bytes.length + words.length);
            System.arraycopy(words, 0, bytes, bytes.length - words.length, words.length);
        }
        return Files.write(file.resolveSibling("variant-" + number + name.substring(name.lastIndexOf('.'))), bytes);
    }

    private static byte[] jpeg(Path folder, int seed) throws IOException {
        Path file = folder.resolve("plain.jpg");
        write(file, grainy(WIDTH, HEIGHT, seed), 90);
        byte[] jpeg = Files.readAllBytes(file);
        Files.delete(file);
        return jpeg;
    }

    private static Mat grainy(int width, int height, int seed) {
        BufferedImage scene = TestPhotos.scene(width / 2, height / 2, seed);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.drawImage(scene, 0, 0, width, height, null);
        graphics.dispose();
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        Random random = new Random(seed);
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = (byte) Math.max(0, Math.min(255, (pixels[i] & 255) + (random.nextInt() >>> 28) - GRAIN + 1));
        }
        Mat picture = new Mat(height, width, opencv_core.CV_8UC3);
        picture.data().put(pixels);
        return picture;
    }

    private static void write(Path file, Mat picture, int jpegQuality) {
        try (picture;
                IntPointer quality = file.toString().endsWith(".jpg")
                        ? new IntPointer(opencv_imgcodecs.IMWRITE_JPEG_QUALITY, jpegQuality)
                        : new IntPointer()) {
            opencv_imgcodecs.imwrite(file.toString(), picture, quality);
        }
    }
}
