package wovenset.core.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.iptc.IptcDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;
import wovenset.core.item.FrameWords;
import wovenset.core.said.Reason;

/** Finds out what a file is and whether it may be decoded, from its header, before any pixel is. */
public final class PhotoInspector {
    private static final DateTimeFormatter EXIF_TIME = DateTimeFormatter.ofPattern("uuuu:MM:dd HH:mm:ss");
    private static final int TIFF_FOUR_INKS = 5;

    private PhotoInspector() {}

    /**
     * @param file the whole file
     * @throws RefusedPhotoException if it is empty, of no known format, cut short or too large, with the reason
     */
    public static PhotoHeader inspect(byte[] file, PictureLimits limits) {
        if (file.length == 0) {
            throw new RefusedPhotoException(Reason.FILE_EMPTY);
        }
        if (file.length > limits.bytes()) {
            throw new RefusedPhotoException(Reason.FILE_TOO_LARGE, limits.bytes() / 1_000_000);
        }
        PictureFormat format = PictureFormat.of(Arrays.copyOf(file, Math.min(16, file.length)))
                .orElseThrow(() -> new RefusedPhotoException(Reason.FILE_NO_PICTURE));
        Size size = size(format, file);
        if (size.width < 1 || size.height < 1) {
            throw new RefusedPhotoException(Reason.FILE_NO_SIZE);
        }
        if (size.width > limits.side()
                || size.height > limits.side()
                || (long) size.width * size.height > limits.pixels()) {
            throw new RefusedPhotoException(
                    Reason.FILE_PIXELS, size.width, size.height, limits.side(), limits.pixels() / 1_000_000);
        }
        Metadata metadata = metadata(file);
        boolean inks = size.inks || format == PictureFormat.TIFF && tiffInks(metadata);
        if (inks && (long) size.width * size.height > PictureLimits.INK_PIXELS) {
            throw new RefusedPhotoException(Reason.FILE_INKS, PictureLimits.INK_PIXELS / 1_000_000);
        }
        return new PhotoHeader(
                format, size.width, size.height, orientation(metadata), inks, takenAt(metadata), caption(metadata));
    }

    /** Whether a file that starts with these (at least 16) bytes is worth reading to its end. */
    public static boolean looksLikePicture(byte[] start) {
        return PictureFormat.of(start).isPresent();
    }

    private record Size(int width, int height, boolean inks) {}

    private static Size size(PictureFormat format, byte[] file) {
        switch (format) {
            case JPEG -> {
                JpegSegments segments = JpegSegments.read(file);
                return new Size(segments.width(), segments.height(), segments.components() == 4);
            }
            case PNG -> {
                if (file.length < 24) {
                    throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
                }
                // The size is judged before completeness: a bomb need not be complete.
                Size size = new Size(
                        ByteBuffer.wrap(file).getInt(16), ByteBuffer.wrap(file).getInt(20), false);
                if ((long) size.width * size.height <= PictureLimits.USUAL.pixels()) {
                    PngChunks.checkComplete(file);
                }
                return size;
            }
            default -> {
                return sizeByReader(format, file);
            }
        }
    }

    private static Size sizeByReader(PictureFormat format, byte[] file) {
        if (format == PictureFormat.BMP
                && file.length > 6
                && Integer.toUnsignedLong(
                                Integer.reverseBytes(ByteBuffer.wrap(file).getInt(2)))
                        > file.length) {
            throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
        }
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
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

    /** Damaged metadata never keeps a good picture out: then nothing is known of it. */
    private static Metadata metadata(byte[] file) {
        try {
            return ImageMetadataReader.readMetadata(new ByteArrayInputStream(file), file.length);
        } catch (ImageProcessingException | IOException | RuntimeException e) {
            return new Metadata();
        }
    }

    private static boolean tiffInks(Metadata metadata) {
        ExifIFD0Directory directory = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        Integer photometric =
                directory == null ? null : directory.getInteger(ExifDirectoryBase.TAG_PHOTOMETRIC_INTERPRETATION);
        return photometric != null && photometric == TIFF_FOUR_INKS;
    }

    private static Orientation orientation(Metadata metadata) {
        ExifIFD0Directory directory = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        try {
            return directory == null || !directory.containsTag(ExifDirectoryBase.TAG_ORIENTATION)
                    ? Orientation.UPRIGHT
                    : Orientation.ofTag(directory.getInt(ExifDirectoryBase.TAG_ORIENTATION));
        } catch (MetadataException e) {
            return Orientation.UPRIGHT;
        }
    }

    private static @Nullable LocalDateTime takenAt(Metadata metadata) {
        for (Directory directory : metadata.getDirectoriesOfType(ExifSubIFDDirectory.class)) {
            for (int tag :
                    new int[] {ExifDirectoryBase.TAG_DATETIME_ORIGINAL, ExifDirectoryBase.TAG_DATETIME_DIGITIZED}) {
                String text = directory.getString(tag);
                if (text != null) {
                    try {
                        return LocalDateTime.parse(text.strip(), EXIF_TIME);
                    } catch (DateTimeException e) {
                        // Cameras whose clock was never set write zeros or blanks here; that is no date.
                    }
                }
            }
        }
        return null;
    }

    private static String caption(Metadata metadata) {
        IptcDirectory iptc = metadata.getFirstDirectoryOfType(IptcDirectory.class);
        String text = iptc == null ? null : iptc.getString(IptcDirectory.TAG_CAPTION);
        ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        if (text == null && exif != null) {
            text = exif.getString(ExifDirectoryBase.TAG_IMAGE_DESCRIPTION, "UTF-8");
        }
        if (text == null) {
            return "";
        }
        String clean = text.codePoints()
                .map(c -> Character.isISOControl(c) ? ' ' : c)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString()
                .strip();
        return FrameWords.shortened(clean);
    }
}
