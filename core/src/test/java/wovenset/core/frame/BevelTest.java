package wovenset.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Form;
import wovenset.core.geometry.ShapeMm;

/** Facets of a window's slanted edge. */
class BevelTest {
    private static final ShapeMm WINDOW = new ShapeMm.Rectangle(new BoxMm(0, 0, 40, 30));

    private static int tone(Op op) {
        return ((Op.Fill) op).paint().colour().awt().getRed();
    }

    private static List<Op> facets(ShapeMm window, double right, double down) {
        List<Op> ops = Bevel.of(window, 2, new FrameLook.Fall(right, down));
        return ops.subList(1, ops.size());
    }

    /** Light from above falls on the slope below the window, which faces up, and leaves the one above in the shade. */
    @Test
    void slopesThatFaceTheLightAreBright() {
        List<Op> facets = facets(WINDOW, 0, 1);
        assertThat(facets).hasSize(4);
        Op brightest =
                facets.stream().max(Comparator.comparing(BevelTest::tone)).orElseThrow();
        Op darkest = facets.stream().min(Comparator.comparing(BevelTest::tone)).orElseThrow();
        assertThat(brightest.ink()).isEqualTo(new BoxMm(-2, 30, 44, 2));
        assertThat(darkest.ink()).isEqualTo(new BoxMm(-2, -2, 44, 2));
        assertThat(facets(WINDOW, 0, -1).stream()
                        .max(Comparator.comparing(BevelTest::tone))
                        .orElseThrow()
                        .ink())
                .isEqualTo(darkest.ink());
    }

    /** Right angles are mitred; points that would reach far are cut; nothing lies farther out than the longest mitre. */
    @Test
    void facetsStayAroundTheirWindow() {
        for (Form form : Form.values()) {
            BoxMm box = new BoxMm(0, 0, 40, 30);
            BoxMm ink = Op.ink(facets(new ShapeMm.Formed(box, form), 0.5, 0.8));
            assertThat(box.outset(6.01).union(ink)).as(form.name()).isEqualTo(box.outset(6.01));
        }
    }
}
