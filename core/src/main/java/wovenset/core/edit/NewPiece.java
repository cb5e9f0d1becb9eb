package wovenset.core.edit;

import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.measure.Length;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Piece;

/** Starts a piece: one empty page with a grid that suits its proportion. */
public final class NewPiece {
    private NewPiece() {}

    /**
     * @param margin on all four sides
     * @throws EditRefusedException if the name, the size or the margin cannot be used
     */
    public static Piece start(String name, Format format, Length margin, Supplier<UUID> ids) {
        Layouts.checkFormat(format);
        Length gap = Length.ofMm((double) Math.max(
                1, Math.round(Math.min(format.width().mm(), format.height().mm()) / 50)));
        double proportion = format.width().mm() / format.height().mm();
        int columns = proportion > 1.8 ? 3 : 2;
        int rows = proportion < 0.56 ? 3 : 2;
        Grid grid = new Grid(rows, columns, Margins.all(margin), gap, gap, null);
        Dress dress =
                Dress.PLAIN.captions().bandMm() * rows > format.height().mm() / 2 ? withoutCaptions() : Dress.PLAIN;
        Piece piece = new Piece(
                ids.get(),
                Edits.checkedName(name),
                format,
                dress,
                List.of(),
                List.of(Layouts.emptyPage(grid, ids)),
                List.of());
        PlaceCheck.all(piece, photo -> OptionalDouble.empty());
        return piece;
    }

    /** On a very small page, room for words would leave none for pictures. */
    private static Dress withoutCaptions() {
        Dress plain = Dress.PLAIN;
        var captions = plain.captions();
        return new Dress(
                plain.pageColour(),
                plain.borderColour(),
                plain.borderWidth(),
                plain.cornerRadius(),
                new wovenset.core.piece.CaptionStyle(
                        wovenset.core.piece.CaptionStyle.Show.NONE,
                        captions.typeface(),
                        captions.sizePt(),
                        captions.colour(),
                        captions.lines()));
    }
}
