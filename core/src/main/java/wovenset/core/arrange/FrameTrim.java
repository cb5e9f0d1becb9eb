package wovenset.core.arrange;

import wovenset.core.piece.Dress;
import wovenset.core.piece.Frame;

/**
 * What a frame takes of its cell besides the picture, in millimetres.
 *
 * @param borderMm on each side
 * @param captionMm below
 */
public record FrameTrim(double borderMm, double captionMm) {
    public static final FrameTrim NONE = new FrameTrim(0, 0);

    public static FrameTrim of(Dress dress) {
        return new FrameTrim(dress.borderWidth().mm(), dress.captions().bandMm());
    }

    public static FrameTrim of(Dress dress, Frame frame) {
        return new FrameTrim(
                frame.borderIn(dress).width().mm(), dress.captions().bandMm());
    }

    double across() {
        return 2 * borderMm;
    }

    double down() {
        return 2 * borderMm + captionMm;
    }
}
