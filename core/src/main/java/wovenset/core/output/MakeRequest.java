package wovenset.core.output;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wovenset.core.measure.Resolution;
import wovenset.core.piece.Piece;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * What is to be made of a piece.
 *
 * @param pages which pages, by their place in reading order from 0; at least one, each once
 * @param resolution of images, and of the pictures in a PDF that cannot go in untouched
 * @param jpegQuality 1 to 100, for JPEG files only
 * @param ground what lies behind the frames, for PNG files only
 * @param photos how photos go into a PDF
 * @param fold where sheets are folded that hold two pages on each side; nothing where each page is by itself
 * @param sharpening of photos for print; nothing where they stay as sharp as they are
 * @param extent whether images reach to the trim or include the bleed; a PDF always holds both
 */
public record MakeRequest(
        Kind kind,
        List<Integer> pages,
        Resolution resolution,
        int jpegQuality,
        Ground ground,
        Extent extent,
        Photos photos,
        Optional<Fold> fold,
        Optional<Sharpening> sharpening) {
    public MakeRequest {
        pages = List.copyOf(pages);
        Checks.that(!pages.isEmpty(), Reason.NO_PAGES);
        Checks.that(pages.size() <= Piece.MOST_PAGES, Reason.TOO_MANY_PAGES, Piece.MOST_PAGES);
        Checks.that(Set.copyOf(pages).size() == pages.size(), Reason.PAGE_TWICE);
        Checks.that(fold.isEmpty() || pages.size() == Fold.PAGES, Reason.FOLD_PAGES, Fold.PAGES);
        Checks.that(jpegQuality >= 1 && jpegQuality <= 100, Reason.JPEG_QUALITY);
    }

    /** Each page by itself. */
    public MakeRequest(
            Kind kind,
            List<Integer> pages,
            Resolution resolution,
            int jpegQuality,
            Ground ground,
            Extent extent,
            Photos photos) {
        this(kind, pages, resolution, jpegQuality, ground, extent, photos, Optional.empty(), Optional.empty());
    }

    public MakeRequest withSharpening(Optional<Sharpening> newSharpening) {
        return new MakeRequest(kind, pages, resolution, jpegQuality, ground, extent, photos, fold, newSharpening);
    }

    /** Where a card of four pages is folded: front, two inside, back. */
    public enum Fold {
        /** At the left of the front, as a book. */
        SIDE,
        /** At the top of the front, as a roof: the back stands on its head on the sheet. */
        TOP;

        public static final int PAGES = 4;
    }

    /** How much photos are sharpened for print. */
    public enum Sharpening {
        SOME(0.6),
        MORE(1.2);

        private final double amount;

        Sharpening(double amount) {
            this.amount = amount;
        }

        /** See {@link wovenset.core.adjust.PrintSharpening}. */
        double amount() {
            return amount;
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

    /** How photos go into a PDF. */
    public enum Photos {
        /** Untouched where they are about as fine as the resolution asks, made smaller where they are much finer. */
        FITTED,
        /** Untouched wherever a PDF can hold them so, however large the file becomes. */
        ORIGINALS
    }

    /** How far a picture of a page reaches. */
    public enum Extent {
        TRIM,
        BLEED
    }
}
