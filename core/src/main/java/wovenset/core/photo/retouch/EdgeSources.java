package wovenset.core.photo.retouch;

import java.util.List;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * From where in a photo it goes on beyond each of its edges. Each edge is parted into as many equal lengths as there are sources: what lies
 * beyond one is taken from as far away as its source says.
 *
 * @param left from top to bottom, as {@code right}
 * @param above from left to right, as {@code below}
 */
public record EdgeSources(List<Source> left, List<Source> right, List<Source> above, List<Source> below) {
    private static final int MOST = 40;

    /** How far away, in shares of the photo's width and height; a place beyond an edge and this make one in the photo, or mirrored over its edges. */
    public record Source(double x, double y) {}

    /** An edge of the upright photo. */
    public enum Edge {
        LEFT,
        RIGHT,
        ABOVE,
        BELOW
    }

    public EdgeSources {
        left = List.copyOf(left);
        right = List.copyOf(right);
        above = List.copyOf(above);
        below = List.copyOf(below);
        for (List<Source> sources : List.of(left, right, above, below)) {
            boolean near = sources.stream().allMatch(one -> Math.abs(one.x) <= 1 && Math.abs(one.y) <= 1);
            Checks.that(!sources.isEmpty() && sources.size() <= MOST && near, Reason.EDGE_SOURCES);
        }
    }

    public List<Source> of(Edge edge) {
        return switch (edge) {
            case LEFT -> left;
            case RIGHT -> right;
            case ABOVE -> above;
            case BELOW -> below;
        };
    }
}
