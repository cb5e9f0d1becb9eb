package wovenset.bench;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.testing.TestPhotos;

/** Files as a 12-megapixel camera writes them: 4000 × 3000, 4:2:0, quality 90, with grain, some held sideways. */
final class LargePhotos {
    static final int WIDTH = 4000;
    static final int HEIGHT = 3000;
    private static final int GRAIN = 9;

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

    /** Another file with the same picture: other bytes, and so another photo. */
    static Path variant(Path file, int number) throws IOException {
        byte[] words = ("variant " + number).getBytes(StandardCharsets.US_ASCII);
        return Files.write(
                file.resolveSibling("variant-" + number + ".jpg"),
                TestPhotos.withSegment(Files.readAllBytes(file), 0xFE, words));
    }

    private static byte[] jpeg(Path folder, int seed) throws IOException {
        BufferedImage scene = TestPhotos.scene(WIDTH / 2, HEIGHT / 2, seed);
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.drawImage(scene, 0, 0, WIDTH, HEIGHT, null);
        graphics.dispose();
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        Random random = new Random(seed);
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = (byte) Math.max(0, Math.min(255, (pixels[i] & 255) + (random.nextInt() >>> 28) - GRAIN + 1));
        }
        Path file = folder.resolve("plain.jpg");
        try (Mat picture = new Mat(HEIGHT, WIDTH, opencv_core.CV_8UC3);
                IntPointer quality = new IntPointer(opencv_imgcodecs.IMWRITE_JPEG_QUALITY, 90)) {
            picture.data().put(pixels);
            opencv_imgcodecs.imwrite(file.toString(), picture, quality);
        }
        byte[] jpeg = Files.readAllBytes(file);
        Files.delete(file);
        return jpeg;
    }
}
