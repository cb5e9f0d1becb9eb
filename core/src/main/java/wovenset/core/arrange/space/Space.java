package wovenset.core.arrange.space;

import java.util.Comparator;
import java.util.List;
import wovenset.core.arrangement.Margins;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;

/**
 * The space that frames may take, and what is kept free in it. Millimetres.
 *
 * @param box the page less its margins
 * @param gap between neighbours
 * @param trim of all frames, where they are alike
 * @param trims of each frame, in their order; empty if all have the common one
 */
public record Space(BoxMm box, double gap, FrameTrim trim, List<FrameTrim> trims) {
    /**
     * @param trims of the frames that share the space, in their order
     * @throws IllegalArgumentException if the margins leave nothing
     */
    public static Space of(Format format, Margins margins, Length gap, List<FrameTrim> trims) {
        BoxMm box = BoxMm.of(
                margins.left(),
                margins.top(),
                format.width().minus(margins.left()).minus(margins.right()),
                format.height().minus(margins.top()).minus(margins.bottom()));
        return new Space(box, gap.mm(), trims.isEmpty() ? FrameTrim.NONE : trims.get(0), trims);
    }

    public Space {
        if (!(box.width() > 0 && box.height() > 0)) {
            throw new IllegalArgumentException("The margins leave no space");
        }
        trims = List.copyOf(trims);
    }

    /** A space whose frames all have the same trim. */
    public Space(BoxMm box, double gap, FrameTrim trim) {
        this(box, gap, trim, List.of());
    }

    public Space withGap(double newGap) {
        return new Space(box, newGap, trim, trims);
    }

    /** The same space for the frames in another order. */
    public Space ordered(List<Integer> order) {
        return trims.isEmpty()
                ? this
                : new Space(box, gap, trim, order.stream().map(trims::get).toList());
    }

    public FrameTrim trim(int frame) {
        return trims.isEmpty() ? trim : trims.get(frame);
    }

    /** The most that surrounds any picture. */
    public FrameTrim widestTrim() {
        return trims.stream()
                .max(Comparator.comparingDouble(one -> one.across() + one.down()))
                .orElse(trim);
    }
}
