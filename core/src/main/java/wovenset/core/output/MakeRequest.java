package wovenset.core.output;

import java.util.List;
import wovenset.core.measure.Resolution;

/**
 * What is to be made of a piece.
 *
 * @param pages which pages, by their place in reading order from 0; at least one
 * @param resolution of images, and of the pictures in a PDF that cannot go in untouched
 * @param jpegQuality 1 to 100, for JPEG files only
 * @param ground what lies behind the frames, for PNG files only
 * @param extent whether images reach to the trim or include the bleed; a PDF always holds both
 */
public record MakeRequest(
        Kind kind, List<Integer> pages, Resolution resolution, int jpegQuality, Ground ground, Extent extent) {
    public MakeRequest {
        pages = List.copyOf(pages);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("Choose at least one page");
        }
        if (jpegQuality < 1 || jpegQuality > 100) {
            throw new IllegalArgumentException("A JPEG's quality lies between 1 and 100");
        }
    }

    /** The kind of file. */
    public enum Kind {
        PDF("pdf"),
        JPEG("jpg"),
        PNG("png");

        private final String extension;

        Kind(String extension) {
            this.extension = extension;
        }

        public String extension() {
            return extension;
        }
    }

    /** What lies behind the frames. */
    public enum Ground {
        PAGE_COLOUR,
        CLEAR
    }

    /** How far a picture of a page reaches. */
    public enum Extent {
        TRIM,
        BLEED
    }
}
