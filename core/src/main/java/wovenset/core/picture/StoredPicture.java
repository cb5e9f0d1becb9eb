package wovenset.core.picture;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.decode.Decoders;
import wovenset.core.decode.Kind;
import wovenset.core.decode.Raw;
import wovenset.core.decode.RowSink;
import wovenset.core.decode.UnreadableException;
import wovenset.core.said.Reason;

/**
 * A picture as its file holds it: 8 bits of blue, green, red, and alpha where some of it is clear; not yet turned.
 *
 * @param pixels the owner closes them
 * @param profile by which the colours are still to be converted; empty if there is none
 */
@SuppressWarnings("ArrayRecordComponent") // Nobody compares them.
record StoredPicture(Mat pixels, byte[] profile) {
    /**
     * @param longEdge that is enough; a JPEG may come as half, a quarter or an eighth of its size if that is still larger
     * @throws RefusedPhotoException if the pixels cannot be decoded
     */
    static StoredPicture read(Path file, PhotoHeader header, int longEdge) {
        return switch (header.format()) {
            case JPEG -> header.inks() ? inks(file) : jpeg(file, header, longEdge);
            case PNG -> unpacked(file, opencv_imgcodecs.IMREAD_UNCHANGED, PngChunks.profile(FileBytes.of(file)));
            case WEBP -> unpacked(file, opencv_imgcodecs.IMREAD_UNCHANGED, webpProfile(FileBytes.of(file)));
            case BMP -> unpacked(file, opencv_imgcodecs.IMREAD_COLOR, new byte[0]);
            case TIFF -> ofChild(file, Kind.TIFF, new byte[0]);
            case GIF -> ofChild(file, Kind.GIF, new byte[0]);
            case HEIC, AVIF -> ofChild(file, Kind.HEIF, new byte[0]);
        };
    }

    private static StoredPicture jpeg(Path file, PhotoHeader header, int longEdge) {
        int stored = Math.max(header.storedWidth(), header.storedHeight());
        int flag = stored / 2 < longEdge
                ? opencv_imgcodecs.IMREAD_COLOR
                : stored / 4 < longEdge
                        ? opencv_imgcodecs.IMREAD_REDUCED_COLOR_2
                        : stored / 8 < longEdge
                                ? opencv_imgcodecs.IMREAD_REDUCED_COLOR_4
                                : opencv_imgcodecs.IMREAD_REDUCED_COLOR_8;
        byte[] profile = JpegSegments.read(FileBytes.of(file)).profile();
        return unpacked(file, flag | opencv_imgcodecs.IMREAD_IGNORE_ORIENTATION, profile);
    }

    /** Converts such a picture's colours, at this size or a smaller one. */
    void toStandard(Mat picture) {
        try (ColourProfile opened =
                ColourProfile.ofColours(profile, picture.channels()).orElse(null)) {
            if (opened != null) {
                opened.toStandard(picture);
            }
        }
    }

    private static StoredPicture unpacked(Path file, int flags, byte[] profile) {
        Mat picture;
        try {
            picture = opencv_imgcodecs.imread(file.toString(), flags);
        } catch (RuntimeException e) {
            throw RefusedPhotoException.because(e, Reason.FILE_PIXELS_DAMAGED);
        }
        if (picture == null || picture.empty()) {
            throw new RefusedPhotoException(Reason.FILE_PIXELS_DAMAGED);
        }
        return new StoredPicture(ClearPixels.eightBit(picture), profile);
    }

    /** Programs that write an Adobe segment write inks as what they leave of the paper. */
    private static StoredPicture inks(Path file) {
        JpegSegments segments = JpegSegments.read(FileBytes.of(file));
        Kind kind =
                switch (segments.adobeTransform()) {
                    case 2 -> Kind.JPEG_BRIGHTNESS;
                    case 0 -> Kind.JPEG_PAPER;
                    default -> Kind.JPEG_INKS;
                };
        return ofChild(file, kind, segments.profile());
    }

    /** @param profile that the file embeds, where the child does not tell */
    private static StoredPicture ofChild(Path file, Kind kind, byte[] profile) {
        Arriving arriving = new Arriving(profile);
        try {
            Decoders.pixels(file, kind, arriving);
            return new StoredPicture(ClearPixels.eightBit(arriving.take()), arriving.colours);
        } catch (UnreadableException e) {
            throw RefusedPhotoException.because(e, e.reason());
        } finally {
            arriving.close();
        }
    }

    /** Takes rows from a child; inks are converted as they come. */
    private static final class Arriving implements RowSink, AutoCloseable {
        private final byte[] profile;
        private byte[] colours = new byte[0];
        private Optional<ColourProfile> inks = Optional.empty();
        private Optional<Mat> picture = Optional.empty();
        private int rowBytes;
        private int row;

        Arriving(byte[] profile) {
            this.profile = profile;
        }

        @Override
        public void begin(Raw raw) {
            if ((long) raw.width() * raw.height() > PictureLimits.USUAL.pixels()) {
                throw new RefusedPhotoException(Reason.FILE_PIXELS_DAMAGED);
            }
            byte[] told = raw.profile().length > 0 ? raw.profile() : profile;
            rowBytes = raw.rowBytes();
            boolean clear = raw.samples() == Raw.Samples.BLUE_GREEN_RED_ALPHA;
            if (raw.samples() == Raw.Samples.INKS) {
                inks = Optional.of(ColourProfile.ofInks(told));
            } else {
                colours = told;
            }
            picture =
                    Optional.of(new Mat(raw.height(), raw.width(), clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3));
        }

        @Override
        public void rows(byte[] pixels, int length) {
            Mat into = picture.orElseThrow();
            if (inks.isPresent()) {
                inks.get().toStandard(pixels, length, into, row);
            } else {
                into.ptr(row).put(pixels, 0, length);
            }
            row += length / rowBytes;
        }

        Mat take() {
            Mat taken = picture.orElseThrow();
            picture = Optional.empty();
            return taken;
        }

        @Override
        public void close() {
            picture.ifPresent(Mat::close);
            inks.ifPresent(ColourProfile::close);
        }
    }

    private static byte[] webpProfile(ByteBuffer file) {
        ByteBuffer buffer = file.duplicate().order(ByteOrder.LITTLE_ENDIAN);
        int at = 12;
        while (at + 8 <= file.limit()) {
            int length = buffer.getInt(at + 4);
            if (length < 0 || at + 8L + length > file.limit()) {
                return new byte[0];
            }
            byte[] name = new byte[4];
            buffer.get(at, name);
            if (new String(name, StandardCharsets.ISO_8859_1).equals("ICCP")) {
                byte[] profile = new byte[length];
                buffer.get(at + 8, profile);
                return profile;
            }
            at += 8 + length + (length & 1);
        }
        return new byte[0];
    }
}
