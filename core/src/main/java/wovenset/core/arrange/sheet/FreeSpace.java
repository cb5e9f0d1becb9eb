package wovenset.core.arrange.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What of a sheet is still free, as all its largest free rectangles: each free spot lies in at least one of them, none lies in another.
 * After Jukka Jylänki, A Thousand Ways to Pack the Bin (2010), section 3, <em>maximal rectangles</em>. Cost: linear in the rectangles
 * for finding a spot, quadratic in those that meet it for taking it; their number grows about as that of the prints.
 */
final class FreeSpace {
    /** Whole micrometres. */
    record Rect(long x, long y, long width, long height) {
        private boolean meets(Rect other) {
            return x < other.x + other.width
                    && other.x < x + width
                    && y < other.y + other.height
                    && other.y < y + height;
        }

        private boolean holds(Rect other) {
            return other.x >= x
                    && other.y >= y
                    && other.x + other.width <= x + width
                    && other.y + other.height <= y + height;
        }
    }

    /** Which of the rectangles in which something has room it comes into. */
    enum Rule {
        /** Where the least is left of its narrower side. */
        TIGHTEST,
        /** In the smallest. */
        SMALLEST,
        /** As far up as it can be, and of those as far to the left. */
        UPPERMOST
    }

    /** Where something would come, and how good that is: less is better. */
    record Spot(Rect rect, long first, long second) {
        boolean isBetterThan(Spot other) {
            return first != other.first ? first < other.first : second < other.second;
        }
    }

    private final long gap;
    private List<Rect> free;

    /** @param gap between whatever is taken */
    FreeSpace(Rect all, long gap) {
        this.gap = gap;
        this.free = List.of(all);
    }

    Optional<Spot> spot(long width, long height, Rule rule) {
        Spot best = null;
        for (Rect rect : free) {
            if (rect.width < width || rect.height < height) {
                continue;
            }
            Rect at = new Rect(rect.x, rect.y, width, height);
            long left = Math.min(rect.width - width, rect.height - height);
            Spot spot =
                    switch (rule) {
                        case TIGHTEST -> new Spot(at, left, Math.max(rect.width - width, rect.height - height));
                        case SMALLEST -> new Spot(at, rect.width * rect.height, left);
                        case UPPERMOST -> new Spot(at, rect.y + height, rect.x);
                    };
            if (best == null || spot.isBetterThan(best)) {
                best = spot;
            }
        }
        return Optional.ofNullable(best);
    }

    /** This is no longer free, nor is what lies nearer to it than the gap. */
    void take(Rect rect) {
        Rect taken = new Rect(rect.x - gap, rect.y - gap, rect.width + 2 * gap, rect.height + 2 * gap);
        List<Rect> kept = new ArrayList<>();
        List<Rect> parts = new ArrayList<>();
        for (Rect one : free) {
            if (one.meets(taken)) {
                addAround(parts, one, taken);
            } else {
                kept.add(one);
            }
        }
        for (int i = 0; i < parts.size(); i++) {
            Rect part = parts.get(i);
            boolean held = kept.stream().anyMatch(one -> one.holds(part));
            for (int j = 0; j < parts.size() && !held; j++) {
                // Of two that are equal the first one stays.
                held = j != i && parts.get(j).holds(part) && !(parts.get(j).equals(part) && j > i);
            }
            if (!held) {
                kept.add(part);
            }
        }
        free = kept;
    }

    private static void addAround(List<Rect> parts, Rect one, Rect taken) {
        long right = taken.x + taken.width;
        long bottom = taken.y + taken.height;
        if (taken.x > one.x) {
            parts.add(new Rect(one.x, one.y, taken.x - one.x, one.height));
        }
        if (right < one.x + one.width) {
            parts.add(new Rect(right, one.y, one.x + one.width - right, one.height));
        }
        if (taken.y > one.y) {
            parts.add(new Rect(one.x, one.y, one.width, taken.y - one.y));
        }
        if (bottom < one.y + one.height) {
            parts.add(new Rect(one.x, bottom, one.width, one.y + one.height - bottom));
        }
    }
}
