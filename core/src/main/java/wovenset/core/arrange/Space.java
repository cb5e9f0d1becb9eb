package wovenset.core.arrange;

import java.util.Comparator;
import java.util.List;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Margins;

/**
 * The space that frames may take, and what is kept free in it. Millimetres.
 *
 * @param box the page less its margins
 * @param gap between neighbours
 * @param trim of a frame without a border of its own
 * @param trims of each frame, in their order; empty if all have the common one
 */
public record Space(BoxMm box, double gap, FrameTrim trim, List<FrameTrim> trims) {
    /**
     * @param frames those that share the space, in their order
     * @throws IllegalArgumentException if the margins leave nothing
     */
    public static Space of(Format format, Dress dress, Margins margins, Length gap, List<Frame> frames) {
        BoxMm box = BoxMm.of(
                margins.left(),
                margins.top(),
                format.width().minus(margins.left()).minus(margins.right()),
                format.height().minus(margins.top()).minus(margins.bottom()));
        boolean alike = frames.stream().allMatch(frame -> frame.border() == null);
        return new Space(
                box,
                gap.mm(),
                FrameTrim.of(dress),
                alike
                        ? List.of()
                        : frames.stream()
                                .map(frame -> FrameTrim.of(dress, frame))
                                .toList());
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

    Space withGap(double newGap) {
        return new Space(box, newGap, trim, trims);
    }

    /** The same space for the frames in another order. */
    Space ordered(List<Integer> order) {
        return trims.isEmpty()
                ? this
                : new Space(box, gap, trim, order.stream().map(trims::get).toList());
    }

    FrameTrim trim(int frame) {
        return trims.isEmpty() ? trim : trims.get(frame);
    }

    /** What the frame with the widest border takes. */
    FrameTrim widestTrim() {
        return trims.stream()
                .max(Comparator.comparingDouble(FrameTrim::borderMm))
                .orElse(trim);
    }
}
