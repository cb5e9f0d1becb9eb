package wovenset.core.edit.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.album.FoldAim;
import wovenset.core.check.PieceCheck;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.edit.apply.Refusals;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.piece.Spreads;
import wovenset.core.said.Notice;
import wovenset.core.said.Reason;
import wovenset.core.testing.Pieces;

/** Photos across the fold; the made-up pages are 300 × 200 mm. */
class SpreadEditsTest {
    private static final Subject MIDDLE = new Subject(
            new Region(0.4, 0.3, 0.2, 0.4), Subject.Origin.FACES, List.of(new Region(0.46, 0.3, 0.08, 0.2)));

    private static Piece gathered(int pages) {
        Piece piece = piece(grid(1, 1, 10, 0), pages);
        return applied(piece, new EntryEdit.AddPhotos(List.of(Pieces.photo(2), Pieces.photo(3))));
    }

    private static SharedPicture picture(Piece piece, int page) {
        return piece.pages().get(page).pictures().get(0);
    }

    @Test
    void aPhotoCoversTheEmptySpreadThatThePageIsIn() {
        Piece piece = gathered(5);
        Piece even = gathered(4);
        Piece laid = applied(even, new AlbumEdit.LayAcross(even.pages().get(3).id(), entry(even, 2)));
        assertThat(laid.pages()).as("a right-hand page is added").hasSize(5);
        assertThat(Spreads.across(laid.pages(), 3)).isPresent();
        Piece second =
                applied(piece, new AlbumEdit.LayAcross(piece.pages().get(2).id(), entry(piece, 2)));
        assertThat(second.pages()).hasSize(5);
        assertThat(Spreads.across(second.pages(), 1)).isPresent();
        assertThat(Spreads.across(second.pages(), 2)).isEmpty();
        assertThat(picture(second, 2).id()).isEqualTo(picture(second, 1).id());
        Box left = picture(second, 1).box();
        Box right = picture(second, 2).box();
        assertThat(left.x().minus(right.x())).isEqualTo(mm(300));
        assertThat(left.mm().width()).isGreaterThanOrEqualTo(600);
        assertThat(left.mm().height()).isGreaterThanOrEqualTo(200);
    }

    @Test
    void whereThereIsNoEmptySpreadANewOneComesAfterIt() {
        Piece one = placed(gathered(1), 2);
        Piece laid = applied(one, new AlbumEdit.LayAcross(first(one).id(), entry(one, 3)));
        assertThat(laid.pages()).hasSize(3);
        assertThat(Spreads.across(laid.pages(), 1)).isPresent();
        Piece two = applied(gathered(2), new AlbumEdit.FlowEntries());
        Piece after = applied(two, new AlbumEdit.LayAcross(two.pages().get(1).id(), entry(two, 3)));
        assertThat(after.pages()).as("an empty page faces the second").hasSize(5);
        assertThat(Spreads.across(after.pages(), 3)).isPresent();
    }

    @Test
    void nothingComesBetweenTheTwoPagesOfASpread() {
        Piece piece = gathered(5);
        Piece laid = applied(piece, new AlbumEdit.LayAcross(piece.pages().get(1).id(), entry(piece, 2)));
        Piece more = applied(laid, new PageEdit.AddPage(laid.pages().get(1).id()));
        assertThat(more.pages().subList(0, 3)).isEqualTo(laid.pages().subList(0, 3));
        assertThat(more.pages()).hasSize(6);
    }

    @Test
    void wordsOnASpreadAreNotLost() {
        Piece piece = gathered(3);
        UUID right = piece.pages().get(2).id();
        Piece worded =
                applied(piece, new WordsEdit.AddWords(right, WordsEdit.WordsPlace.FREE, Optional.of("Do not lose me")));
        Piece laid =
                applied(worded, new AlbumEdit.LayAcross(piece.pages().get(1).id(), entry(piece, 2)));
        assertThat(laid.pages()).hasSize(5);
        assertThat(laid.page(right)).isEqualTo(worded.page(right));
        assertThat(Spreads.across(laid.pages(), 3)).isPresent();
    }

    @Test
    void theWholePictureMovesWhicheverPageItIsMovedOn() {
        Piece piece = gathered(3);
        Piece laid = applied(piece, new AlbumEdit.LayAcross(piece.pages().get(1).id(), entry(piece, 2)));
        UUID id = picture(laid, 1).id();
        Box box = Box.of(new BoxMm(-310, -20, 660, 440));
        Piece moved =
                applied(laid, new AlbumEdit.PlacePicture(laid.pages().get(2).id(), id, box));
        assertThat(picture(moved, 2).box()).isEqualTo(box);
        assertThat(picture(moved, 1).box()).isEqualTo(Box.of(new BoxMm(-10, -20, 660, 440)));
        Refusals.checkRefused(
                laid, new AlbumEdit.PlacePicture(laid.pages().get(0).id(), id, box), "pictureId", Reason.PICTURE_GONE);
    }

    @Test
    void theFoldGoesPastAFaceWhereThereIsRoom() {
        PixelSize wide = new PixelSize(6000, 3000);
        BoxMm plain = FoldAim.covering(wide, Subject.UNKNOWN, 600, 200).mm();
        assertThat(plain.x()).isCloseTo(0, within(1e-3));
        assertThat(plain.y()).as("about its middle").isCloseTo(-50, within(1e-3));
        BoxMm aimed = FoldAim.covering(wide, MIDDLE, 600, 200).mm();
        double fold = (300 - aimed.x()) / aimed.width();
        assertThat(FoldAim.meetsFace(MIDDLE.faces(), fold, 0)).isFalse();
        assertThat(aimed.x()).isLessThanOrEqualTo(0);
        assertThat(aimed.x() + aimed.width()).isGreaterThanOrEqualTo(600 - 1e-3);
        assertThat(aimed.width()).isLessThan(1.3 * 600);
    }

    @Test
    void aFaceInTheFoldIsFound() {
        PhotoFacts facts = new PhotoFacts() {
            @Override
            public Optional<PixelSize> size(PhotoId photo) {
                return Optional.of(new PixelSize(6000, 3000));
            }

            @Override
            public Subject subject(PhotoId photo) {
                return MIDDLE;
            }
        };
        Piece piece = gathered(3);
        Page left = piece.pages().get(1);
        Piece laid = new Edits(facts, UUID::randomUUID)
                .apply(piece, new AlbumEdit.LayAcross(left.id(), entry(piece, 2)))
                .piece();
        assertThat(PieceCheck.of(laid, facts)).isEmpty();
        UUID id = picture(laid, 1).id();
        Piece moved = applied(laid, new AlbumEdit.PlacePicture(left.id(), id, Box.of(new BoxMm(0, -50, 600, 300))));
        assertThat(PieceCheck.of(moved, facts)).singleElement().satisfies(found -> {
            assertThat(found.what().code()).isEqualTo(Notice.FACE_IN_FOLD.code());
            assertThat(found.pageId()).isEqualTo(left.id());
        });
    }
}
