package wovenset.core.output;

import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.PictureFormat;

/** How a photo goes into a PDF, and why it is made anew if it is. */
public enum Passing {
    /** With its compressed data as it came. */
    UNTOUCHED,
    /** It is much finer than was asked for. */
    FINER,
    /** Its light or colour is changed, or something is done to it by hand. */
    CHANGED,
    /** It is sharpened for print. */
    SHARPENED,
    /** It is no JPEG, or one of printing inks, which few programs read. */
    OTHER_KIND;

    /** Up to so many times the resolution asked for, a photo goes in untouched: less, and nothing would be gained. */
    private static final double FINE = 1.5;

    private static final double MM_PER_INCH = 25.4;

    /** @param mmPerPixel at the largest size at which it shows */
    static Passing of(PhotoPixels pixels, PhotoHeader header, double mmPerPixel, MakeRequest request) {
        if (header.format() != PictureFormat.JPEG || header.inks()) {
            return OTHER_KIND;
        }
        if (!pixels.arePlain()) {
            return CHANGED;
        }
        if (request.sharpening().isPresent()) {
            return SHARPENED;
        }
        boolean fine = MM_PER_INCH / mmPerPixel > FINE * request.resolution().ppi();
        return fine && request.photos() == MakeRequest.Photos.FITTED ? FINER : UNTOUCHED;
    }
}
