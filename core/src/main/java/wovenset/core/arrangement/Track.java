package wovenset.core.arrangement;

import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How wide a column is, or how high a row.
 *
 * @param length a fixed one; null if the track takes a share of what fixed ones and gaps leave
 * @param share beside the other tracks' shares, 0.01 to 100; it counts only without a length
 */
public record Track(@Nullable Length length, double share) {
    public static final Track EQUAL = new Track(null, 1);

    public Track {
        Checks.that(share >= 0.01 && share <= 100, Reason.TRACK_SHARE);
    }

    public static Track fixed(Length length) {
        return new Track(length, 1);
    }
}
