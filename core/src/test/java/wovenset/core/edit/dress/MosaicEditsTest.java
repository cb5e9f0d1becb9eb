package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.AdjustEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.edit.apply.Refusals;
import wovenset.core.item.Fill;
import wovenset.core.item.Mosaic;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.piece.Piece;
import wovenset.core.piece.PieceCopy;
import wovenset.core.said.Reason;
import wovenset.core.testing.Pieces;

/** A photo made up of others. */
class MosaicEditsTest {
    private static final Piece PIECE = placed(piece(grid(1, 3, 10, 5), 1), 1, 2, 3);
    private static final UUID PAGE = first(PIECE).id();
    private static final UUID FRAME = frames(PIECE).get(0);
    private static final Mosaic.Weave WEAVE = new Mosaic.Weave(12, 1, 0);

    /** Photos of which each has one colour of its own. */
    private static final PhotoFacts COLOURED = new PhotoFacts() {
        @Override
        public Optional<PixelSize> size(PhotoId photo) {
            return Pieces.facts().size(photo);
        }

        @Override
        public Optional<ColourGrid> colours(PhotoId photo, Region part, int columns, int rows) {
            float[] values = new float[3 * columns * rows];
            Arrays.fill(values, photo.sha256().hashCode() % 50 + 50);
            return Optional.of(new ColourGrid(columns, rows, values));
        }
    };

    private static Piece made(Piece piece, Edit edit) {
        return new Edits(COLOURED, UUID::randomUUID).apply(piece, edit).piece();
    }

    private static AdjustEdit.MakeMosaic mosaic(Mosaic.Weave weave, double tint, UUID... photos) {
        return new AdjustEdit.MakeMosaic(PAGE, FRAME, weave, List.of(photos), tint, 0.1);
    }

    private static Mosaic mosaic(Piece piece) {
        return ((Fill.OwnPhoto) first(piece).frame(FRAME).orElseThrow().fill())
                .mosaic()
                .orElseThrow();
    }

    @Test
    void aPhotoIsMadeUpOfTheOthers() {
        Piece woven = made(PIECE, mosaic(WEAVE, 0.2));
        Mosaic mosaic = mosaic(woven);
        assertThat(mosaic.photos()).doesNotContain(entry(PIECE, 1)).contains(entry(PIECE, 2), entry(PIECE, 3));
        assertThat(mosaic.tiles()).hasSize(12 * mosaic.rows());
        assertThat(first(woven).frame(FRAME).orElseThrow().crop())
                .isEqualTo(first(PIECE).frame(FRAME).orElseThrow().crop());
        Piece shaded = made(woven, mosaic(WEAVE, 0.7));
        assertThat(mosaic(shaded)).isEqualTo(mosaic.withShares(0.7, 0.1));
        assertThat(mosaic(made(woven, mosaic(new Mosaic.Weave(20, 2, 0), 0.2, entry(PIECE, 2))))
                        .photos())
                .containsExactly(entry(PIECE, 2));
        Piece ended = made(shaded, new AdjustEdit.EndMosaic(PAGE, FRAME));
        assertThat(first(ended)).isEqualTo(first(PIECE));
    }

    /** A photo that is gone leaves its tiles to the photo itself; a copy names its own entries. */
    @Test
    void photosThatGoAndCopies() {
        Piece woven = made(PIECE, mosaic(WEAVE, 0.2));
        Piece without = made(woven, new EntryEdit.RemoveEntries(List.of(entry(PIECE, 2))));
        assertThat(mosaic(without)).isEqualTo(mosaic(woven));
        Piece copy = PieceCopy.of(woven, "copy", UUID::randomUUID);
        Fill.OwnPhoto copied = (Fill.OwnPhoto) first(copy).frames().get(0).fill();
        List<UUID> own = copy.entries().list().stream().map(one -> one.id()).toList();
        assertThat(copied.mosaic().orElseThrow().photos()).isSubsetOf(own);
    }

    @Test
    void whatMakesNoMosaicIsRefused() {
        Refusals.checkRefused(PIECE, mosaic(WEAVE, 0), "entryIds", Reason.MOSAIC_PHOTOS);
        Refusals.checkRefused(PIECE, new AdjustEdit.EndMosaic(PAGE, FRAME), "frameId", Reason.NO_MOSAIC);
        Refusals.checkRefused(PIECE, mosaic(WEAVE, 0, new UUID(9, 9)), "entryId", Reason.ENTRY_GONE);
    }
}
