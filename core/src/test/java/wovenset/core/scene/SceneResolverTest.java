package wovenset.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.CaptionStyle;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Rgb;
import wovenset.core.scene.SharpnessLimits.Sharpness;

class SceneResolverTest {
    private static final SceneResolver RESOLVER =
            new SceneResolver(photo -> Optional.of(new PhotoSizes.PixelSize(3000, 2000)), SharpnessLimits.USUAL);

    private static Piece dressed(Piece piece, double borderMm, double radiusMm, CaptionStyle.Show show) {
        return piece.withDress(new Dress(
                new Rgb("#ffffff"),
                new Rgb("#112233"),
                mm(borderMm),
                mm(radiusMm),
                new CaptionStyle(show, "Alegreya", 12, new Rgb("#000000"), 1)));
    }

    private static PageScene scene(Piece piece) {
        return RESOLVER.resolve(piece, piece.pages().get(0));
    }

    @Test
    void bordersTakeFromTheWindowAndWordsFromTheCell() {
        PageScene.FrameScene frame = scene(
                        dressed(placed(piece(grid(1, 1, 10, 0), 1), photo(1)), 2, 5, CaptionStyle.Show.BELOW))
                .frames()
                .get(0);
        double band = 1.5 * 1.25 * 12 * 25.4 / 72;
        assertThat(frame.cell()).isEqualTo(new BoxMm(10, 10, 280, 180));
        assertThat(frame.outer().height()).isCloseTo(180 - band, within(1e-9));
        assertThat(frame.window().x()).isCloseTo(12, within(1e-9));
        assertThat(frame.window().width()).isCloseTo(276, within(1e-9));
        assertThat(frame.windowRadiusMm()).isCloseTo(3, within(1e-9));
        assertThat(frame.words()).isNotNull();
        assertThat(frame.words().lines()).singleElement().satisfies(line -> {
            assertThat(line.text()).isEqualTo("words of 1");
            assertThat(line.yMm()).isBetween(frame.outer().y() + frame.outer().height(), 190.0);
        });
    }

    @Test
    void aCornerRadiusStopsAtHalfTheShorterSide() {
        PageScene.FrameScene frame = scene(dressed(piece(grid(1, 4, 10, 5), 1), 0, 4000, CaptionStyle.Show.NONE))
                .frames()
                .get(0);
        assertThat(frame.cornerRadiusMm())
                .isCloseTo(Math.min(frame.outer().width(), frame.outer().height()) / 2, within(1e-9));
        assertThat(frame.photo()).isNull();
        assertThat(frame.words()).isNull();
    }

    @Test
    void sharpnessFollowsThePrintedSize() {
        // 3000 px over 280 mm are 272 ppi; twice the zoom halves them; a quarter of the page doubles them.
        PageScene.PhotoScene whole = scene(placed(piece(grid(1, 1, 10, 0), 1), photo(1)))
                .frames()
                .get(0)
                .photo();
        assertThat(whole.ppi()).isCloseTo(3000 / 280.0 * 25.4, within(0.01));
        assertThat(whole.sharpness()).isEqualTo(Sharpness.DENSE);
    }

    @Test
    void limitsHoldOnBothSides() {
        SharpnessLimits limits = SharpnessLimits.USUAL;
        assertThat(limits.of(200)).isEqualTo(Sharpness.DENSE);
        assertThat(limits.of(199.99)).isEqualTo(Sharpness.OPEN);
        assertThat(limits.of(120)).isEqualTo(Sharpness.OPEN);
        assertThat(limits.of(119.99)).isEqualTo(Sharpness.LOOSE);
    }

    @Test
    void theSamePieceGivesAnEqualScene() {
        Piece piece = dressed(placed(piece(grid(2, 2, 10, 5), 1), photo(1), photo(2)), 1, 2, CaptionStyle.Show.BELOW);
        assertThat(scene(piece)).isEqualTo(scene(piece));
    }
}
