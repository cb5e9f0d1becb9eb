package wovenset.core.album;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import wovenset.core.piece.Album;

/**
 * Where the pages of an album break: of all ways to break the photos in their order, the one whose pages cost least together. It is
 * found by dynamic programming over the breaks (as lines of a paragraph are in Knuth and Plass 1981): the best way to the i-th photo
 * is kept for each side on which the page before ended and each number of photos on it. A page of k photos costs
 *
 * <pre>k·(its {@linkplain Layouts cut}) + Σ 0.8·sᵢ over the gaps inside it + 0.8·(1 − s) of the gap before it
 * + 0.05·|k − wished| + 0.12·|k − k of the page that it faces| where neither is 1 + 0.3 for a photo alone, − 1.2 if it was marked, + 1 after another one
 * + 4 for each photo alike one on its page, or a gap between two alike, as is wished
 * + 0.5 for each photo above or below the limits, at the end only + 1 for one that is left over there + 1.5 for an empty page after it</pre>
 *
 * with s from 0 for photos of a burst to 1 for half a day between them. Cost: n·m cuts and n·2·m² sums for n photos, m at most on a page.
 */
final class Pagination {
    private static final double TIME = 0.8;
    private static final double FULLNESS = 0.05;
    private static final double FACING = 0.12;
    private static final double ALONE = 0.3;
    /** Now and then is not one after the other. */
    private static final double ALONE_AGAIN = 1;

    /** It is asked for: more than what suits proportions, times and facing pages comes to for one break. */
    private static final double ALIKE = 4;

    private static final double OUTSIDE = 0.5;
    /** One photo that is left over for the last page looks forgotten. */
    private static final double LEFT_OVER = 1;

    /** An empty page in the middle of the book. */
    private static final double EMPTY = 1.5;

    /** Of a marked photo a page of its own is liked. */
    private static final double MARKED_ALONE = -1.2;

    private final FlowPhotos photos;
    private final Album album;
    private final Layouts layouts;
    private final Ending ending;
    private final int n;
    private final Layout[][] cuts;

    /** Photos on one page, from a place in the order on. */
    record Group(int from, int photos, Layout layout) {}

    private Pagination(FlowPhotos photos, Album album, Layouts layouts, Ending ending) {
        this.ending = ending;
        this.photos = photos;
        this.album = album;
        this.layouts = layouts;
        this.n = photos.size();
        this.cuts = new Layout[n][Album.MOST_ON_A_PAGE + 1];
    }

    /** @param firstPage the number of the first page's place from 0: odd ones lie on the left and face the next one */
    static List<Group> of(FlowPhotos photos, Album album, Layouts layouts, int firstPage, Ending ending) {
        return new Pagination(photos, album, layouts, ending).best(Math.floorMod(firstPage, 2));
    }

    /** On which side the page after the last one should lie; else an empty page comes between. */
    enum Ending {
        ANYWHERE,
        BEFORE_LEFT,
        BEFORE_RIGHT;

        /** @param side of the page to come, 0 right, 1 left */
        private double cost(int side) {
            return this == BEFORE_LEFT && side == 0 || this == BEFORE_RIGHT && side == 1 ? EMPTY : 0;
        }
    }

    /** How a state was come to: the photos on its page, and the number on the page before. */
    private List<Group> best(int side) {
        int most = Album.MOST_ON_A_PAGE + 1;
        double[][][] cost = new double[n + 1][2][most];
        int[][][] before = new int[n + 1][2][most];
        for (double[][] states : cost) {
            for (double[] state : states) {
                Arrays.fill(state, Double.POSITIVE_INFINITY);
            }
        }
        // The side of the page to come, and the photos on the page before; none before the first.
        cost[0][side][0] = 0;
        for (int at = 0; at < n; at++) {
            for (int k = 1; k < most && at + k <= n; k++) {
                if (!allowed(k, at + k)) {
                    continue;
                }
                double page = page(at, k);
                for (int here = 0; here < 2; here++) {
                    for (int last = 0; last < most; last++) {
                        // A right-hand page faces the one before it. A photo alone faces any number well.
                        boolean faces = here == 0 && last > 1 && k > 1;
                        double facing = faces ? FACING * Math.abs(k - last) : 0;
                        double again = k == 1 && last == 1 && album.most() > 1 ? ALONE_AGAIN : 0;
                        double sum = cost[at][here][last] + page + facing + again;
                        if (sum < cost[at + k][1 - here][k]) {
                            cost[at + k][1 - here][k] = sum;
                            before[at + k][1 - here][k] = last;
                        }
                    }
                }
            }
        }
        return groups(cost[n], before);
    }

    private List<Group> groups(double[][] end, int[][][] before) {
        int side = 0;
        int k = 0;
        for (int here = 0; here < 2; here++) {
            for (int last = 0; last < end[here].length; last++) {
                if (end[here][last] + ending.cost(here) < end[side][k] + ending.cost(side)) {
                    side = here;
                    k = last;
                }
            }
        }
        List<Group> groups = new ArrayList<>();
        int at = n;
        while (at > 0) {
            int last = before[at][side][k];
            groups.add(new Group(at - k, k, cut(at - k, k)));
            at -= k;
            k = last;
            side = 1 - side;
        }
        Collections.reverse(groups);
        return groups;
    }

    /** Numbers outside the limits are for what is left over at the end. */
    private boolean allowed(int k, int end) {
        boolean within = k >= album.least() && k <= album.most() || album.singles() && k == 1;
        return within || end == n && (k < album.least() || k == album.most() + 1);
    }

    private double page(int at, int k) {
        double wished = (album.least() + album.most()) / 2.0;
        double cost = k * cut(at, k).cost();
        for (int i = at + 1; i < at + k; i++) {
            cost += TIME * photos.parted(i);
        }
        if (at > 0) {
            cost += TIME * photos.joined(at);
        }
        cost += ALIKE * misplaced(at, k);
        boolean leftOver = k == 1 && at > 0 && album.most() > 1;
        boolean outside = k < album.least() || k > album.most();
        boolean single = k == 1 && album.most() > 1 && (album.singles() || album.least() == 1);
        if (single) {
            return cost + (photos.marked(at) ? MARKED_ALONE : ALONE);
        }
        return cost
                + FULLNESS * Math.abs(k - wished)
                + (leftOver ? LEFT_OVER : 0)
                + (outside ? OUTSIDE * Math.max(album.least() - k, k - album.most()) : 0);
    }

    /** How many photos that look alike do not stand as it is wished, with k from the i-th on upon a page. */
    private int misplaced(int at, int k) {
        if (album.alike().isEmpty()) {
            return 0;
        }
        return switch (album.alike().get()) {
            case TOGETHER -> photos.isLikeTheOneBefore(at) ? 1 : 0;
            case APART -> photos.alike(at, k);
        };
    }

    private Layout cut(int at, int k) {
        Layout known = cuts[at][k];
        if (known == null) {
            known = layouts.best(photos.proportions(), photos.weights(), at, k);
            cuts[at][k] = known;
        }
        return known;
    }
}
