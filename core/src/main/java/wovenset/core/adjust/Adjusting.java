package wovenset.core.adjust;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;

/**
 * Changes the pixels of a whole photo: its light and colour, then its detail, then the treatment, last what lies over all. All of it is done in
 * floats and rounded once. Sizes are shares of the photo's longer side, so that it looks alike at any size; what is finer than a pixel is
 * not seen. Cost: linear in the pixels, on all processors.
 */
public final class Adjusting {
    /** Along the longer side; a line is then a pixel wide. */
    private static final int FINE_EDGE = 1000;

    private Adjusting() {}

    /**
     * The longer side at which pixels are to be changed that are then reduced: lines, strokes and grains of a small picture are those of the
     * print, made small, not others as wide as its pixels.
     *
     * @param wanted longer side of the picture that is wanted, in pixels
     * @param own longer side of the photo
     */
    public static int edge(Adjustments adjustments, int wanted, int own) {
        boolean fine = adjustments.of(Adjustment.GRAIN) != 0
                || adjustments.treatment().filter(one -> one.kind().isDrawn()).isPresent();
        return fine ? Math.max(wanted, Math.min(own, FINE_EDGE)) : wanted;
    }

    /**
     * The pixels with these adjustments; the same image if there are none. What is clear stays as clear.
     *
     * @param image all of the photo, in sRGB, which stays as it is
     */
    public static BufferedImage of(BufferedImage image, Adjustments adjustments) {
        if (adjustments.areNone()) {
            return image;
        }
        ByteRows rows = ByteRows.of(image);
        Toned toned = new Toned(adjustments);
        Surroundings around = new Surroundings(rows, toned);
        List<ByteRows.Row> steps = new ArrayList<>();
        Detail.of(adjustments, around).ifPresent(steps::add);
        adjustments.treatment().ifPresent(treatment -> steps.add(Treating.of(treatment, around)));
        Overlay.of(adjustments, rows.width, rows.height).ifPresent(steps::add);
        return steps.isEmpty() && toned.keepsChannelsApart() && !rows.isClear()
                ? rows.mapped(toned)
                : rows.changed(toned, (row, colours) -> steps.forEach(step -> step.change(row, colours)));
    }
}
