package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Frame;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.output.MakeRequest.Fold;
import wovenset.core.paint.RasterPainter;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.UnfitValueException;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.Ground;

class FoldedSheetsTest {
    private static final List<String> COLOURS = List.of("#c03030", "#30a040", "#3050c0", "#d0a020");
    private static final int BLACK = 0x22293a;

    /** Four pages of 100 × 60 mm with 3 mm bleed, each of a colour, with a dark box in its upper left corner. */
    private final List<PageScene> pages = pages();

    private static List<PageScene> pages() {
        Piece blank = applied(
                piece(grid(1, 1, 5, 5), 4),
                new PieceEdit.SetFormat(new Format(
                        Length.ofMm(100), Length.ofMm(60), Length.ofMm(3), LengthUnit.MM, Resolution.PRINT)));
        for (int i = 0; i < COLOURS.size(); i++) {
            UUID page = blank.pages().get(i).id();
            blank = applied(
                    blank,
                    new PageEdit.SetGround(List.of(page), new Ground.Covered(new Paint.Solid(new Rgb(COLOURS.get(i))))),
                    new ItemEdit.AddBox(page, new Paint.Solid(Rgb.INK)));
            Page covered = blank.page(page).orElseThrow();
            UUID box = ((Frame) covered.items().get(0)).id();
            blank = applied(
                    blank, new ItemEdit.MoveItems(page, List.of(new ItemEdit.ItemMove(box, free(2, 2, 10, 10)))));
        }
        Piece whole = blank;
        return whole.pages().stream()
                .map(page -> new SceneResolver(facts()).resolve(whole, page))
                .toList();
    }

    /** The sheet with its bleed at a pixel a millimetre. */
    private static BufferedImage drawn(PageScene sheet) {
        BufferedImage image =
                new BufferedImage((int) sheet.widthMm() + 6, (int) sheet.heightMm() + 6, BufferedImage.TYPE_3BYTE_BGR);
        new RasterPainter((pixels, scale) -> image).window(sheet, image, -3, -3, 1, RasterPainter.Ground.OF_PAGE);
        return image;
    }

    /** @param x from the trim's corner, millimetres */
    private static void check(BufferedImage image, int x, int y, String colour) {
        assertThat(String.format("#%06x", image.getRGB(x + 3, y + 3) & 0xffffff))
                .as("at %d, %d", x, y)
                .isEqualTo(colour);
    }

    private static void checkBox(BufferedImage image, int x, int y) {
        assertThat(image.getRGB(x + 3, y + 3) & 0xffffff)
                .as("box at %d, %d", x, y)
                .isEqualTo(BLACK);
    }

    @Test
    void asABookBackAndFrontStandSideBySideAndTheInsideInOrder() {
        List<PageScene> sheets = FoldedSheets.of(pages, Fold.SIDE);
        assertThat(sheets).hasSize(2).allSatisfy(sheet -> {
            assertThat(sheet.widthMm()).isEqualTo(200);
            assertThat(sheet.heightMm()).isEqualTo(60);
        });
        BufferedImage outside = drawn(sheets.get(0));
        check(outside, 50, 30, COLOURS.get(3));
        check(outside, 150, 30, COLOURS.get(0));
        checkBox(outside, 6, 6);
        checkBox(outside, 106, 6);
        BufferedImage inside = drawn(sheets.get(1));
        check(inside, 50, 30, COLOURS.get(1));
        check(inside, 150, 30, COLOURS.get(2));
    }

    /** Each page ends at the fold and runs into the bleed on the other sides; the mark lies beyond the trim. */
    @Test
    void pagesMeetAtTheFoldAndRunOutElsewhere() {
        BufferedImage outside = drawn(FoldedSheets.of(pages, Fold.SIDE).get(0));
        check(outside, 98, 30, COLOURS.get(3));
        check(outside, 101, 30, COLOURS.get(0));
        check(outside, -2, 30, COLOURS.get(3));
        check(outside, 150, 61, COLOURS.get(0));
        check(outside, 202, -2, COLOURS.get(0));
        int mark = outside.getRGB(100 + 3, 0) & 0xffffff;
        assertThat(mark).isNotEqualTo(Integer.parseInt(COLOURS.get(0).substring(1), 16));
    }

    @Test
    void asARoofTheBackStandsOnItsHead() {
        List<PageScene> sheets = FoldedSheets.of(pages, Fold.TOP);
        BufferedImage outside = drawn(sheets.get(0));
        assertThat(sheets.get(0).heightMm()).isEqualTo(120);
        check(outside, 50, 30, COLOURS.get(3));
        check(outside, 50, 90, COLOURS.get(0));
        checkBox(outside, 93, 53);
        check(outside, 6, 6, COLOURS.get(3));
        checkBox(outside, 6, 66);
        BufferedImage inside = drawn(sheets.get(1));
        checkBox(inside, 6, 6);
        checkBox(inside, 6, 66);
    }

    @Test
    void onlyFourPagesAreFolded() {
        assertThatThrownBy(() -> new MakeRequest(
                        MakeRequest.Kind.PDF,
                        List.of(0, 1, 2),
                        Resolution.PRINT,
                        90,
                        MakeRequest.Ground.PAGE_COLOUR,
                        MakeRequest.Extent.TRIM,
                        MakeRequest.Photos.FITTED,
                        Optional.of(Fold.SIDE),
                        Optional.empty()))
                .isInstanceOf(UnfitValueException.class);
    }
}
