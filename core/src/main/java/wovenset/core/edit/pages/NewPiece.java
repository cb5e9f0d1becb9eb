package wovenset.core.edit.pages;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.edit.slots.PlaceCheck;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.style.StyleSheet;

/** Starts a piece: one empty page with a grid that suits its proportion. */
public final class NewPiece {
    private NewPiece() {}

    /**
     * @param margin on all four sides
     * @param wanted gap between photos; nothing for what suits the page
     * @throws EditRefusedException if the name, the size or the margin cannot be used
     */
    public static Piece start(String name, Format format, Length margin, Optional<Length> wanted, Supplier<UUID> ids) {
        PieceEdits.checkFormat(format);
        Length gap = wanted.orElseGet(() -> Length.ofMm((double) Math.max(
                1, Math.round(Math.min(format.width().mm(), format.height().mm()) / 50))));
        if (gap.isNegative()) {
            throw EditRefusedException.of("gap", Reason.GAP_NEGATIVE);
        }
        double proportion = format.width().mm() / format.height().mm();
        int columns = proportion > 1.8 ? 3 : 2;
        int rows = proportion < 0.56 ? 3 : 2;
        Grid grid = new Grid(rows, columns, Margins.all(margin), gap, gap, null);
        StyleSheet plain = StyleSheet.plain(ids.get());
        StyleSheet styles = plain.withCaptions(plain.captions().withSizePt(captionSize(format)));
        Piece piece = new Piece(
                ids.get(),
                PieceEdits.checkedName(name),
                format,
                styles,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Entries.NONE,
                List.of(NewPages.empty(grid, styles.usual().id(), ids)));
        PlaceCheck.all(piece, photo -> Optional.empty());
        return piece;
    }

    /** Points: what is read in the hand, or of a large page from where all of it is seen. */
    private static double captionSize(Format format) {
        double shorter = Math.min(format.width().mm(), format.height().mm());
        return Math.min(36, Math.max(11, (double) Math.round(shorter / 70 * 72 / 25.4)));
    }
}
