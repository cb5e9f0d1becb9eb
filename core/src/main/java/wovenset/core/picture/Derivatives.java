package wovenset.core.picture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.picture.PhotoDecoder.Reduction;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;

/**
 * The smaller sizes of a photo that screens are drawn from: upright sRGB JPEGs, or PNGs of photos with clear parts. They can be
 * made again at any time.
 */
public final class Derivatives {
    /** The longer side of the size for the bench. */
    public static final int LARGE = 1600;
    /** The longer side of the size for the light table, the drawer and small frames. */
    public static final int SMALL = 400;

    private static final int QUALITY = 88;

    private Derivatives() {}

    /** Raise it when derived sizes are made otherwise; those of an earlier number are made again. */
    private static final int VERSION = 4;

    /** Where a derived size lies below a photo's own folder; nothing if it is not there. */
    public static Optional<Path> find(Path folder, int longEdge) {
        return Stream.of("jpg", "png")
                .map(kind -> in(folder, longEdge, kind))
                .filter(Files::exists)
                .findFirst();
    }

    /** The smaller of the sizes that is at least this long, if one is. */
    public static OptionalInt atLeast(int longEdge) {
        return IntStream.of(SMALL, LARGE).filter(size -> size >= longEdge).findFirst();
    }

    private static Path in(Path folder, int longEdge, String kind) {
        return folder.resolve(longEdge + "." + VERSION + "." + kind);
    }

    /**
     * Makes both sizes; the folder is made if it is missing, and files appear whole or not at all.
     *
     * @throws RefusedPhotoException if the photo cannot be decoded; nothing is left behind
     */
    @SuppressWarnings("ReferenceEquality") // Whether two names stand for the same memory.
    public static void make(Path original, PhotoHeader header, Path folder) {
        try (Mat large = PhotoDecoder.upright(original, header, LARGE, Reduction.QUICK)) {
            Mat small = PhotoDecoder.sized(large, SMALL, Reduction.QUICK);
            try {
                Files.createDirectories(folder);
                write(large, folder, LARGE);
                write(small, folder, SMALL);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } finally {
                if (small != large) {
                    small.close();
                }
            }
        }
    }

    private static void write(Mat picture, Path folder, int longEdge) throws IOException {
        boolean clear = picture.channels() == 4;
        Path target = in(folder, longEdge, clear ? "png" : "jpg");
        Path temporary = target.resolveSibling(UUID.randomUUID() + ".part.jpg");
        // Packed in memory and written by us: the library's own writer does not notice a disk that fills at the last
        // block.
        try (Mat plain = clear ? picture.clone() : new Mat(picture);
                IntPointer options = clear
                        ? new IntPointer(opencv_imgcodecs.IMWRITE_PNG_COMPRESSION, 3)
                        : new IntPointer(
                                opencv_imgcodecs.IMWRITE_JPEG_QUALITY,
                                QUALITY,
                                // With halved colours, a checked cloth on the screen has other colours than in print.
                                opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR,
                                opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR_444);
                BytePointer packed = new BytePointer()) {
            if (clear) {
                ClearPixels.unmultiply(plain);
            }
            if (!opencv_imgcodecs.imencode(clear ? ".png" : ".jpg", plain, packed, options)) {
                throw new RefusedPhotoException(Reason.FILE_NOT_REDUCED);
            }
            byte[] file = new byte[(int) packed.limit()];
            packed.get(file);
            Files.write(temporary, file);
            Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }
}
