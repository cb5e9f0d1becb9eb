package wovenset.core.colour;

import com.sun.jna.Memory;
import com.sun.jna.Pointer;
import java.awt.color.CMMException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.Optional;
import org.bytedeco.opencv.opencv_core.Mat;

/**
 * A colour profile (ICC.1) and conversion from it to sRGB, relative colorimetric with black point compensation, by Little CMS.
 */
public final class ColourProfile implements AutoCloseable {
    private static final int LARGEST = 8_000_000;
    /** Sample colours, and how far a conversion may move them for the profile to count as sRGB itself. */
    private static final byte[] SAMPLES = {0, 0, -1, 0, -1, 0, -1, 0, 0, -128, -128, -128, 77, 51, 26, -103, 102, -52};

    private static final int SAME = 2;

    private final Pointer transform;
    private final int format;

    private ColourProfile(Pointer transform, int format) {
        this.transform = transform;
        this.format = format;
    }

    /** Of a picture in red, green and blue; nothing if it is sRGB or cannot be used. */
    public static Optional<ColourProfile> ofColours(byte[] profile, int channels) {
        int format = channels == 4 ? LittleCms.BGRX : LittleCms.BGR;
        Optional<ColourProfile> opened = open(profile, LittleCms.RGB_DATA, format, format);
        if (opened.isPresent() && isStandard(profile)) {
            opened.get().close();
            return Optional.empty();
        }
        return opened;
    }

    /** Of a picture in four inks; that of coated paper in offset printing if there is none that can be used. */
    public static ColourProfile ofInks(byte[] profile) {
        return open(profile, LittleCms.CMYK_DATA, LittleCms.INKS, LittleCms.BGR)
                .or(() -> open(coatedPaper(), LittleCms.CMYK_DATA, LittleCms.INKS, LittleCms.BGR))
                .orElseThrow();
    }

    /** Whether a picture in red, green and blue can be converted by these bytes; what is not a profile is none. */
    public static boolean isOfColours(byte[] profile) {
        Optional<ColourProfile> opened = open(profile, LittleCms.RGB_DATA, LittleCms.BGR, LittleCms.BGR);
        opened.ifPresent(ColourProfile::close);
        return opened.isPresent();
    }

    /** Of greys of 8 bits. */
    static Optional<ColourProfile> ofGrey(byte[] profile) {
        return open(profile, LittleCms.GREY_DATA, LittleCms.GREY, LittleCms.BGR);
    }

    void convert(Memory from, Memory to, int pixels) {
        LittleCms.CMS.cmsDoTransform(transform, from, to, pixels);
    }

    private static byte[] coatedPaper() {
        try (InputStream file = ColourProfile.class.getResourceAsStream("coated-paper.icc")) {
            return Objects.requireNonNull(file).readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<ColourProfile> open(byte[] profile, int colours, int fromFormat, int toFormat) {
        if (profile.length == 0 || profile.length > LARGEST) {
            return Optional.empty();
        }
        LittleCms cms = LittleCms.CMS;
        // The platform's own use of the library makes its errors exceptions of this thread.
        try {
            Pointer own = cms.cmsOpenProfileFromMem(profile, profile.length);
            if (own == null) {
                return Optional.empty();
            }
            Pointer standard = cms.cmsCreate_sRGBProfile();
            try {
                return cms.cmsGetColorSpace(own) == colours
                        ? Optional.ofNullable(cms.cmsCreateTransform(
                                        own, fromFormat, standard, toFormat, LittleCms.RELATIVE, LittleCms.FLAGS))
                                .map(transform -> new ColourProfile(transform, fromFormat))
                        : Optional.empty();
            } finally {
                cms.cmsCloseProfile(own);
                cms.cmsCloseProfile(standard);
            }
        } catch (CMMException e) {
            return Optional.empty();
        }
    }

    private static boolean isStandard(byte[] profile) {
        try (Memory samples = new Memory(SAMPLES.length);
                ColourProfile plain = open(profile, LittleCms.RGB_DATA, LittleCms.BGR, LittleCms.BGR)
                        .orElseThrow()) {
            samples.write(0, SAMPLES, 0, SAMPLES.length);
            LittleCms.CMS.cmsDoTransform(plain.transform, samples, samples, SAMPLES.length / 3);
            byte[] moved = samples.getByteArray(0, SAMPLES.length);
            for (int i = 0; i < moved.length; i++) {
                if (Math.abs((moved[i] & 255) - (SAMPLES[i] & 255)) > SAME) {
                    return false;
                }
            }
            return true;
        }
    }

    /** Converts a picture of blue, green and red in place; a fourth channel stays. */
    public void toStandard(Mat picture) {
        if (format != (picture.channels() == 4 ? LittleCms.BGRX : LittleCms.BGR)) {
            throw new IllegalArgumentException("The picture has other channels");
        }
        for (int y = 0; y < picture.rows(); y++) {
            Pointer row = new Pointer(picture.ptr(y).address());
            LittleCms.CMS.cmsDoTransform(transform, row, row, picture.cols());
        }
    }

    /** The colours of these inks, pixel by pixel. */
    public byte[] blueGreenRed(byte[] inks, int length) {
        try (Memory from = new Memory(length);
                Memory to = new Memory(length / 4 * 3L)) {
            from.write(0, inks, 0, length);
            LittleCms.CMS.cmsDoTransform(transform, from, to, length / 4);
            return to.getByteArray(0, length / 4 * 3);
        }
    }

    @Override
    public void close() {
        LittleCms.CMS.cmsDeleteTransform(transform);
    }
}
