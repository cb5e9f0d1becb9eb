package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.display.Op;
import wovenset.core.drawing.Drawing;
import wovenset.core.drawing.Opening;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.Outline;
import wovenset.core.testing.Pieces;

/** Ornaments, rings that fit their photos, ribbons with words. */
class OrnamentEditsTest {
    private static final Piece PHOTOS = placed(piece(grid(2, 2, 10, 5), 1), 1, 2, 3, 4);
    private static final UUID PAGE = first(PHOTOS).id();
    private static final Rgb BLUE = new Rgb("#2f4b7c");

    private static Piece with(Drawing drawing) {
        return applied(PHOTOS, new ItemEdit.AddOrnament(PAGE, drawing));
    }

    private static Frame added(Piece piece) {
        return first(piece).frames().get(4);
    }

    private static FrameScene scene(Piece piece) {
        return new SceneResolver(Pieces.facts())
                .resolve(piece, first(piece))
                .frames()
                .get(4);
    }

    private static BoxMm box(Piece piece) {
        return ((Placement.Free) added(piece).placement()).box().mm();
    }

    @ParameterizedTest
    @EnumSource
    void comesOnThePageInItsOwnProportion(Drawing drawing) {
        Piece piece = with(drawing);
        BoxMm box = box(piece);
        double proportion = drawing.picture().width() / drawing.picture().height();
        assertThat(box.width() / box.height()).isCloseTo(proportion, within(0.01));
        assertThat(new BoxMm(0, 0, 300, 200).meets(box)).isTrue();
        assertThat(scene(piece).resolved().ops())
                .hasSize(drawing.picture().parts().size());
        // What is arranged stays where it is, and photos go past it.
        assertThat(first(piece).slotted()).isEqualTo(first(PHOTOS).slotted());
    }

    /** However the ring is sized, and whichever ring or photo takes the other's place. */
    @ParameterizedTest
    @CsvSource({"120, 120, LEAF_RING", "90, 160, TWINE_RING", "200, 60, LAUREL_RING"})
    void aPhotoInARingIsRoundAndConcentricWithIt(double width, double height, Drawing other) {
        Piece ring = with(Drawing.BERRY_RING);
        Piece filled = applied(
                ring,
                new ArrangeEdit.PlaceEntry(PAGE, added(ring).id(), entry(ring, 2)),
                move(ring, added(ring).id(), free(50, 20, width, height, 0)),
                new ItemEdit.ExchangeOrnaments(PAGE, List.of(added(ring).id()), other));
        FrameScene scene = scene(filled);
        Opening opening = other.picture().opening().orElseThrow();
        BoxMm drawn = ((ShapeMm.Ornament) ((Op.Fill) scene.resolved().ops().get(1)).shape()).box();
        BoxMm window = scene.resolved().window();
        assertThat(window.width()).isCloseTo(2 * opening.radiusX() * drawn.width(), within(1e-9));
        assertThat(window.width()).isCloseTo(window.height(), within(0.02 * window.width()));
        assertThat(window.centreX()).isCloseTo(drawn.x() + opening.centreX() * drawn.width(), within(0.001));
        assertThat(window.centreY()).isCloseTo(drawn.y() + opening.centreY() * drawn.height(), within(0.001));
        Op.Group photo = (Op.Group) scene.resolved().ops().get(0);
        assertThat(photo.clip()).contains(new ShapeMm.Oval(window));
        // Another photo fits as well.
        Piece again =
                applied(filled, new ArrangeEdit.PlaceEntry(PAGE, added(ring).id(), entry(ring, 3)));
        assertThat(scene(again).resolved().window()).isEqualTo(window);
    }

