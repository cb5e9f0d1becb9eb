package wovenset.core.colour;

import com.sun.jna.Memory;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;

/**
 * A colour profile of greys (ICC.1), such as of a scan or of printing with one ink, and conversion from it to sRGB's. Cost: a look at a
 * table of 256 for each sample.
 */
public final class GreyProfile {
    private static final int LEVELS = 256;

    private final byte[] standard;

    private GreyProfile(byte[] standard) {
        this.standard = standard;
    }

    /** Whether a grey picture can be converted by these bytes; what is not a profile is none. */
    public static boolean is(byte[] profile) {
        try (ColourProfile opened = ColourProfile.ofGrey(profile).orElse(null)) {
            return opened != null;
        }
    }

    /** @param profile that {@link #is} one of greys */
    public static GreyProfile of(byte[] profile) {
        try (ColourProfile opened = ColourProfile.ofGrey(profile).orElseThrow();
                Memory levels = new Memory(LEVELS);
                Memory colours = new Memory(3L * LEVELS)) {
            for (int i = 0; i < LEVELS; i++) {
                levels.setByte(i, (byte) i);
            }
            opened.convert(levels, colours, LEVELS);
            byte[] standard = new byte[LEVELS];
            for (int i = 0; i < LEVELS; i++) {
                standard[i] = colours.getByte(3L * i);
            }
            return new GreyProfile(standard);
        }
    }

    /** Converts a picture of blue, green and red, all alike, in place; a fourth channel stays. */
    public void toStandard(Mat picture) {
        int channels = picture.channels();
        byte[] table = new byte[LEVELS * channels];
        for (int i = 0; i < table.length; i++) {
            int level = i / channels;
            table[i] = i % channels == 3 ? (byte) level : standard[level];
        }
        try (Mat levels = new Mat(1, LEVELS, opencv_core.CV_8UC(channels))) {
            levels.data().put(table);
            opencv_core.LUT(picture, levels, picture);
        }
    }
}
