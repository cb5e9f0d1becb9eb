package wovenset.core.adjust;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wovenset.core.adjust.Surroundings.Around;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;

/**
 * Local contrast, sharpness and softness. The first two are an unsharp mask on the luma, so that no colour turns: v' = v + a·(Y − Y_σ), σ wide
 * for the one and narrow for the other. Softness lays a blurred picture over the photo.
 */
final class Detail implements ByteRows.Row {
    /** Standard deviations as shares of the longer side. */
    static final double WIDE = 0.02;

    static final double NARROW = 0.0004;
    static final double SOFT = 0.004;

    static final double MOST_LOCAL = 0.9;
    static final double MOST_SHARP = 2;
    static final double MOST_SOFT = 0.85;

    private static final float[] NOTHING = {};

    private final float local;
    private final float sharp;
    private final float soft;

    private final @Nullable Around wide;

    private final @Nullable Around narrow;

    private final @Nullable Around veil;

    private Detail(Adjustments adjustments, Surroundings around) {
        local = (float) (MOST_LOCAL * adjustments.of(Adjustment.LOCAL_CONTRAST) / 100);
        sharp = (float) (MOST_SHARP * adjustments.of(Adjustment.SHARPEN) / 100);
        soft = (float) (MOST_SOFT * adjustments.of(Adjustment.SOFTEN) / 100);
        wide = local == 0 ? null : around.light(WIDE).orElse(null);
        narrow = sharp == 0 ? null : around.light(NARROW).orElse(null);
        veil = soft == 0 ? null : around.colours(SOFT).orElse(null);
    }

    static Optional<ByteRows.Row> of(Adjustments adjustments, Surroundings around) {
        Detail detail = new Detail(adjustments, around);
        return detail.wide == null && detail.narrow == null && detail.veil == null
                ? Optional.empty()
                : Optional.of(detail);
    }

    @Override
    public void change(int row, float[] colours) {
        mask(row, colours);
        if (veil != null) {
            float[] blurred = veil.row(row);
            for (int i = 0; i < colours.length; i++) {
                colours[i] += soft * (blurred[i] - colours[i]);
            }
        }
    }

    private void mask(int row, float[] colours) {
        float[] broad = wide == null ? NOTHING : wide.row(row);
        float[] fine = narrow == null ? NOTHING : narrow.row(row);
        for (int x = 0; x < colours.length / 3; x++) {
            int at = 3 * x;
            float luma = Toned.luma(colours[at], colours[at + 1], colours[at + 2]);
            float more = 0;
            if (broad.length > 0) {
                more += local * (luma - broad[x]);
            }
            if (fine.length > 0) {
                more += sharp * (luma - fine[x]);
            }
            colours[at] += more;
            colours[at + 1] += more;
            colours[at + 2] += more;
        }
    }
}
