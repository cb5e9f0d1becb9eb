package wovenset.core.edit.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.paint.RasterPainter;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.testing.Pieces;

class SplitEditsTest {
    private static final Piece PIECE =
            applied(piece(grid(2, 2, 10, 5), 1), new EntryEdit.AddPhotos(List.of(Pieces.photo(1))));

    private static PageEdit.SplitEntry split(int across, int down, double gap, boolean bridged, boolean ontoPages) {
        return new PageEdit.SplitEntry(first(PIECE).id(), entry(PIECE, 1), across, down, mm(gap), bridged, ontoPages);
    }

    /** A photo whose blue is its place across, in 2000ths. */
    private static BufferedImage ramp() {
        BufferedImage ramp = new BufferedImage(2000, 1000, BufferedImage.TYPE_3BYTE_BGR);
        for (int x = 0; x < 2000; x++) {
            for (int y = 0; y < 1000; y++) {
                ramp.setRGB(x, y, x * 255 / 2000);
            }
        }
        return ramp;
    }

    private static List<PageScene> scenes(Piece piece) {
        SceneResolver resolver = new SceneResolver(Pieces.facts());
        return piece.pages().stream().map(page -> resolver.resolve(piece, page)).toList();
    }

    private static int blue(PageScene scene, double xMm) {
        BufferedImage page = new RasterPainter((pixels, scale) -> ramp()).page(scene, 4);
        return page.getRGB((int) (xMm * 4), page.getHeight() / 2) & 255;
    }

    /** Behind a gap the picture is left out; a bridged one goes on as it ended. */
    @ParameterizedTest
    @CsvSource({"false", "true"})
    void thePartsOnOnePageAreOnePicture(boolean bridged) {
        Piece after = applied(PIECE, split(3, 1, 20, bridged, false));
        PageScene scene = scenes(after).get(0);
        assertThat(scene.frames()).hasSize(3);
        FrameScene left = scene.frames().get(0);
        FrameScene middle = scene.frames().get(1);
        assertThat(middle.window().x() - left.window().right()).isCloseTo(20, within(0.01));
        int end = blue(scene, left.window().right() - 0.5);
        int start = blue(scene, middle.window().x() + 0.5);
        double perMm = (blue(scene, left.window().right() - 1)
                        - blue(scene, left.window().x() + 1))
                / (left.window().width() - 2);
        assertThat(perMm).isPositive();
        assertThat(start - end).isCloseTo((int) Math.round(bridged ? perMm : 21 * perMm), within(2));
        assertThat(scene.frames()).allMatch(frame -> frame.resolved().words().isEmpty());
        assertThat(first(after).pictures()).hasSize(bridged ? 3 : 1);
    }

    /** Each canvas is filled, and in the bleed of a shared edge the neighbour's picture goes on. */
    @Test
    void eachPartIsAPageFilledToItsBleed() {
        Piece after = applied(PIECE, split(3, 1, 0, true, true));
        assertThat(after.pages()).hasSize(3);
        assertThat(after.pages().get(0).id()).isEqualTo(first(PIECE).id());
        List<PageScene> scenes = scenes(after);
        for (PageScene scene : scenes) {
            assertThat(scene.frames()).singleElement().satisfies(frame -> {
                assertThat(frame.window().width()).isCloseTo(300, within(0.001));
                assertThat(frame.window().height()).isCloseTo(200, within(0.001));
            });
        }
        assertThat(blue(scenes.get(1), 0.5)).isCloseTo(blue(scenes.get(0), 299.5), within(1));
        BufferedImage bleed = new BufferedImage(306, 206, BufferedImage.TYPE_3BYTE_BGR);
        new RasterPainter((pixels, scale) -> ramp())
                .window(scenes.get(0), bleed, -3, -3, 1, RasterPainter.Ground.OF_PAGE);
        int beyond = bleed.getRGB(305, 100) & 255;
        assertThat(beyond).isCloseTo(blue(scenes.get(1), 2.5), within(1));
    }

    @Test
    void aPageWithPhotosKeepsThemAndThePartsComeAfterIt() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 2), 1, 2);
        Page page = first(before);
        Edit onto = new PageEdit.SplitEntry(page.id(), entry(before, 2), 2, 2, mm(30), false, true);
        Piece after = applied(before, onto);
        assertThat(after.pages()).hasSize(6);
        assertThat(first(after)).isEqualTo(page);
        checkRefused(
                before,
                new PageEdit.SplitEntry(page.id(), entry(before, 2), 2, 1, mm(5), false, false),
                "pageId",
                Reason.PAGE_HAS_PHOTOS);
        checkRefused(PIECE, split(3, 1, -1, false, false), "gap", Reason.GAP_NEGATIVE);
    }
}
