package wovenset.core.subject;

import java.util.ArrayDeque;
import java.util.Deque;
import wovenset.core.photo.retouch.CutOut;

/** What of a cut-out's labels hangs together, side by side. Cost: linear in the pixels. */
final class Regions {
    /** Of the largest region: a smaller one is none of the things that are meant. */
    private static final int LARGE = 4;

    private Regions() {}

    /**
     * Drops what hangs together with no stroke that keeps, and closes small holes without a stroke that drops. Where no stroke keeps anything, what is
     * large hangs together by itself.
     */
    static void keepTogether(byte[] labels, int width, double smallHole) {
        int large = isAnyKept(labels) ? Integer.MAX_VALUE : largest(labels, width) / LARGE;
        walk(labels.length, width, (a, b) -> CutOut.isSeen(labels[a]) == CutOut.isSeen(labels[b]), (region, count) -> {
            boolean seen = CutOut.isSeen(labels[region[0]]);
            boolean said = seen && count >= large;
            for (int i = 0; i < count; i++) {
                said |= labels[region[i]] == (seen ? CutOut.KEPT : CutOut.DROPPED);
            }
            if (!said && (seen || count < smallHole * labels.length)) {
                for (int i = 0; i < count; i++) {
                    labels[region[i]] = seen ? CutOut.OUTSIDE : CutOut.INSIDE;
                }
            }
        });
    }

    private static boolean isAnyKept(byte[] labels) {
        for (byte label : labels) {
            if (label == CutOut.KEPT) {
                return true;
            }
        }
        return false;
    }

    /** How many pixels the largest region has that is seen. */
    private static int largest(byte[] labels, int width) {
        int[] most = {0};
        walk(labels.length, width, (a, b) -> CutOut.isSeen(labels[a]) == CutOut.isSeen(labels[b]), (region, count) -> {
            if (CutOut.isSeen(labels[region[0]])) {
                most[0] = Math.max(most[0], count);
            }
        });
        return most[0];
    }

    /** Takes back what changed in places that hang together with no stroke which asked for such a change. */
    static void changeNearStrokes(byte[] before, byte[] after, int width) {
        boolean[] asked = new boolean[before.length];
        for (int i = 0; i < before.length; i++) {
            asked[i] = before[i] == CutOut.KEPT || before[i] == CutOut.DROPPED;
        }
        boolean[] changed = new boolean[before.length];
        for (int i = 0; i < before.length; i++) {
            changed[i] = asked[i] || CutOut.isSeen(before[i]) != CutOut.isSeen(after[i]);
        }
        walk(
                before.length,
                width,
                (a, b) -> changed[a] && changed[b] && CutOut.isSeen(after[a]) == CutOut.isSeen(after[b]),
                (region, count) -> {
                    boolean said = false;
                    for (int i = 0; i < count; i++) {
                        said |= asked[region[i]];
                    }
                    for (int i = 0; i < count && !said; i++) {
                        after[region[i]] = before[region[i]];
                    }
                });
    }

    private interface Together {
        boolean are(int one, int other);
    }

    private interface Region {
        void found(int[] pixels, int count);
    }

    private static void walk(int length, int width, Together together, Region region) {
        boolean[] visited = new boolean[length];
        int[] pixels = new int[length];
        Deque<Integer> open = new ArrayDeque<>();
        for (int start = 0; start < length; start++) {
            if (visited[start]) {
                continue;
            }
            int count = 0;
            visited[start] = true;
            open.push(start);
            while (!open.isEmpty()) {
                int at = open.pop();
                pixels[count++] = at;
                int x = at % width;
                int[] sides = {x > 0 ? at - 1 : -1, x < width - 1 ? at + 1 : -1, at - width, at + width};
                for (int next : sides) {
                    if (next >= 0 && next < length && !visited[next] && together.are(at, next)) {
                        visited[next] = true;
                        open.push(next);
                    }
                }
            }
            region.found(pixels, count);
        }
    }
}
