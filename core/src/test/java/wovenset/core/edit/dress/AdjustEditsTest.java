package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.AdjustEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.item.Frame;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Tones;
import wovenset.core.photo.Treatment;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Light and colour that are worked out, or taken from one use to others. */
class AdjustEditsTest {
    private static final Tones DULL = new Tones(0.1, 0.25, 0.6, 0.1, 0.2, 0.2, 0.1);
    private static final Tones RIGHT = new Tones(0.02, 0.46, 0.97, 0.2, 0.25, 0.25, 0.25);
    private static final PhotoFacts FACTS = new PhotoFacts() {
        @Override
        public Optional<PixelSize> size(PhotoId photo) {
            return Optional.of(new PixelSize(3000, 2000));
        }

        @Override
        public Optional<Tones> tones(PhotoId photo) {
            return Optional.of(photo.equals(photo(2)) ? RIGHT : DULL);
        }
    };

    /** Three photos on the first of two pages, the first of them again on the second. */
    private static final Piece PIECE = again(placed(piece(grid(1, 3, 10, 5), 2), 1, 2, 3));

    private static final UUID PAGE = first(PIECE).id();
    private static final List<UUID> FRAMES = frames(PIECE);

    private static Piece again(Piece piece) {
        Page second = piece.pages().get(1);
        UUID entry = piece.entries().of(photo(1)).orElseThrow().id();
        return after(
                piece,
                new ArrangeEdit.PlaceEntry(second.id(), second.slotted().get(0).id(), entry));
    }

    private static Piece after(Piece piece, Edit edit) {
        return new Edits(FACTS, UUID::randomUUID).apply(piece, edit).piece();
    }

    private static Adjustments of(Piece piece, int page, int frame) {
        return piece.pages().get(page).slotted().get(frame).adjustments();
    }

    @Test
    void aDullPhotoIsPutRightAndARightOneLeftNearlyAlone() {
        Piece now = after(PIECE, new AdjustEdit.AdjustByItself(PAGE, FRAMES));
        assertThat(of(now, 0, 0).of(Adjustment.EXPOSURE)).isGreaterThan(0.5);
        assertThat(of(now, 0, 0).of(Adjustment.WARMTH)).as("its mean is yellow").isNegative();
        assertThat(of(now, 0, 0).of(Adjustment.CONTRAST)).isPositive();
        assertThat(of(now, 0, 1).areNone()).isTrue();
        assertThat(of(now, 1, 0).areNone()).as("another use").isTrue();
    }

    @Test
    void photosAreMadeLikeTheOneThatIsRight() {
        Piece warm = after(
                PIECE,
                new ItemEdit.PatchItems(
                        PAGE, List.of(FRAMES.get(1)), new ItemChange.SetAdjustment(Adjustment.WARMTH, 10)));
        Piece now = after(warm, new AdjustEdit.MakeAlike(PAGE, FRAMES, FRAMES.get(1)));
        assertThat(of(now, 0, 1)).as("it stays").isEqualTo(of(warm, 0, 1));
        assertThat(of(now, 0, 0).of(Adjustment.EXPOSURE)).isGreaterThan(1);
        assertThat(of(now, 0, 0).of(Adjustment.WARMTH))
                .as("as blue as it is missing, and as warm as that one was made")
                .isEqualTo(10 + Math.rint(100 * 100 * Math.log(0.5) / Math.log(2) / 1.2) / 100);
        assertThat(of(now, 0, 2)).isEqualTo(of(now, 0, 0));
        Frame none = first(PIECE).slotted().get(0);
        Piece emptied = after(PIECE, new ArrangeEdit.EmptyFrame(PAGE, none.id()));
        assertThatThrownBy(() -> after(emptied, new AdjustEdit.MakeAlike(PAGE, FRAMES, none.id())))
                .isInstanceOf(EditRefusedException.class);
    }

    @Test
    void whatIsDoneToOneUseIsTakenToOthers() {
        Treatment sepia = Treatment.of(Treatment.Kind.SEPIA, 80);
        Piece treated = after(
                PIECE,
                new ItemEdit.PatchItems(PAGE, List.of(FRAMES.get(0)), new ItemChange.SetTreatment(Optional.of(sepia))));
        Adjustments wanted = of(treated, 0, 0);
        assertThat(wanted.treatment()).contains(sepia);
        Piece same = elsewhere(treated, AdjustEdit.Where.SAME_PHOTO);
        assertThat(of(same, 1, 0)).isEqualTo(wanted);
        assertThat(of(same, 0, 1).areNone()).isTrue();
        assertThatThrownBy(() -> elsewhere(same, AdjustEdit.Where.SAME_PHOTO)).isInstanceOf(EditRefusedException.class);
        Piece page = elsewhere(treated, AdjustEdit.Where.PAGE);
        assertThat(of(page, 0, 2)).isEqualTo(wanted);
        assertThat(of(page, 1, 0).areNone()).isTrue();
        Piece all = elsewhere(treated, AdjustEdit.Where.PIECE);
        assertThat(List.of(of(all, 0, 1), of(all, 0, 2), of(all, 1, 0))).containsOnly(wanted);
        Piece back = after(all, new ItemEdit.PatchItems(PAGE, FRAMES, new ItemChange.SetTreatment(Optional.empty())));
        assertThat(of(back, 0, 0).areNone()).isTrue();
    }

    private static Piece elsewhere(Piece piece, AdjustEdit.Where where) {
        return after(piece, new AdjustEdit.AdjustElsewhere(PAGE, FRAMES.get(0), where));
    }
}
