package wovenset.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.piece.Piece;
import wovenset.core.style.Folio;
import wovenset.core.style.Ground;

/** The made-up pieces are 300 × 200 mm. */
class FolioOpsTest {
    private static Folio folio(Folio.Place place, Folio.Running running, int first) {
        return new Folio(place, running, "Alegreya", 10, Rgb.INK, mm(6), first);
    }

    private static Piece pages(Folio folio) {
        return applied(piece(grid(1, 1, 20, 0), 3), new PieceEdit.SetFolio(Optional.of(folio)));
    }

    private static Optional<Op.Glyphs> number(Piece piece, int page) {
        List<Op.Glyphs> lines = new ArrayList<>();
        new SceneResolver(facts())
                .resolve(piece, piece.pages().get(page))
                .units()
                .forEach(unit -> unit.ops().stream()
                        .filter(Op.Glyphs.class::isInstance)
                        .map(Op.Glyphs.class::cast)
                        .forEach(lines::add));
        return lines.stream().findFirst();
    }

    @Test
    void numbersStandAtTheOuterSidesInLineWithTheMargins() {
        Piece piece = pages(folio(Folio.Place.FOOT_OUTER, Folio.Running.NONE, 1));
        double width = piece.format().width().mm();
        Op.Glyphs right = number(piece, 0).orElseThrow();
        assertThat(right.text()).isEqualTo("1");
        assertThat(right.x() + right.widthMm()).isCloseTo(width - 20, within(1e-9));
        Op.Glyphs left = number(piece, 1).orElseThrow();
        assertThat(left.x()).isCloseTo(20, within(1e-9));
        assertThat(left.y())
                .isBetween(
                        piece.format().height().mm() - 9,
                        piece.format().height().mm() - 6);
        Op.Glyphs head = number(pages(folio(Folio.Place.HEAD_CENTRE, Folio.Running.NONE, 8)), 2)
                .orElseThrow();
        assertThat(head.text()).isEqualTo("10");
        assertThat(head.x() + head.widthMm() / 2).isCloseTo(width / 2, within(1e-9));
        assertThat(head.y()).isBetween(6.0, 10.0);
    }

    @Test
    void whatRunsBesideThemStandsInwards() {
        Piece piece = pages(folio(Folio.Place.FOOT_OUTER, Folio.Running.PIECE, 1));
        assertThat(number(piece, 0).orElseThrow().text()).isEqualTo(piece.name() + "\u20031");
        assertThat(number(piece, 1).orElseThrow().text()).isEqualTo("2\u2003" + piece.name());
    }

    @Test
    void thereIsNoneBeforeTheFirstOneOrWhereItIsTakenOffOrAPhotoLies() {
        Piece piece = pages(folio(Folio.Place.FOOT_CENTRE, Folio.Running.NONE, 0));
        assertThat(number(piece, 0)).isEmpty();
        assertThat(number(piece, 1)).isPresent();
        Piece off = applied(
                piece, new PageEdit.NumberPages(List.of(piece.pages().get(1).id()), false));
        assertThat(number(off, 1)).isEmpty();
        Piece covered = applied(
                placed(piece(grid(1, 1, 0, 0), 1), 2),
                new PieceEdit.SetFolio(Optional.of(folio(Folio.Place.FOOT_CENTRE, Folio.Running.NONE, 1))));
        assertThat(number(covered, 0)).isEmpty();
    }

    @Test
    void aNumberReadsOnADarkPage() {
        Piece piece = pages(folio(Folio.Place.FOOT_CENTRE, Folio.Running.NONE, 1));
        Piece dark = applied(
                piece,
                new PageEdit.SetGround(
                        List.of(piece.pages().get(0).id()), new Ground.Covered(new Paint.Solid(Rgb.INK))));
        assertThat(number(piece, 0).orElseThrow().colour()).isEqualTo(Rgb.INK);
        assertThat(number(dark, 0).orElseThrow().colour()).isEqualTo(Rgb.PAPER);
    }
}
