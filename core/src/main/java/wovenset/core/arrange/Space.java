package wovenset.core.arrange;

import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Margins;

/**
 * The space that frames may take, and what is kept free in it. Millimetres.
 *
 * @param box the page less its margins
 * @param gap between neighbours
 */
public record Space(BoxMm box, double gap, FrameTrim trim) {
    /** @throws IllegalArgumentException if the margins leave nothing */
    public static Space of(Format format, Dress dress, Margins margins, Length gap) {
        BoxMm box = BoxMm.of(margins.left(), margins.top(), format.width().minus(margins.left()).minus(margins.right()),
                format.height().minus(margins.top()).minus(margins.bottom()));
        return new Space(box, gap.mm(), FrameTrim.of(dress));
    }

    public Space {
        if (!(box.width() > 0 && box.height() > 0)) {
            throw new IllegalArgumentException("The margins leave no space");
        }
    }

    Space withGap(double newGap) {
        return new Space(box, newGap, trim);
    }
}
