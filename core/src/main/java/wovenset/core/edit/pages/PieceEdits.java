package wovenset.core.edit.pages;

import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.album.AlbumFlow;
import wovenset.core.arrange.free.FreeScale;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.Scattered;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Light;

/** Edits of the piece as a whole: its name, its size, how all of it looks. */
public final class PieceEdits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public PieceEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(
                PieceEdit.RenamePiece.class,
                (piece, edit) -> Outcome.of(piece.withName(checkedName(edit.name())), Doing.RENAME));
        handlers.on(
                PieceEdit.SetFormat.class, (piece, edit) -> Outcome.of(resized(piece, edit.format()), Doing.SET_SIZE));
        handlers.on(
                PieceEdit.SetCaptionStyle.class,
                (piece, edit) -> Outcome.of(captioned(piece, edit.captions()), Doing.SET_CAPTIONS));
        handlers.on(
                PieceEdit.SetEdges.class,
                (piece, edit) -> Outcome.of(piece.withStyles(piece.styles().withEdges(edit.edges())), Doing.SET_EDGES));
        handlers.on(
                PieceEdit.SetLanguage.class,
                (piece, edit) ->
                        Outcome.of(piece.withStyles(piece.styles().withLanguage(edit.language())), Doing.SET_LANGUAGE));
        handlers.on(
                PieceEdit.SetCutMarks.class,
                (piece, edit) ->
                        Outcome.of(piece.withStyles(piece.styles().withCutMarks(edit.marks())), Doing.SET_CUT_MARKS));
        handlers.on(
                PieceEdit.SetLight.class, (piece, edit) -> Outcome.of(withLight(piece, edit.light()), Doing.SET_LIGHT));
        handlers.on(PieceEdit.SetFolio.class, (piece, edit) -> {
            edit.folio().ifPresent(folio -> Named.checkTypeface(folio.typeface()));
            return Outcome.of(piece.withStyles(piece.styles().withFolio(edit.folio())), Doing.SET_FOLIO);
        });
        handlers.on(
                PieceEdit.SetCommonGround.class,
                (piece, edit) -> Outcome.of(
                        piece.withStyles(piece.styles()
                                .withGrounds(piece.styles().grounds().with(edit.pages(), edit.ground()))),
                        Doing.SET_GROUND));
    }

    /** In another size; an album's photos flow over its pages anew. */
    private Piece resized(Piece piece, Format format) {
        Piece changed = withFormat(piece, format);
        boolean sameSize = piece.format().width().equals(format.width())
                && piece.format().height().equals(format.height());
        return sameSize ? changed : AlbumFlow.anew(changed, facts, ids);
    }

    /** With captions of another look; where others have room now, an album's photos flow anew. */
    private Piece captioned(Piece piece, CaptionStyle captions) {
        Piece changed = withCaptions(piece, captions);
        return piece.styles().captions().show() == captions.show() ? changed : AlbumFlow.anew(changed, facts, ids);
    }

    private static Piece withLight(Piece piece, Light light) {
        return piece.withStyles(piece.styles().withLight(light));
    }

    public static Piece withCaptions(Piece piece, CaptionStyle captions) {
        Named.checkTypeface(captions.typeface());
        return piece.withStyles(piece.styles().withCaptions(captions));
    }

    /** The piece in another size; what lies freely and what was strewn goes along. */
    public static Piece withFormat(Piece piece, Format format) {
        checkFormat(format);
        Format before = piece.format();
        Piece changed = piece.withFormat(format);
        boolean sameSize =
                before.width().equals(format.width()) && before.height().equals(format.height());
        return sameSize ? changed : changed.mapPages(page -> scaled(page, before, format));
    }

    private static Page scaled(Page page, Format from, Format to) {
        Arrangement arrangement = page.arrangement();
        if (arrangement instanceof Scattered scattered) {
            arrangement = scattered.withPrints(scattered.prints().stream()
                    .map(print -> new Scattered.Print(FreeScale.scaled(print.box(), from, to), print.turnDegrees()))
                    .toList());
        }
        return page.with(
                arrangement, page.mapFrames(frame -> scaled(frame, from, to)).items());
    }

    private static Frame scaled(Frame frame, Format from, Format to) {
        double by = Math.min(
                to.width().mm() / from.width().mm(),
                to.height().mm() / from.height().mm());
        boolean locked = frame.look().locked();
        Frame worded = locked
                ? frame
                : frame.mapOwnWords(words -> words.withStyle(words.style().scaled(by)));
        return moved(worded, from, to);
    }

    private static Frame moved(Frame frame, Format from, Format to) {
        if (!(frame.placement() instanceof Placement.Free free)) {
            return frame;
        }
        return frame.withPlacement(frame.look().locked() ? FreeScale.kept(free, to) : FreeScale.scaled(free, from, to));
    }

    /** Refuses sizes and bleeds that no page can have. */
    public static void checkFormat(Format format) {
        checkSide(format, format.width(), "width", 0);
        checkSide(format, format.height(), "height", 1);
        if (format.bleed().isNegative() || format.bleed().compareTo(Format.MOST_BLEED) > 0) {
            throw EditRefusedException.of("bleed", Reason.BLEED, format.say(Format.MOST_BLEED));
        }
    }

    private static void checkSide(Format format, Length side, String field, int axis) {
        if (side.compareTo(Format.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
            throw EditRefusedException.of(
                    field, Reason.PAGE_SIDE, format.say(Format.SMALLEST), format.say(Format.LARGEST), axis);
        }
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
