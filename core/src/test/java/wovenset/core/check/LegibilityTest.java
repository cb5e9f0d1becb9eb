package wovenset.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterPainter;
import wovenset.core.piece.Piece;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.Ground;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;
import wovenset.core.testing.Pieces;

class LegibilityTest {
    private static final Rgb WHITE = new Rgb("#ffffff");

    /** Stands in where nothing may need to be drawn. */
    private static final PhotoRasters NONE = (pixels, scale) -> {
        throw new AssertionError("no photo lies behind these words");
    };

    /** Each photo has stripes of two colours, as wide as some signs. */
    private static PhotoRasters striped(Color one, Color other) {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_3BYTE_BGR);
        var graphics = image.createGraphics();
        for (int x = 0; x < 300; x += 10) {
            graphics.setColor(x % 20 == 0 ? one : other);
            graphics.fillRect(x, 0, 10, 200);
        }
        graphics.dispose();
        return (pixels, scale) -> image;
    }

    private static List<Legibility.Reading> readings(Piece piece, PhotoRasters photos) {
        return Legibility.of(new SceneResolver(Pieces.facts()).resolve(piece, first(piece)), new RasterPainter(photos));
    }

    private static Legibility.Reading reading(Piece piece, PhotoRasters photos) {
        assertThat(readings(piece, photos)).hasSize(1);
        return readings(piece, photos).get(0);
    }

    /** Words in the middle of a page that one photo covers. */
    private static Piece onPhoto(UnaryOperator<TextStyle> dressed) {
        Piece piece = placed(piece(grid(1, 1, 0, 0), 1), 2);
        Piece worded = applied(
                piece,
                new WordsEdit.AddWords(
                        first(piece).id(), WordsEdit.WordsPlace.FREE, Optional.of("Wind from the west all day")));
        return worded.mapPages(page -> page.mapFrame(
                frame(worded, 1), frame -> frame.mapOwnWords(words -> words.withStyle(dressed.apply(words.style())))));
    }

    private static TextStyle coloured(TextStyle style, Rgb colour) {
        return style.withFace(style.typeface(), style.weight(), style.slant(), colour);
    }

    @Test
    void onAGroundOfOneColourItIsTheContrastOfTwoColours() {
        Piece piece = piece(grid(1, 1, 0, 0), 1);
        Piece worded = applied(
                piece,
                new WordsEdit.AddWords(
                        first(piece).id(), WordsEdit.WordsPlace.FREE, Optional.of("Wind from the west")));
        Legibility.Reading reading = reading(worded, NONE);
        Rgb ground = worded.styles().grounds().usual().colour();
        assertThat(reading.contrast()).isCloseTo(Rgb.INK.contrast(ground), within(1e-9));
        assertThat(reading.isHard()).isFalse();
        Piece dark = worded.mapPages(page -> page.withGround(new Ground.Covered(new Paint.Solid(Rgb.INK))));
        assertThat(reading(dark, NONE).isHard()).isTrue();
        assertThat(reading(dark, NONE).reads()).isEqualTo(Rgb.PAPER);
    }

    @Test
    void onAPhotoItIsWhatTheNearestFifthOfItLeaves() {
        Piece ink = onPhoto(style -> coloured(style, Rgb.INK));
        assertThat(reading(ink, striped(Color.WHITE, Color.WHITE)).contrast())
                .isCloseTo(Rgb.INK.contrast(WHITE), within(0.01));
        Legibility.Reading dark = reading(ink, striped(Color.BLACK, Color.BLACK));
        assertThat(dark.isHard()).isTrue();
        assertThat(dark.reads()).isEqualTo(Rgb.PAPER);
        assertThat(dark.best()).isGreaterThan(15);
        Legibility.Reading torn = reading(ink, striped(Color.BLACK, Color.WHITE));
        assertThat(torn.isHard()).isTrue();
        assertThat(torn.best()).as("whatever the colour").isLessThan(Legibility.LEAST);
    }

    @Test
    void aGroundOrAnEdgeOfTheirOwnHelps() {
        TextFinish.Panel panel = new TextFinish.Panel(Rgb.PAPER, 1, mm(2), mm(0));
        Piece onPanel = onPhoto(style -> finished(style, Optional.empty(), Optional.of(panel)));
        assertThat(reading(onPanel, striped(Color.BLACK, Color.WHITE)).contrast())
                .isCloseTo(Rgb.INK.contrast(Rgb.PAPER), within(0.01));
        TextFinish.Edge edge = new TextFinish.Edge(mm(0.5), WHITE);
        Piece edged = onPhoto(style -> finished(style, Optional.of(edge), Optional.empty()));
        assertThat(reading(edged, striped(Color.BLACK, Color.WHITE)).contrast())
                .isCloseTo(Rgb.INK.contrast(WHITE), within(0.01));
    }

    private static TextStyle finished(
            TextStyle style, Optional<TextFinish.Edge> edge, Optional<TextFinish.Panel> panel) {
        return new TextStyle(
                style.typeface(),
                style.weight(),
                style.slant(),
                style.sizePt(),
                style.leading(),
                style.tracking(),
                style.align(),
                style.stand(),
                Rgb.INK,
                new TextFinish(edge, Optional.empty(), panel, Optional.empty(), false));
    }

    /** The second made-up photo is dark in the mean, the ninth light. */
    @Test
    void newWordsTakeAColourThatReadsOnThePhotoBehind() {
        assertThat(colour(placed(piece(grid(1, 1, 0, 0), 1), 2))).isEqualTo(Rgb.PAPER);
        assertThat(colour(placed(piece(grid(1, 1, 0, 0), 9), 9))).isEqualTo(Rgb.INK);
        assertThat(colour(piece(grid(1, 1, 0, 0), 1))).isEqualTo(Rgb.INK);
        Piece light = onPhoto(style -> coloured(style, Rgb.PAPER));
        Piece next = applied(light, new PageEdit.AddPage(first(light).id()));
        Piece both = applied(
                next,
                new WordsEdit.AddWords(
                        next.pages().get(1).id(), WordsEdit.WordsPlace.FREE, Optional.of("On bare paper")));
        TextStyle second = both.pages().get(1).frames().stream()
                .flatMap(frame -> frame.ownWords().stream())
                .findFirst()
                .orElseThrow()
                .style();
        assertThat(second.colour()).as("as the others, but to be read").isEqualTo(Rgb.INK);
    }

    private static Rgb colour(Piece piece) {
        Piece worded = applied(
                piece, new WordsEdit.AddWords(first(piece).id(), WordsEdit.WordsPlace.FREE, Optional.of("Wind")));
        return first(worded).frames().stream()
                .flatMap(frame -> frame.ownWords().stream())
                .findFirst()
                .orElseThrow()
                .style()
                .colour();
    }

    @Test
    void hiddenWordsAndPagesWithoutWordsAreNotLookedAt() {
        assertThat(readings(placed(piece(grid(1, 1, 0, 0), 1), 2), NONE)).isEmpty();
    }
}
