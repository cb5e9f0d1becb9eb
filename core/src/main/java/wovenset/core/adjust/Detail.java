package wovenset.core.adjust;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
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

    private final float local;
    private final float sharp;
    private final float soft;

    private final @Nullable Surround wide;

    private final @Nullable Surround narrow;

    private final @Nullable Surround veil;

    private Detail(Adjustments adjustments, Surroundings around) {
        local = (float) (MOST_LOCAL * adjustments.of(Adjustment.LOCAL_CONTRAST) / 100);
        sharp = (float) (MOST_SHARP * adjustments.of(Adjustment.SHARPEN) / 100);
        soft = (float) (MOST_SOFT * adjustments.of(Adjustment.SOFTEN) / 100);
        wide = local == 0 ? null : around.blurred(WIDE).orElse(null);
        narrow = sharp == 0 ? null : around.blurred(NARROW).orElse(null);
        veil = soft == 0 ? null : around.blurred(SOFT).orElse(null);
    }

    static Optional<ByteRows.Row> of(Adjustments adjustments, Surroundings around) {
        Detail detail = new Detail(adjustments, around);
        return detail.wide == null && detail.narrow == null && detail.veil == null
                ? Optional.empty()
                : Optional.of(detail);
    }

    @Override
    public void change(int row, float[] colours) {
        float[] before = wide != null && narrow != null ? colours.clone() : colours;
        if (wide != null) {
            mask(before, wide.row(row), local, colours);
        }
        if (narrow != null) {
            mask(before, narrow.row(row), sharp, colours);
        }
        if (veil != null) {
            float[] blurred = veil.row(row);
            for (int i = 0; i < colours.length; i++) {
                colours[i] += soft * (blurred[i] - colours[i]);
            }
        }
    }

    private static void mask(float[] from, float[] blurred, float amount, float[] into) {
        for (int x = 0; x < from.length; x += 3) {
            float more = amount
                    * (Toned.luma(from[x], from[x + 1], from[x + 2])
                            - Toned.luma(blurred[x], blurred[x + 1], blurred[x + 2]));
            into[x] += more;
            into[x + 1] += more;
            into[x + 2] += more;
        }
    }
}
