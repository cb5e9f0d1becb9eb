package wovenset.core.edit.apply;

import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.album.Sides;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.cells.ArrangeEdits;
import wovenset.core.edit.cells.ComposeEdits;
import wovenset.core.edit.cells.GridEdits;
import wovenset.core.edit.cells.PatternEdits;
import wovenset.core.edit.cells.SilhouetteEdits;
import wovenset.core.edit.cells.WindowEdits;
import wovenset.core.edit.dress.AdjustEdits;
import wovenset.core.edit.dress.CutOutEdits;
import wovenset.core.edit.dress.MendEdits;
import wovenset.core.edit.dress.MosaicEdits;
import wovenset.core.edit.dress.MountEdits;
import wovenset.core.edit.dress.OrnamentEdits;
import wovenset.core.edit.dress.ShapeEdits;
import wovenset.core.edit.dress.StyleEdits;
import wovenset.core.edit.gather.AlbumEdits;
import wovenset.core.edit.gather.EntryEdits;
import wovenset.core.edit.gather.FillEdits;
import wovenset.core.edit.gather.PhotoEdits;
import wovenset.core.edit.gather.SpreadEdits;
import wovenset.core.edit.gather.TableEdits;
import wovenset.core.edit.gather.WaitingEdits;
import wovenset.core.edit.items.AlignEdits;
import wovenset.core.edit.items.ItemEdits;
import wovenset.core.edit.items.StandingEdits;
import wovenset.core.edit.pages.PageEdits;
import wovenset.core.edit.pages.PieceEdits;
import wovenset.core.edit.pages.PrintEdits;
import wovenset.core.edit.pages.SplitEdits;
import wovenset.core.edit.pages.TakenPages;
import wovenset.core.edit.pages.WallSetEdits;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.PlaceCheck;
import wovenset.core.edit.slots.PrintFit;
import wovenset.core.edit.write.LetterEdits;
import wovenset.core.edit.write.TextEdits;
import wovenset.core.edit.write.WordsEdits;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Piece;
import wovenset.core.said.UnfitValueException;

/** Applies edits to pieces. */
public final class Edits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;
    private final Handlers handlers = new Handlers();

    /**
     * @param facts looks up stored photos
     * @param ids gives a new name for each page, item and entry that an edit makes
     */
    public Edits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
        new PieceEdits(facts, ids).register(handlers);
        new StyleEdits().register(handlers);
        new EntryEdits(facts, ids).register(handlers);
        new TableEdits(facts).register(handlers);
        AlbumEdits albums = new AlbumEdits(facts, ids);
        albums.register(handlers);
        new PageEdits(facts, ids).register(handlers);
        new TakenPages(facts, ids).register(handlers);
        new WaitingEdits(ids).register(handlers);
        new SpreadEdits(facts, ids).register(handlers);
        new PhotoEdits(facts).register(handlers);
        new GridEdits(ids).register(handlers);
        new ArrangeEdits(facts, ids).register(handlers);
        new WindowEdits(facts, ids).register(handlers);
        new SilhouetteEdits(facts, ids).register(handlers);
        new PatternEdits(facts, ids).register(handlers);
        new ComposeEdits(facts, ids).register(handlers);
        new SplitEdits(ids).register(handlers);
        new WallSetEdits(facts, ids).register(handlers);
        new PrintEdits(facts, ids).register(handlers);
        new FillEdits(albums).register(handlers);
        new WordsEdits(facts, ids).register(handlers);
        new TextEdits().register(handlers);
        new LetterEdits(ids).register(handlers);
        new OrnamentEdits(ids).register(handlers);
        new MountEdits(ids).register(handlers);
        new ShapeEdits(ids).register(handlers);
        new AdjustEdits(facts).register(handlers);
        new MosaicEdits(facts).register(handlers);
        new CutOutEdits(facts).register(handlers);
        new MendEdits(facts).register(handlers);
        new ItemEdits(facts, ids).register(handlers);
        new AlignEdits(facts, ids).register(handlers);
        new StandingEdits(facts, ids).register(handlers);
        handlers.checkWhole();
    }

    /**
     * The piece after the edit. The given piece is not changed, and pages that the edit does not touch are the same objects.
     *
     * @throws EditRefusedException if the edit cannot be made on this piece
     */
    public Outcome apply(Piece piece, Edit edit) {
        Outcome outcome;
        try {
            outcome = handlers.apply(piece, edit);
        } catch (UnfitValueException unfit) {
            throw new EditRefusedException("", unfit.said());
        }
        Piece pinned = HandPins.changed(piece, outcome.piece(), edit);
        Piece fitted = PrintFit.changed(piece, pinned, facts);
        Piece settled = Sides.settled(piece, fitted, ids);
        PlaceCheck.changed(piece, settled, facts);
        return new Outcome(settled, outcome.name());
    }
}
