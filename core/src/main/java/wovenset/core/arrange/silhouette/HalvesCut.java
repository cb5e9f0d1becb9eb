package wovenset.core.arrange.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import wovenset.core.arrange.silhouette.FigureMask.Span;

/**
 * Cuts of a figure by halves and halves again. A part for n photos is cut across its longer side, or now and then its other one, where its
 * area falls into k : n − k, k about n/2. Of {@value #TREES} trees by chance the one is taken with the least Σ|ln pᵢ − ln qᵢ| + Σ(1 − fᵢ):
 * p and q the proportions of photos and of the pieces' boxes, each in order of size, which is the best pairing for that sum; f the share of
 * its box that a piece fills. Cost: trees · n · log(width), whatever the figure is.
 */
final class HalvesCut {
    private static final int TREES = 300;
    /** How often a part is cut across its shorter side. */
    private static final double CROSSWISE = 0.15;

    private final FigureMask mask;
    private final List<Double> wanted;
    private final Random random;

    private HalvesCut(FigureMask mask, List<Double> wanted, Random random) {
        this.mask = mask;
        this.wanted = wanted;
        this.random = random;
    }

    /**
     * @param proportions of the photos; pieces beyond them are to be square
     * @return spans that cover the whole
     */
    static List<Span> spans(FigureMask mask, int pieces, List<Double> proportions, long seed) {
        List<Double> wanted = new ArrayList<>(proportions.subList(0, Math.min(pieces, proportions.size())));
        while (wanted.size() < pieces) {
            wanted.add(1.0);
        }
        wanted.sort(null);
        return new HalvesCut(mask, wanted, new Random(seed)).best(pieces);
    }

    private List<Span> best(int pieces) {
        List<Span> best = List.of();
        double least = Double.MAX_VALUE;
        for (int tree = 0; tree < TREES; tree++) {
            List<Span> spans = new ArrayList<>();
            cut(mask.all(), pieces, spans);
            double cost = cost(spans);
            if (cost < least) {
                least = cost;
                best = spans;
            }
        }
        return best;
    }

    private void cut(Span span, int pieces, List<Span> into) {
        Span inner = mask.envelope(span);
        if (pieces == 1 || inner.width() < 2 || inner.height() < 2) {
            into.add(span);
            return;
        }
        int whole = mask.count(span);
        int first = pieces / 2 + (pieces % 2 == 1 && random.nextBoolean() ? 1 : 0);
        boolean across = inner.width() >= inner.height() != random.nextDouble() < CROSSWISE;
        if (across) {
            int at = FigureMask.first(
                    inner.left() + 1,
                    inner.right() - 1,
                    x -> (long) mask.count(new Span(span.left(), span.top(), x, span.bottom())) * pieces
                            >= (long) whole * first);
            cut(new Span(span.left(), span.top(), at, span.bottom()), first, into);
            cut(new Span(at, span.top(), span.right(), span.bottom()), pieces - first, into);
        } else {
            int at = FigureMask.first(
                    inner.top() + 1,
                    inner.bottom() - 1,
                    y -> (long) mask.count(new Span(span.left(), span.top(), span.right(), y)) * pieces
                            >= (long) whole * first);
            cut(new Span(span.left(), span.top(), span.right(), at), first, into);
            cut(new Span(span.left(), at, span.right(), span.bottom()), pieces - first, into);
        }
    }

    private double cost(List<Span> spans) {
        List<Double> boxes = new ArrayList<>();
        double cost = 0;
        for (Span span : spans) {
            Span inner = mask.envelope(span);
            boxes.add((double) inner.width() / inner.height());
            cost += 1 - (double) mask.count(inner) / (inner.width() * inner.height());
        }
        boxes.sort(null);
        for (int i = 0; i < boxes.size(); i++) {
            cost += Math.abs(Math.log(boxes.get(i)) - Math.log(wanted.get(i)));
        }
        return cost;
    }
}
