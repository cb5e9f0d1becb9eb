package wovenset.core.decode.answer;

/** The formats whose pixels a child reads. */
public enum Kind {
    HEIF,
    TIFF,
    GIF,
    /** A large PNG. */
    PNG,
    /** A JPEG in four inks, told as they are. */
    JPEG_INKS,
    /** A JPEG in four inks, told as what they leave of the paper, as programs do that write an Adobe segment. */
    JPEG_PAPER,
    /** A JPEG in four inks, told as brightness and colour of what they leave, and black. */
    JPEG_BRIGHTNESS
}
