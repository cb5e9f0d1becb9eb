package wovenset.core.album;

import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.piece.Album;
import wovenset.core.style.TextStyle;

/**
 * How much room words want that stand among photos of an album. Their area is taken as letters · 0.5 · leading · size², half an em being
 * about what a letter of a book face takes, and compared with what a photo has on a page of middling fullness. They flow into any
 * proportion: {@link Layouts} takes the one that suits the photos.
 */
final class WordsBlock {
    /** They have no proportion of their own. */
    static final double PROPORTION = Double.NaN;

    private static final double EM_PER_LETTER = 0.5;
    /** Lines end short of the edge, and there is air about words. */
    private static final double AIR = 1.4;

    private static final double LEAST = 0.4;
    /** More than that overflows, which is shown, rather than leave nothing for the photos. */
    private static final double MOST = 4;

    private WordsBlock() {}

    /** How large words are wished beside a photo of weight 1. */
    static double weight(Fill.Words words, Album album, BoxMm room) {
        double emMm = words.style().sizePt() * TextStyle.MM_PER_PT;
        double lines = words.text()
                .lines()
                .mapToDouble(String::length)
                .map(n -> Math.max(n, 8))
                .sum();
        double area = AIR * EM_PER_LETTER * lines * emMm * emMm * words.style().leading();
        double photos = (album.least() + album.most()) / 2.0;
        double photo = room.width() * room.height() / photos;
        return Math.max(LEAST, Math.min(area / photo, MOST));
    }
}
