package wovenset.core.arrange.propose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import wovenset.core.arrangement.SlicingTree;

/**
 * A slicing tree while it is searched: a binary tree in arrays, so that a change and the sum after it cost no memory. Nodes
 * below {@code photos} are leaves, each its photo; the others are cuts.
 */
final class SlicingDraft {
    final int photos;
    final int[] first;
    final int[] second;
    final int[] parent;
    final boolean[] across;
    int root;

    SlicingDraft(int photos) {
        this.photos = photos;
        int nodes = Math.max(1, 2 * photos - 1);
        first = new int[nodes];
        second = new int[nodes];
        parent = new int[nodes];
        across = new boolean[nodes];
    }

    void copyFrom(SlicingDraft other) {
        System.arraycopy(other.first, 0, first, 0, first.length);
        System.arraycopy(other.second, 0, second, 0, second.length);
        System.arraycopy(other.parent, 0, parent, 0, parent.length);
        System.arraycopy(other.across, 0, across, 0, across.length);
        root = other.root;
    }

    /**
     * A first tree, from the top: each block is cut across its longer side, near the middle, until single photos are left
     * (after Wu and Aizawa 2013, who cut by the wished proportion in the same way).
     */
    static SlicingDraft start(double[] proportions, int[] order, double roomProportion, SplittableRandom random) {
        SlicingDraft draft = new SlicingDraft(proportions.length);
        int[] nextCut = {proportions.length};
        draft.root = draft.cut(proportions, order, 0, order.length, roomProportion, nextCut, random);
        draft.parent[draft.root] = -1;
        return draft;
    }

    private int cut(
            double[] proportions,
            int[] order,
            int from,
            int to,
            double proportion,
            int[] nextCut,
            SplittableRandom random) {
        if (to - from == 1) {
            return order[from];
        }
        int node = nextCut[0]++;
        double typical = 0;
        for (int i = from; i < to; i++) {
            typical += proportions[order[i]] / (to - from);
        }
        boolean wide = proportion > typical * Math.exp(random.nextDouble(-0.6, 0.6));
        double share = random.nextDouble(0.3, 0.7);
        int middle = Math.max(from + 1, Math.min(to - 1, from + (int) Math.round(share * (to - from))));
        double part = (double) (middle - from) / (to - from);
        across[node] = wide;
        first[node] =
                cut(proportions, order, from, middle, wide ? proportion * part : proportion / part, nextCut, random);
        second[node] = cut(
                proportions,
                order,
                middle,
                to,
                wide ? proportion * (1 - part) : proportion / (1 - part),
                nextCut,
                random);
        parent[first[node]] = node;
        parent[second[node]] = node;
        return node;
    }

    /** Makes one random change: two photos change places, a cut turns, or a part is moved elsewhere. Needs two photos. */
    void change(SplittableRandom random) {
        int kind = random.nextInt(10);
        if (kind < 3) {
            swap(random.nextInt(photos), random.nextInt(photos));
        } else if (kind < 6) {
            int node = photos + random.nextInt(photos - 1);
            across[node] = !across[node];
        } else {
            move(
                    random.nextInt(2 * photos - 1),
                    random.nextInt(2 * photos - 1),
                    random.nextBoolean(),
                    random.nextBoolean());
        }
    }

    private void swap(int one, int other) {
        int a = parent[one];
        int b = parent[other];
        if (a == b) {
            int held = first[a];
            first[a] = second[a];
            second[a] = held;
            return;
        }
        replace(a, one, other);
        replace(b, other, one);
        parent[one] = b;
        parent[other] = a;
    }

    private void replace(int node, int old, int with) {
        if (first[node] == old) {
            first[node] = with;
        } else {
            second[node] = with;
        }
    }

    /** Takes a part out and puts it beside another that is not inside it. */
    private void move(int part, int target, boolean wide, boolean before) {
        int cut = parent[part];
        if (cut < 0 || target == cut || target == part) {
            return;
        }
        for (int node = target; node >= 0; node = parent[node]) {
            if (node == part) {
                return;
            }
        }
        int sibling = first[cut] == part ? second[cut] : first[cut];
        int above = parent[cut];
        parent[sibling] = above;
        if (above < 0) {
            root = sibling;
        } else {
            replace(above, cut, sibling);
        }
        int over = parent[target];
        parent[cut] = over;
        if (over < 0) {
            root = cut;
        } else {
            replace(over, target, cut);
        }
        across[cut] = wide;
        first[cut] = before ? part : target;
        second[cut] = before ? target : part;
        parent[part] = cut;
        parent[target] = cut;
    }

    SlicingTree tree() {
        return tree(root);
    }

    private SlicingTree tree(int node) {
        if (node < photos) {
            return SlicingTree.Leaf.OWN;
        }
        return SlicingTree.Cut.of(
                across[node] ? SlicingTree.Way.ACROSS : SlicingTree.Way.DOWN,
                new ArrayList<>(List.of(tree(first[node]), tree(second[node]))));
    }

    /** The photos in the order of the leaves. */
    List<Integer> order() {
        int[] order = new int[photos];
        collect(root, order, new int[1]);
        return Arrays.stream(order).boxed().toList();
    }

    private void collect(int node, int[] order, int[] next) {
        if (node < photos) {
            order[next[0]++] = node;
        } else {
            collect(first[node], order, next);
            collect(second[node], order, next);
        }
    }
}
