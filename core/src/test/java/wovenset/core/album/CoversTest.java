package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.album.Albums.FACTS;
import static wovenset.core.album.Albums.after;
import static wovenset.core.album.Albums.album;
import static wovenset.core.album.Albums.flowed;
import static wovenset.core.album.Albums.gathered;
import static wovenset.core.testing.Pieces.mm;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.ItemEdit;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.piece.Cover;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Piece;

/** The made-up album's pages are 300 mm wide. */
class CoversTest {
    private static final Piece ALBUM = flowed(gathered(40), album(1, 1));

    private static Piece cover(double paperMm, double boardsMm) {
        Cover cover = new Cover(ALBUM.id(), ALBUM.pages().size(), mm(paperMm), mm(boardsMm));
        return Covers.of(ALBUM, cover, "Cover", FACTS, UUID::randomUUID);
    }

    private static List<Length> guides(Piece piece) {
        return piece.pages().get(0).guides().stream().map(Guide::at).toList();
    }

    private static Box box(Piece piece, int frame) {
        Frame one = piece.pages().get(0).frames().get(frame);
        return ((Placement.Free) one.placement()).box();
    }

    @Test
    void theSpineIsAsWideAsTheSheetsAndBoards() {
        assertThat(new Cover(ALBUM.id(), 40, mm(0.2), mm(3)).spine()).isEqualTo(mm(7));
        assertThat(new Cover(ALBUM.id(), 41, mm(0.2), mm(0)).spine())
                .as("21 sheets")
                .isEqualTo(mm(4.2));
        Piece cover = cover(0.2, 3);
        assertThat(cover.format().width()).isEqualTo(mm(607));
        assertThat(guides(cover)).containsExactly(mm(300), mm(307));
        assertThat(cover.pages().get(0).frames()).hasSize(3);
        assertThat(Places.of(cover, cover.pages().get(0), FACTS)).isInstanceOf(PlacesOutcome.Fits.class);
        assertThat(cover(0.05, 0).pages().get(0).frames())
                .as("no words on a spine of 1 mm")
                .hasSize(2);
    }

    @Test
    void whatLiesOnFrontAndSpineGoesWithTheSpineAsItBecomesWider() {
        Piece cover = cover(0.2, 3);
        UUID page = cover.pages().get(0).id();
        Piece wide = after(cover, new AlbumEdit.FitCover(80, mm(0.2), mm(3)));
        assertThat(wide.format().width()).isEqualTo(mm(611));
        assertThat(guides(wide)).containsExactly(mm(300), mm(311));
        assertThat(box(wide, 0).x().minus(box(cover, 0).x())).as("front").isEqualTo(mm(4));
        assertThat(box(wide, 2).x().minus(box(cover, 2).x())).as("spine").isEqualTo(mm(2));
        Frame ground = Frame.empty(
                new UUID(5, 5),
                new Placement.Free(Box.of(new BoxMm(-3, -3, 613, 206)), 0),
                cover.styles().usual().id());
        Frame back = Frame.empty(
                new UUID(5, 6),
                new Placement.Free(Box.of(new BoxMm(20, 20, 50, 50)), 0),
                cover.styles().usual().id());
        Piece more = after(cover, new ItemEdit.AddItems(page, List.of(ground, back), List.of()));
        Piece fitted = after(more, new AlbumEdit.FitCover(80, mm(0.2), mm(3)));
        assertThat(box(fitted, 3).width()).as("covers the whole sheet").isEqualTo(mm(617));
        assertThat(box(fitted, 4)).as("back").isEqualTo(box(more, 4));
        assertThat(after(fitted, new AlbumEdit.FitCover(40, mm(0.2), mm(3))).pages())
                .isEqualTo(more.pages());
    }

    @Test
    void oddCoversAreRefused() {
        assertThatThrownBy(() -> after(ALBUM, new AlbumEdit.FitCover(4, mm(0.2), mm(0))))
                .isInstanceOf(EditRefusedException.class);
        assertThatThrownBy(() -> after(cover(0.2, 3), new AlbumEdit.FitCover(4, mm(9), mm(0))))
                .isInstanceOf(EditRefusedException.class);
        assertThatThrownBy(() -> after(cover(0.2, 3), new AlbumEdit.FitCover(0, mm(0.2), mm(0))))
                .isInstanceOf(EditRefusedException.class);
    }
}
