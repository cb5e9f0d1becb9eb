package wovenset.server.outline;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.geometry.PathData;
import wovenset.core.said.Reason;

/**
 * The outline that the closed shapes of an SVG file have together, for a frame.
 *
 * @param data in the unit square; see {@link PathData}
 * @param proportion width to height
 * @param leftOut the kinds of elements that were not used
 */
record SvgOutline(String data, double proportion, List<String> leftOut) {
    private static final int MOST_POINTS = 4000;
    private static final LoaderContext CLOSED = LoaderContext.builder()
            .externalResourcePolicy(ResourcePolicy.DENY_ALL)
            .documentLimits(new DocumentLimits(60, 1, 500))
            .build();
    /** Shapes are asked for at this size: their numbers then have room for four places. */
    private static final float ASKED = 1000;

    /** @throws EditRefusedException saying why the file cannot be used */
    static SvgOutline read(String text) {
        SvgFilter.Filtered filtered = SvgFilter.filter(text);
        SVGDocument document = new SVGLoader()
                .load(new ByteArrayInputStream(filtered.svg().getBytes(StandardCharsets.UTF_8)), null, CLOSED);
        if (document == null) {
            throw EditRefusedException.of("file", Reason.SVG_UNREADABLE, 0);
        }
        Path2D closed = closed(document.computeShape(new ViewBox(ASKED, ASKED)));
        Rectangle2D box = closed.getBounds2D();
        if (new Area(closed).isEmpty() || !Double.isFinite(box.getWidth()) || !Double.isFinite(box.getHeight())) {
            throw EditRefusedException.of("file", Reason.SVG_WITHOUT_SHAPES);
        }
        String data = PathData.ofUnit(closed);
        if (data.length() > PathData.MOST_CHARACTERS) {
            throw EditRefusedException.of("file", Reason.SVG_DETAILED);
        }
        return new SvgOutline(data, box.getWidth() / box.getHeight(), List.copyOf(filtered.leftOut()));
    }

    /** Only lines that come back to where they began enclose anything; the others are left out. */
    private static Path2D closed(Shape shape) {
        Path2D all = new Path2D.Double(Path2D.WIND_NON_ZERO);
        List<double[]> line = new ArrayList<>();
        List<Integer> kinds = new ArrayList<>();
        int points = 0;
        for (PathIterator path = shape.getPathIterator(null); !path.isDone(); path.next()) {
            double[] at = new double[6];
            int kind = path.currentSegment(at);
            if (++points > MOST_POINTS) {
                throw EditRefusedException.of("file", Reason.SVG_DETAILED);
            }
            if (kind == PathIterator.SEG_MOVETO) {
                line.clear();
                kinds.clear();
            }
            line.add(at);
            kinds.add(kind);
            if (kind == PathIterator.SEG_CLOSE) {
                append(all, line, kinds);
                line.clear();
                kinds.clear();
            }
        }
        return all;
    }

    private static void append(Path2D all, List<double[]> line, List<Integer> kinds) {
        for (int i = 0; i < line.size(); i++) {
            double[] at = line.get(i);
            switch (kinds.get(i)) {
                case PathIterator.SEG_MOVETO -> all.moveTo(at[0], at[1]);
                case PathIterator.SEG_LINETO -> all.lineTo(at[0], at[1]);
                case PathIterator.SEG_QUADTO -> all.quadTo(at[0], at[1], at[2], at[3]);
                case PathIterator.SEG_CUBICTO -> all.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> all.closePath();
            }
        }
    }
}
