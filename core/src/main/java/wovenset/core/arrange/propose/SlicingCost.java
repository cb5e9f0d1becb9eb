package wovenset.core.arrange.propose;

import java.util.stream.IntStream;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;

/**
 * How far a draft is from what is wished; less is better. A sum of
 *
 * <ul>
 *   <li>what is lost: the mean share of each picture that is cropped (1 − min(r, 1/r), r the place's proportion by the photo's),
 *       and as much
 *       again of its subject; four times for photos to be kept whole; or, when all are whole, the share of the room that stays empty;
 *   <li>uneven sizes: the root mean square of ln(area / wished area);
 *   <li>places far smaller than wished, or hardly smaller if the photo was to be larger;
 *   <li>photos far from their place in the given order, and from those they should be beside.
 * </ul>
 *
 * Cost: linear in the photos, without memory.
 */
final class SlicingCost {
    private static final double LOSS = 3;
    private static final double UNEVEN = 0.35;
    private static final double TINY = 1.2;
    private static final double ORDER = 0.25;
    private static final double KEPT_WHOLE = 4;
    /** What the cut share of a subject weighs beside that of the whole photo. */
    private static final double SUBJECT = 1;
    /** Below this share of it, a photo that was to be larger is too small. */
    private static final double LARGER_BELOW = Math.log(0.85);
    /** Below this share of the wished area, a place is tiny. */
    private static final double TINY_BELOW = Math.log(0.4);

    private final double[] proportions;
    private final double[] weights;
    private final Wish[] wishes;
    private final double width;
    private final double height;
    private final double gap;
    private final FrameTrim[] trims;
    private final boolean whole;

    private final double[] slope;
    private final double[] offset;
    private final double[] area;
    private final int[] rank;
    private int ranked;
    private double lost;
    private double importance;

    SlicingCost(Wish[] wishes, double[] weights, Space space, boolean whole) {
        this.wishes = wishes;
        this.weights = weights;
        this.proportions = new double[wishes.length];
        for (int i = 0; i < wishes.length; i++) {
            proportions[i] = wishes[i].proportion();
        }
        this.width = space.box().width();
        this.height = space.box().height();
        this.gap = space.gap();
        this.trims = IntStream.range(0, wishes.length).mapToObj(space::trim).toArray(FrameTrim[]::new);
        this.whole = whole;
        int nodes = Math.max(1, 2 * wishes.length - 1);
        slope = new double[nodes];
        offset = new double[nodes];
        area = new double[wishes.length];
        rank = new int[wishes.length];
    }

    double of(SlicingDraft draft) {
        up(draft, draft.root);
        ranked = 0;
        lost = 0;
        importance = 0;
        double lossShare;
        if (whole) {
            double h = Math.min(height, (width - offset[draft.root]) / slope[draft.root]);
            double w = slope[draft.root] * h + offset[draft.root];
            if (!(h > 0 && w > 0)) {
                return 1e6;
            }
            down(draft, draft.root, w, h);
            lossShare = 1 - w * h / (width * height);
        } else {
            down(draft, draft.root, width, height);
            lossShare = lost / importance;
        }
        return LOSS * lossShare + sizes() + order();
    }

    private void up(SlicingDraft draft, int node) {
        if (node < draft.photos) {
            slope[node] = proportions[node];
            offset[node] = trims[node].across() - proportions[node] * trims[node].down();
            return;
        }
        int a = draft.first[node];
        int b = draft.second[node];
        up(draft, a);
        up(draft, b);
        if (draft.across[node]) {
            slope[node] = slope[a] + slope[b];
            offset[node] = offset[a] + offset[b] + gap;
        } else {
            double s = 1 / (1 / slope[a] + 1 / slope[b]);
            slope[node] = s;
            offset[node] = s * (offset[a] / slope[a] + offset[b] / slope[b] - gap);
        }
    }

    private void down(SlicingDraft draft, int node, double w, double h) {
        if (node < draft.photos) {
            double pictureWidth = Math.max(0.01, w - trims[node].across());
            double pictureHeight = Math.max(0.01, h - trims[node].down());
            double r = pictureWidth / pictureHeight / proportions[node];
            double factor = wishes[node].keepWhole() ? KEPT_WHOLE : 1;
            double shown = Math.min(r, 1 / r);
            double subject = r < 1 ? wishes[node].subjectAcross() : wishes[node].subjectDown();
            lost += factor * (1 - shown + (subject > shown ? SUBJECT * (subject - shown) / subject : 0));
            importance += 1;
            area[node] = pictureWidth * pictureHeight;
            rank[node] = ranked++;
            return;
        }
        int a = draft.first[node];
        int b = draft.second[node];
        if (draft.across[node]) {
            double wishA = Math.max(0.5, slope[a] * h + offset[a]);
            double wishB = Math.max(0.5, slope[b] * h + offset[b]);
            double wide = Math.max(0.01, w - gap) * wishA / (wishA + wishB);
            down(draft, a, wide, h);
            down(draft, b, Math.max(0.01, w - gap - wide), h);
        } else {
            double wishA = Math.max(0.5, (w - offset[a]) / slope[a]);
            double wishB = Math.max(0.5, (w - offset[b]) / slope[b]);
            double high = Math.max(0.01, h - gap) * wishA / (wishA + wishB);
            down(draft, a, w, high);
            down(draft, b, w, Math.max(0.01, h - gap - high));
        }
    }

    private double sizes() {
        double all = 0;
        double allWeights = 0;
        for (int i = 0; i < area.length; i++) {
            all += area[i];
            allWeights += weights[i];
        }
        double squares = 0;
        double tiny = 0;
        for (int i = 0; i < area.length; i++) {
            double off = Math.log(area[i] * allWeights / (all * weights[i]));
            squares += off * off;
            tiny += Math.max(0, (wishes[i].larger() ? LARGER_BELOW : TINY_BELOW) - off);
        }
        return UNEVEN * Math.sqrt(squares / area.length) + TINY * tiny;
    }

    private double order() {
        int n = rank.length;
        double moved = 0;
        double apart = 0;
        for (int i = 0; i < n; i++) {
            Wish wish = wishes[i];
            moved += Math.abs(rank[i] - i);
            apart += wish.first() ? rank[i] : wish.last() ? n - 1 - rank[i] : 0;
            if (wish.together() > 0) {
                for (int j = i + 1; j < n; j++) {
                    apart += wishes[j].together() == wish.together() ? Math.max(0, Math.abs(rank[i] - rank[j]) - 1) : 0;
                }
            }
        }
        return ORDER * moved / n / n + apart / n;
    }
}
