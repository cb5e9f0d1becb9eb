package wovenset.core.edit.apply;

import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.PlaceCheck;
import wovenset.core.edit.slots.PrintFit;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;

/** Applies edits to pieces. */
public final class Edits {
    private final PhotoFacts facts;
    private final Handlers handlers = new Handlers();

    /**
     * @param facts looks up stored photos
     * @param ids gives a new name for each page, item and entry that an edit makes
     */
    public Edits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        new PieceEdits().register(handlers);
        new StyleEdits().register(handlers);
        new EntryEdits(facts, ids).register(handlers);
        new TableEdits(facts).register(handlers);
        AlbumEdits albums = new AlbumEdits(facts, ids);
        albums.register(handlers);
        new PageEdits(facts, ids).register(handlers);
        new SpreadEdits(facts, ids).register(handlers);
        new PhotoEdits(facts).register(handlers);
        new GridEdits(ids).register(handlers);
        new ArrangeEdits(facts, ids).register(handlers);
        new PatternEdits(facts, ids).register(handlers);
        new ComposeEdits(facts, ids).register(handlers);
        new SplitEdits(ids).register(handlers);
        new PrintEdits(facts, ids).register(handlers);
        new FillEdits(albums).register(handlers);
        new WordsEdits(facts, ids).register(handlers);
        new TextEdits().register(handlers);
        new LetterEdits(ids).register(handlers);
        new OrnamentEdits(ids).register(handlers);
        new MountEdits(ids).register(handlers);
        new ShapeEdits(ids).register(handlers);
        new ItemEdits(facts, ids).register(handlers);
        new AlignEdits(facts, ids).register(handlers);
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
        PlaceCheck.changed(piece, fitted, facts);
        return new Outcome(fitted, outcome.name());
    }

    /** A name for a piece: not blank, not too long, without control characters. */
    public static String checkedName(String name) {
        String trimmed = name.strip();
        if (trimmed.isEmpty()) {
            throw EditRefusedException.of("name", Reason.NAME_EMPTY);
        }
        if (trimmed.codePointCount(0, trimmed.length()) > Piece.LONGEST_NAME) {
            throw EditRefusedException.of("name", Reason.NAME_LENGTH, Piece.LONGEST_NAME);
        }
        if (trimmed.codePoints().anyMatch(Character::isISOControl)) {
            throw EditRefusedException.of("name", Reason.NAME_LINES);
        }
        return trimmed;
    }
}
