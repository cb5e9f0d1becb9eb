package wovenset.core.picture;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.colour.ColourProfile;
import wovenset.core.colour.GreyProfile;
import wovenset.core.decode.Decoders;
import wovenset.core.decode.answer.Kind;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.picture.file.FileBytes;
import wovenset.core.picture.file.JpegSegments;
import wovenset.core.picture.file.PngChunks;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;

/**
 * A picture as its file holds it: 8 bits of blue, green, red, and alpha where some of it is clear; not yet turned.
 *
 * @param pixels the owner closes them
 * @param profile by which the colours are still to be converted; empty if there is none
 */
@SuppressWarnings("ArrayRecordComponent") // Nobody compares them.
record StoredPicture(Mat pixels, byte[] profile) {
    /** Bytes that a decoded PNG may take. */
    private static final long MOST_AT_ONCE = 160_000_000;
    /** Where its header says which of palette, colour and alpha it has (ISO/IEC 15948, 11.2.2). */
    private static final int PNG_COLOURS = 25;

    /**
     * @param longEdge that is enough; a JPEG may come as half, a quarter or an eighth of its size if that is still larger
     * @throws RefusedPhotoException if the pixels cannot be decoded
     */
    static StoredPicture read(Path file, PhotoHeader header, int longEdge) {
        return switch (header.format()) {
            case JPEG -> header.inks() ? inks(file, longEdge) : jpeg(file, header, longEdge);
            case PNG -> png(file, header, longEdge);
            case WEBP -> unpacked(file, opencv_imgcodecs.IMREAD_UNCHANGED, webpProfile(FileBytes.of(file)));
            case BMP -> unpacked(file, opencv_imgcodecs.IMREAD_COLOR, new byte[0]);
            case TIFF -> ofChild(file, Kind.TIFF, new byte[0], longEdge);
            case GIF -> ofChild(file, Kind.GIF, new byte[0], longEdge);
            case HEIC, AVIF -> ofChild(file, Kind.HEIF, new byte[0], longEdge);
        };
    }

    private static StoredPicture jpeg(Path file, PhotoHeader header, int longEdge) {
        int stored = Math.max(header.storedWidth(), header.storedHeight());
        // An eighth only if that is still twice as fine as what is averaged from it: fine patterns would else come out
        // by the transform's
        // own steps.
        int flag = stored / 2 < longEdge
                ? opencv_imgcodecs.IMREAD_COLOR
                : stored / 4 < longEdge
                        ? opencv_imgcodecs.IMREAD_REDUCED_COLOR_2
                        : stored / 8 < 2 * longEdge
                                ? opencv_imgcodecs.IMREAD_REDUCED_COLOR_4
                                : opencv_imgcodecs.IMREAD_REDUCED_COLOR_8;
        JpegSegments segments = JpegSegments.head(FileBytes.of(file));
        byte[] profile = suiting(segments.profile(), segments.components() == 1);
        return unpacked(file, flag | opencv_imgcodecs.IMREAD_IGNORE_ORIENTATION, profile);
    }

    /** A profile of colours says nothing of a grey picture, nor one of greys of a coloured one. */
    private static byte[] suiting(byte[] profile, boolean grey) {
        return profile.length > 0 && GreyProfile.is(profile) != grey ? new byte[0] : profile;
    }

    /** Converts such a picture's colours, at this size or a smaller one. */
    void toStandard(Mat picture) {
        if (GreyProfile.is(profile)) {
            GreyProfile.of(profile).toStandard(picture);
            return;
        }
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
    private static StoredPicture inks(Path file, int longEdge) {
        JpegSegments segments = JpegSegments.head(FileBytes.of(file));
        Kind kind =
                switch (segments.adobeTransform()) {
                    case 2 -> Kind.JPEG_BRIGHTNESS;
                    case 0 -> Kind.JPEG_PAPER;
                    default -> Kind.JPEG_INKS;
                };
        return ofChild(file, kind, segments.profile(), longEdge);
    }

    /** @param profile that the file embeds, where the child does not tell */
    private static StoredPicture ofChild(Path file, Kind kind, byte[] profile, int longEdge) {
        ArrivingPicture arriving = new ArrivingPicture(profile, longEdge);
        try {
            Decoders.pixels(file, kind, arriving);
            return new StoredPicture(ClearPixels.eightBit(arriving.take()), arriving.colours());
        } catch (UnreadableException e) {
            throw RefusedPhotoException.because(e, e.reason());
        } finally {
            arriving.close();
        }
    }

    /** A picture that would take much memory as a whole comes row by row. */
    private static StoredPicture png(Path file, PhotoHeader header, int longEdge) {
        ByteBuffer bytes = FileBytes.of(file);
        boolean grey = (bytes.get(PNG_COLOURS) & 3) == 0;
        byte[] profile = suiting(PngChunks.profile(bytes), grey);
        long whole = (long) header.storedWidth() * header.storedHeight() * (bytes.get(24) == 16 ? 8 : 4);
        return whole > MOST_AT_ONCE
                ? ofChild(file, Kind.PNG, profile, longEdge)
                : unpacked(file, opencv_imgcodecs.IMREAD_UNCHANGED, profile);
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
