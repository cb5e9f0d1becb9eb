package wovenset.core.arrange.propose;

import java.util.SplittableRandom;

/**
 * Looks for a slicing tree of low cost by simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over three moves: two
 * photos change places, a cut turns, a part moves (the moves of Wong and Liu 1986 on a tree instead of its Polish
 * expression). The same seed gives the same tree. Cost: steps · photos.
 */
final class SlicingSearch {
    private static final double WARM = 0.08;
    private static final double COLD = 0.0015;

    private SlicingSearch() {}

    static SlicingDraft best(SlicingDraft start, SlicingCost cost, int steps, SplittableRandom random) {
        if (start.photos < 2) {
            return start;
        }
        SlicingDraft now = start;
        SlicingDraft tried = new SlicingDraft(start.photos);
        SlicingDraft best = new SlicingDraft(start.photos);
        best.copyFrom(now);
        double nowCost = cost.of(now);
        double bestCost = nowCost;
        double cooling = Math.pow(COLD / WARM, 1.0 / steps);
        double warmth = WARM;
        for (int step = 0; step < steps; step++, warmth *= cooling) {
            tried.copyFrom(now);
            tried.change(random);
            double triedCost = cost.of(tried);
            if (triedCost < nowCost || random.nextDouble() < Math.exp((nowCost - triedCost) / warmth)) {
                SlicingDraft held = now;
                now = tried;
                tried = held;
                nowCost = triedCost;
                if (nowCost < bestCost) {
                    bestCost = nowCost;
                    best.copyFrom(now);
                }
            }
        }
        return best;
    }
}