    @Test
    void aRibbonCarriesItsWordsAlongItsOwnCurve() {
        Piece ribbon = with(Drawing.ARCHED_RIBBON);
        UUID id = added(ribbon).id();
        Piece written = applied(ribbon, new WordsEdit.WriteWords(PAGE, id, " Eleven days "));
        assertThat(added(written).ownWords().orElseThrow().text()).isEqualTo("Eleven days");
        List<Op> ops = scene(written).resolved().ops();
        Op.Said said = (Op.Said) ops.get(ops.size() - 1);
        assertThat(said.text()).isEqualTo("Eleven days");
        assertThat(said.signs()).hasSize(10);
        // On an arch the first letter leans to the left, the last to the right, and the middle stands highest.
        Op.Group first = (Op.Group) said.signs().get(0);
        Op.Group middle = (Op.Group) said.signs().get(5);
        Op.Group last = (Op.Group) said.signs().get(9);
        assertThat(first.to().b()).isLessThan(-0.1);
        assertThat(last.to().b()).isGreaterThan(0.1);
        assertThat(middle.to().f())
                .isLessThan(Math.min(first.to().f(), last.to().f()));
        assertThat(new BoxMm(0, 0, box(written).width(), box(written).height())
                        .union(said.ink())
                        .height())
                .isLessThan(1.1 * box(written).height());
        // Dark cloth has light words.
        assertThat(added(written).ownWords().orElseThrow().style().colour()).isEqualTo(new Rgb("#fffdf8"));
        // Another ribbon keeps them; a drawing without a face has none.
        Piece other = applied(written, new ItemEdit.ExchangeOrnaments(PAGE, List.of(id), Drawing.PENNANT));
        assertThat(added(other).ownWords().orElseThrow().text()).isEqualTo("Eleven days");
        Piece kite = applied(written, new ItemEdit.ExchangeOrnaments(PAGE, List.of(id), Drawing.KITE));
        assertThat(added(kite).ownWords()).isEmpty();
        assertThat(box(kite).width()).isEqualTo(box(written).width());
    }

    @Test
    void partsAreColouredAndOrnamentsTakenOutAgain() {
        Piece kite = with(Drawing.KITE);
        UUID id = added(kite).id();
        Piece blue = applied(kite, new ItemEdit.ColourOrnaments(PAGE, List.of(id), List.of(BLUE, BLUE, BLUE, BLUE)));
        assertThat(((Fill.Ornament) added(blue).fill()).colours()).containsOnly(BLUE);
        Piece ring = with(Drawing.TWINE_RING);
        Piece dyed = applied(
                ring, new ItemEdit.ColourOrnaments(PAGE, List.of(added(ring).id()), List.of(BLUE, BLUE)));
        assertThat(((Outline.Ringed) added(dyed).outline()).colours()).containsOnly(BLUE);
        assertThat(first(applied(blue, new ArrangeEdit.EmptyFrame(PAGE, id))).frames())
                .hasSize(4);
        // No photo flows into a drawing, and a page made like this one has none.
        Piece more = applied(kite, new PageEdit.AddPage(PAGE));
        assertThat(more.pages().get(1).frames()).hasSize(4);
        Piece larger = applied(kite, new PieceEdit.SetFormat(Pieces.format(600, 400)));
        assertThat(box(larger).width()).isCloseTo(2 * box(kite).width(), within(0.01));
    }

    @Test
    void whatCannotBeSaysWhy() {
        Piece kite = with(Drawing.KITE);
        UUID id = added(kite).id();
        checkRefused(kite, new ArrangeEdit.PlaceEntry(PAGE, id, entry(kite, 1)), "frameId", Reason.FRAME_HAS_WORDS);
        checkRefused(kite, new WordsEdit.WriteWords(PAGE, id, "no"), "frameId", Reason.FRAME_HAS_PHOTO);
        checkRefused(
                kite,
                new ItemEdit.ExchangeOrnaments(PAGE, List.of(id), Drawing.LEAF_RING),
                "drawing",
                Reason.EXCHANGE_KIND);
        UUID photo = first(kite).frames().get(0).id();
        checkRefused(
                kite,
                new ItemEdit.ColourOrnaments(PAGE, List.of(photo), List.of(BLUE)),
                "itemIds",
                Reason.SELECT_ORNAMENT_FIRST);
        checkRefused(
                kite, new ItemEdit.ColourOrnaments(PAGE, List.of(id), List.of(BLUE)), "", Reason.ORNAMENT_COLOURS, 4);
    }
}
