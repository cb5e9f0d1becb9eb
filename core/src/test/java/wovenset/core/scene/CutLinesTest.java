package wovenset.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Piece;
import wovenset.core.style.CutMarks;
import wovenset.core.testing.Pieces;

class CutLinesTest {
    private static final BoxMm SHEET = new BoxMm(0, 0, 100, 60);

    private static List<BoxMm> lines(BoxMm... prints) {
        return CutLines.of(List.of(prints), SHEET).stream().map(Op::ink).toList();
    }

    @Test
    void aPrintHasTwoLinesAtEachCornerWithinTheSheet() {
        List<BoxMm> lines = lines(new BoxMm(20, 10, 50, 30));
        assertThat(lines).hasSize(8).allSatisfy(line -> {
            assertThat(line.x()).isGreaterThanOrEqualTo(0);
            assertThat(Math.min(line.width(), line.height())).isEqualTo(0.09);
            assertThat(Math.max(line.width(), line.height())).isEqualTo(4);
        });
        assertThat(lines).contains(new BoxMm(15.5, 10 - 0.045, 4, 0.09));
    }

    /** In a gap both lines come to its middle and none lies on a print; a gap too narrow for two cuts has none. */
    @Test
    void neighboursShareTheirGap() {
        List<BoxMm> wide = lines(new BoxMm(10, 10, 30, 30), new BoxMm(44, 10, 30, 30));
        assertThat(wide)
                .hasSize(16)
                .contains(new BoxMm(40.5, 10 - 0.045, 1.5, 0.09), new BoxMm(42, 10 - 0.045, 1.5, 0.09));
        assertThat(lines(new BoxMm(10, 10, 30, 30), new BoxMm(40, 10, 30, 30))).hasSize(12);
        for (BoxMm line : wide) {
            assertThat(line.x() + line.width() / 2)
                    .satisfiesAnyOf(
                            x -> assertThat(x).isLessThan(10.1),
                            x -> assertThat(x).isBetween(39.9, 44.1),
                            x -> assertThat(x).isGreaterThan(73.9));
        }
    }

    @Test
    void aPrintTurnedByAQuarterIsCutAtItsEdgesAndNoOther() {
        Piece piece = applied(placed(piece(grid(1, 1, 10, 5), 1), 1), new PieceEdit.SetCutMarks(CutMarks.FINE));
        UUID frame = frame(piece, 0);
        Piece turned = applied(piece, move(piece, frame, free(100, 80, 60, 40, 90)));
        Piece upright = applied(piece, move(piece, frame, free(110, 70, 40, 60)));
        Piece askew = applied(piece, move(piece, frame, free(100, 80, 60, 40, 30)));
        assertThat(marks(turned)).hasSize(8).isEqualTo(marks(upright));
        assertThat(marks(askew)).isEmpty();
    }

    private static List<Op> marks(Piece piece) {
        return new SceneResolver(Pieces.facts())
                .resolve(piece, first(piece)).units().stream()
                        .filter(unit -> unit.itemId().equals(first(piece).id()))
                        .flatMap(unit -> unit.ops().stream())
                        .toList();
    }

    /** Copies of each come one after the other, on as many sheets as they need, and each sheet has its marks. */
    @Test
    void copiesFillSheetsAndSheetsHaveMarks() {
        Piece piece = applied(
                piece(grid(2, 2, 10, 5), 1),
                new EntryEdit.AddPhotos(
                        IntStream.rangeClosed(1, 3).mapToObj(Pieces::photo).toList()),
                new PieceEdit.SetCutMarks(CutMarks.FINE),
                new AlbumEdit.FlowEntries(Optional.of(3)));
        assertThat(Pieces.shown(piece)).filteredOn(photo -> photo > 0).containsExactly(1, 1, 1, 2, 2, 2, 3, 3, 3);
        PageScene scene = new SceneResolver(Pieces.facts()).resolve(piece, first(piece));
        assertThat(scene.units()).hasSize(5);
        assertThat(scene.units().get(4).itemId()).isEqualTo(first(piece).id());
        Piece empty = applied(piece(grid(2, 2, 10, 5), 1), new PieceEdit.SetCutMarks(CutMarks.FINE));
        assertThat(new SceneResolver(Pieces.facts())
                        .resolve(empty, first(empty))
                        .units())
                .isEmpty();
        assertThat(placed(empty, 1)).isNotNull();
    }
}
