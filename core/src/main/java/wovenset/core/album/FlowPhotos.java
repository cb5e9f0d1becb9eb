package wovenset.core.album;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import wovenset.core.item.Marks;

/** What the flow goes by of photos in their order. */
final class FlowPhotos {
    private static final double LARGER = 2.2;
    private static final double BURST_SECONDS = 10;
    private static final double APART_SECONDS = Duration.ofHours(12).toSeconds();

    private final double[] proportions;
    private final double[] weights;
    private final boolean[] marked;
    private final int[] groups;
    /** From 0 in a burst to 1 for half a day; not a number where a time is not known, or the order is not that of time. */
    private final double[] apart;

    /**
     * @param proportion width by height, as it is shown
     * @param weight how large it is wished beside a photo of weight 1
     * @param clings whether it belongs to what comes before it
     * @param group of photos that look alike, with which it is
     * @param takenAt of words, when the photo was taken that they follow
     */
    record One(
            double proportion,
            double weight,
            boolean marked,
            boolean clings,
            OptionalInt group,
            Optional<LocalDateTime> takenAt) {
        static One photo(double proportion, Marks marks, OptionalInt group, Optional<LocalDateTime> takenAt) {
            return new One(proportion, FlowPhotos.weight(marks), marks.larger(), /* clings= */ false, group, takenAt);
        }

        static One words(double weight, Optional<LocalDateTime> takenAt) {
            return new One(
                    WordsBlock.PROPORTION,
                    weight,
                    /* marked= */ false,
                    /* clings= */ true,
                    OptionalInt.empty(),
                    takenAt);
        }
    }

    FlowPhotos(List<One> photos) {
        int n = photos.size();
        proportions = new double[n];
        weights = new double[n];
        apart = new double[n];
        groups = new int[n];
        marked = new boolean[n];
        for (int i = 0; i < n; i++) {
            proportions[i] = photos.get(i).proportion();
            weights[i] = photos.get(i).weight();
            marked[i] = photos.get(i).marked();
            groups[i] = photos.get(i).group().orElse(-1 - i);
            if (photos.get(i).clings()) {
                apart[i] = 0;
            } else if (i == 0) {
                apart[i] = Double.NaN;
            } else {
                apart[i] = apart(photos.get(i - 1).takenAt(), photos.get(i).takenAt());
            }
        }
    }

    private static double apart(Optional<LocalDateTime> one, Optional<LocalDateTime> other) {
        if (one.isEmpty() || other.isEmpty() || other.get().isBefore(one.get())) {
            return Double.NaN;
        }
        double seconds = Duration.between(one.get(), other.get()).toMillis() / 1000.0;
        double steps = Math.log(Math.max(seconds, BURST_SECONDS) / BURST_SECONDS);
        return Math.min(1, steps / Math.log(APART_SECONDS / BURST_SECONDS));
    }

    /** How large a photo is wished beside those without a mark. */
    static double weight(Marks marks) {
        return marks.larger() ? LARGER : 1;
    }

    int size() {
        return proportions.length;
    }

    double[] proportions() {
        return proportions;
    }

    double[] weights() {
        return weights;
    }

    boolean marked(int photo) {
        return marked[photo];
    }

    /** Whether a photo looks like the one before it. */
    boolean isLikeTheOneBefore(int photo) {
        return photo > 0 && groups[photo] == groups[photo - 1];
    }

    /** How many of these photos look like an earlier one of them. */
    int alike(int from, int photos) {
        int alike = 0;
        for (int i = from + 1; i < from + photos; i++) {
            for (int j = from; j < i; j++) {
                if (groups[i] == groups[j]) {
                    alike++;
                    break;
                }
            }
        }
        return alike;
    }

    /** How far a photo is from the one before it; 0 if that is not known. */
    double parted(int photo) {
        return Double.isNaN(apart[photo]) ? 0 : apart[photo];
    }

    /** How much a photo belongs to the one before it; 0 if that is not known. */
    double joined(int photo) {
        return Double.isNaN(apart[photo]) ? 0 : 1 - apart[photo];
    }
}
