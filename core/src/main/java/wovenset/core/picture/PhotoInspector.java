package wovenset.core.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import wovenset.core.decode.Decoders;
import wovenset.core.decode.answer.Embedded;
import wovenset.core.decode.answer.Kind;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.item.FrameWords;
import wovenset.core.picture.file.FileBytes;
import wovenset.core.picture.file.JpegSegments;
import wovenset.core.picture.file.PictureFormat;
import wovenset.core.picture.file.PngChunks;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;

/** Finds out what a file is and whether it may be decoded, from its header, before any pixel is. */
public final class PhotoInspector {
    private static final int START = 32;

    private PhotoInspector() {}

    /**
     * @throws RefusedPhotoException if the file is empty, of no known format, cut short or too large, with the reason
     */
    public static PhotoHeader inspect(Path path, PictureLimits limits) {
        ByteBuffer file = FileBytes.of(path);
        if (file.limit() == 0) {
            throw new RefusedPhotoException(Reason.FILE_EMPTY);
        }
        if (file.limit() > limits.bytes()) {
            throw new RefusedPhotoException(Reason.FILE_TOO_LARGE, limits.bytes() / 1_000_000);
        }
        byte[] start = new byte[Math.min(START, file.limit())];
        file.get(0, start);
        PictureFormat format =
                PictureFormat.of(start).orElseThrow(() -> new RefusedPhotoException(PictureFormat.refusal(start)));
        Size size = size(format, file, path);
        checkSize(size, limits);
        Embedded embedded = Decoders.embedded(path);
        boolean inks = size.inks || format == PictureFormat.TIFF && embedded.inks();
        if (inks && (long) size.width * size.height > PictureLimits.INK_PIXELS) {
            throw new RefusedPhotoException(Reason.FILE_INKS, PictureLimits.INK_PIXELS / 1_000_000);
        }
        // Their decoder turns pictures as the file says; what a program left in EXIF would turn them twice.
        boolean turned = format == PictureFormat.HEIC || format == PictureFormat.AVIF;
        return new PhotoHeader(
                format,
                size.width,
                size.height,
                turned ? Orientation.UPRIGHT : Orientation.ofTag(embedded.orientation()),
                inks,
                embedded.takenAt().orElse(null),
                embedded.zoneMinutes().isPresent() ? embedded.zoneMinutes().getAsInt() : null,
                embedded.place()
                        .map(at -> new PhotoHeader.Position(at.latitude(), at.longitude()))
                        .orElse(null),
                FrameWords.shortened(embedded.caption()));
    }

    private static void checkSize(Size size, PictureLimits limits) {
        if (size.width < 1 || size.height < 1) {
            throw new RefusedPhotoException(Reason.FILE_NO_SIZE);
        }
        if (size.width > limits.side()
                || size.height > limits.side()
                || (long) size.width * size.height > limits.pixels()) {
            throw new RefusedPhotoException(
                    Reason.FILE_PIXELS, size.width, size.height, limits.side(), limits.pixels() / 1_000_000);
        }
    }

    /** Whether a file that starts with these (at least 16) bytes is worth reading to its end. */
    public static boolean looksLikePicture(byte[] start) {
        return PictureFormat.of(start).isPresent();
    }

    private record Size(int width, int height, boolean inks) {}

    private static Size size(PictureFormat format, ByteBuffer file, Path path) {
        switch (format) {
            case JPEG -> {
                JpegSegments segments = JpegSegments.read(file);
                return new Size(segments.width(), segments.height(), segments.components() == 4);
            }
            case PNG -> {
                if (file.limit() < 24) {
                    throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
                }
                // The size is judged before completeness: a bomb need not be complete.
                Size size = new Size(file.getInt(16), file.getInt(20), false);
                if ((long) size.width * size.height <= PictureLimits.USUAL.pixels()) {
                    PngChunks.checkComplete(file);
                }
                return size;
            }
            case TIFF -> {
                return ofChild(path, Kind.TIFF);
            }
            case GIF -> {
                return ofChild(path, Kind.GIF);
            }
            case HEIC, AVIF -> {
                return ofChild(path, Kind.HEIF);
            }
            default -> {
                return sizeByReader(format, file);
            }
        }
    }

    private static Size ofChild(Path path, Kind kind) {
        try {
            int[] size = Decoders.size(path, kind);
            return new Size(size[0], size[1], false);
        } catch (UnreadableException e) {
            throw RefusedPhotoException.because(e, e.reason());
        }
    }

    private static Size sizeByReader(PictureFormat format, ByteBuffer file) {
        if (format == PictureFormat.BMP
                && file.limit() > 6
                && Integer.toUnsignedLong(
                                file.duplicate().order(ByteOrder.LITTLE_ENDIAN).getInt(2))
                        > file.limit()) {
            throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
        }
        byte[] start = new byte[Math.min(1 << 16, file.limit())];
        file.get(0, start);
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(start))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw new RefusedPhotoException(Reason.FILE_HEADER);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream, true, true);
                return new Size(reader.getWidth(0), reader.getHeight(0), false);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof RefusedPhotoException refused) {
                throw refused;
            }
            throw RefusedPhotoException.because(e, Reason.FILE_HEADER);
        }
    }
}
