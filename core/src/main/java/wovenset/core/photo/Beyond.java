package wovenset.core.photo;

import java.util.List;
import wovenset.core.photo.retouch.EdgeSources;

/**
 * How a photo goes on beyond one of its edges: a picture as large as the photo that lies beside it there.
 *
 * @param sources along the edge; see {@link EdgeSources}
 * @param reach how far it is wanted, in shares of the photo's width or height, to 1; the rest of the picture is one colour
 */
public record Beyond(EdgeSources.Edge edge, List<EdgeSources.Source> sources, double reach) {
    /** Reaches are rounded up to such shares, so that a frame that grows a little needs no other picture. */
    private static final double STEP = 1.0 / 16;

    public Beyond {
        sources = List.copyOf(sources);
    }

    /** @param wanted share of the photo's width or height, and a little beyond it for whoever draws between pixels */
    public static Beyond of(EdgeSources.Edge edge, EdgeSources sources, double wanted) {
        double reach = Math.ceil((wanted + STEP / 8) / STEP) * STEP;
        return new Beyond(edge, sources.of(edge), Math.min(1, reach));
    }
}
