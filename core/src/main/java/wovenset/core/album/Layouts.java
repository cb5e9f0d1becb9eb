package wovenset.core.album;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;

/**
 * The best way to cut a page for photos in their order, of a bank of cuts ({@link Shape}). With b the block's proportion, R the room's and
 * wᵢ how large a photo is wished, the cost is
 *
 * <pre>3·(1 − min(b/R, R/b)) + 0.35·√(mean of ln²(shareᵢ·Σw / wᵢ)) + 0.6·Σ over marked ones of max(0, ln(0.85·wᵢ / (shareᵢ·Σw)))</pre>
 *
 * where the first term grows by a third as fast beyond what is cropped: from there on pictures stay whole. Gaps are left out of it; words
 * and borders count as on a page of equal pictures. Cost: 91 cuts for five photos, up to some 400 for nine, each linear in the photos.
 */
final class Layouts {
    private static final double LOSS = 3;
    private static final double UNEVEN = 0.35;
    private static final double TOO_SMALL = 0.6;
    /** Below this share of what it was wished, a marked photo is too small, and so is the room for words. */
    private static final double LARGER_BELOW = Math.log(0.85);

    /** What is cropped at most so that a page is full. */
    private static final double CROPPED = 0.06;
    /** The same where photos go to the edge: there a strip that stays empty looks like a fault. */
    private static final double CROPPED_TO_EDGE = 0.2;

    /** From a narrow column to a wide band: beyond them lines are too short or too long to be read well. */
    private static final double[] OF_WORDS = {0.5, 0.7, 1, 1.5, 2.2, 3.2};

    private final Map<Integer, List<Shape>> bank = new HashMap<>();
    private final double width;
    private final double height;
    private final FrameTrim trim;
    private final double cropped;

    Layouts(Space space, boolean toTheEdge) {
        width = space.box().width();
        height = space.box().height();
        trim = space.trim();
        cropped = toTheEdge ? CROPPED_TO_EDGE : CROPPED;
    }

    /**
     * @param proportions width by height; not a number for words, which take one that suits the others
     * @param weights how large each is wished beside the others
     */
    Layout best(double[] proportions, double[] weights, int from, int photos) {
        double[] these = Arrays.copyOfRange(proportions, from, from + photos);
        double[] wished = Arrays.copyOfRange(weights, from, from + photos);
        if (Arrays.stream(these).noneMatch(Double::isNaN)) {
            return best(these, wished, 1);
        }
        return Arrays.stream(OF_WORDS)
                .mapToObj(words -> best(these, wished, words))
                .min(Comparator.comparingDouble(Layout::cost))
                .orElseThrow();
    }

    private Layout best(double[] proportions, double[] weights, double words) {
        int photos = proportions.length;
        double side = height / Math.sqrt(photos);
        double[] shown = new double[photos];
        double weight = 0;
        for (int i = 0; i < photos; i++) {
            double proportion = Double.isNaN(proportions[i]) ? words : proportions[i];
            shown[i] = (proportion * side + trim.across()) / (side + trim.down());
            weight += weights[i];
        }
        Shape.Sums sums = new Shape.Sums(photos);
        double room = width / height;
        Shape best = null;
        double bestLost = 0;
        double bestCost = Double.MAX_VALUE;
        for (Shape shape : bank.computeIfAbsent(photos, Shape::of)) {
            double block = shape.proportion(shown, 0, sums);
            double lost = 1 - Math.min(block / room, room / block);
            double uneven = 0;
            double small = 0;
            for (int i = 0; i < photos; i++) {
                double ratio = Math.log(sums.share[i] * weight / weights[i]);
                uneven += ratio * ratio / photos;
                small += weights[i] > 1 || Double.isNaN(proportions[i]) ? Math.max(0, LARGER_BELOW - ratio) : 0;
            }
            double cost = LOSS * Math.min(lost, cropped)
                    + Math.max(0, lost - cropped)
                    + UNEVEN * Math.sqrt(uneven)
                    + TOO_SMALL * small;
            if (cost < bestCost) {
                best = shape;
                bestLost = lost;
                bestCost = cost;
            }
        }
        if (best == null) {
            throw new IllegalStateException("No way to cut for " + photos);
        }
        return new Layout(best.tree, bestLost > cropped, bestLost, words, bestCost);
    }
}
