package wovenset.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class DrawingTest {
    static Stream<Drawing> rings() {
        return Stream.of(Drawing.values()).filter(one -> one.family() == Drawing.Family.RING);
    }

    static Stream<Drawing> ribbons() {
        return Stream.of(Drawing.values()).filter(one -> one.family() == Drawing.Family.RIBBON);
    }

    @ParameterizedTest
    @EnumSource
    void fillsItsBoxWithPartsThatCanBeToldApart(Drawing drawing) {
        Picture picture = drawing.picture();
        Rectangle2D box = picture.parts().stream()
                .map(part -> part.path().getBounds2D())
                .reduce(Rectangle2D::createUnion)
                .orElseThrow();
        assertThat(List.of(box.getMinX(), box.getMinY(), box.getMaxX(), box.getMaxY()))
                .zipSatisfy(List.of(0.0, 0.0, 1.0, 1.0), (is, wanted) -> assertThat(is)
                        .isCloseTo(wanted, within(1e-6)));
        assertThat(picture.width() / picture.height()).isBetween(0.1, 25.0);
        assertThat(picture.parts()).extracting(Part::name).doesNotHaveDuplicates();
        assertThat(picture.parts())
                .allSatisfy(part -> assertThat(new Area(part.path()).isEmpty()).isFalse());
    }

    @Test
    void noTwoAreAlike() {
        Set<String> seen = new HashSet<>();
        for (Drawing drawing : Drawing.values()) {
            StringBuilder all = new StringBuilder();
            drawing.picture().parts().forEach(part -> all.append(said(part)));
            assertThat(seen.add(all.toString())).as(drawing.name()).isTrue();
        }
        assertThat(seen).hasSizeGreaterThanOrEqualTo(30);
    }

    private static String said(Part part) {
        StringBuilder text = new StringBuilder();
        double[] at = new double[6];
        for (PathIterator path = part.path().getPathIterator(null); !path.isDone(); path.next()) {
            text.append(path.currentSegment(at))
                    .append(Math.round(at[0] * 1000))
                    .append(',');
        }
        return text.toString();
    }

    private static Area drawn(Picture picture) {
        Area drawn = new Area();
        picture.parts().forEach(part -> drawn.add(new Area(part.path())));
        return drawn;
    }

    /** The photo's edge lies under the ring all round, but for a branch that leaves a gap. */
    @ParameterizedTest
    @MethodSource("rings")
    void aRingCoversTheEdgeOfItsOpening(Drawing ring) {
        Picture picture = ring.picture();
        Opening opening = picture.opening().orElseThrow();
        Area drawn = drawn(picture);
        long covered = Stream.iterate(0, degrees -> degrees + 1)
                .limit(360)
                .filter(degrees -> {
                    double angle = Math.toRadians(degrees);
                    return drawn.contains(
                            opening.centreX() + opening.radiusX() * Math.cos(angle),
                            opening.centreY() + opening.radiusY() * Math.sin(angle));
                })
                .count();
        assertThat(covered).isGreaterThan(ring == Drawing.LAUREL_RING ? 270 : 355);
        Area middle = new Area(new Ellipse2D.Double(
                opening.centreX() - 0.6 * opening.radiusX(),
                opening.centreY() - 0.6 * opening.radiusY(),
                1.2 * opening.radiusX(),
                1.2 * opening.radiusY()));
        middle.intersect(drawn);
        assertThat(middle.isEmpty()).isTrue();
    }

    /** Above and below the spine lies the ribbon, as far as half of its room. */
    @ParameterizedTest
    @MethodSource("ribbons")
    void wordsStandOnARibbonsFace(Drawing ribbon) {
        Picture picture = ribbon.picture();
        Spine spine = picture.spine().orElseThrow();
        Area drawn = drawn(picture);
        double[] at = new double[6];
        for (PathIterator path = spine.path().getPathIterator(null); !path.isDone(); path.next()) {
            path.currentSegment(at);
            for (double off : new double[] {-0.4, 0, 0.4}) {
                double x = Math.min(0.995, Math.max(0.005, at[0] / picture.width()));
                double y = (at[1] + off * spine.room()) / picture.height();
                assertThat(drawn.contains(x, y))
                        .as("%s at %s, %s", ribbon, x, y)
                        .isTrue();
            }
        }
    }
}
