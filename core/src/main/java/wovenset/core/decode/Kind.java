package wovenset.core.decode;

/** The formats whose pixels a child reads. */
public enum Kind {
    HEIF {
        @Override
        Source source() {
            return new HeifSource();
        }
    },
    TIFF {
        @Override
        Source source() {
            return new TiffSource();
        }
    },
    GIF {
        @Override
        Source source() {
            return new GifSource();
        }
    },
    /** A large PNG. */
    PNG {
        @Override
        Source source() {
            return new PngSource();
        }
    },
    /** A JPEG in four inks, told as they are. */
    JPEG_INKS {
        @Override
        Source source() {
            return new InkJpegSource(InkJpegSource.Coding.INKS);
        }
    },
    /** A JPEG in four inks, told as what they leave of the paper, as programs do that write an Adobe segment. */
    JPEG_PAPER {
        @Override
        Source source() {
            return new InkJpegSource(InkJpegSource.Coding.PAPER);
        }
    },
    /** A JPEG in four inks, told as brightness and colour of what they leave, and black. */
    JPEG_BRIGHTNESS {
        @Override
        Source source() {
            return new InkJpegSource(InkJpegSource.Coding.BRIGHTNESS);
        }
    };

    abstract Source source();
}
