package wovenset.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Applies edits to pieces. */
public final class Edits {
    static final int LONGEST_CAPTION = 500;
    static final int MOST_PAGES = 400;

    private final PhotoFacts photos;
    private final Supplier<UUID> ids;

    /**
     * @param photos looks up stored photos
     * @param ids gives a new identifier for each page and frame that an edit makes
     */
    public Edits(PhotoFacts photos, Supplier<UUID> ids) {
        this.photos = photos;
        this.ids = ids;
    }

    /**
     * The piece after the edit. The given piece is not changed.
     *
     * @throws EditRefusedException if the edit cannot be made on this piece
     */
    public Outcome apply(Piece piece, Edit edit) {
        Outcome outcome = applied(piece, edit);
        PlaceCheck.changed(piece, outcome.piece(), photos);
        return outcome;
    }

    private Outcome applied(Piece piece, Edit edit) {
        if (edit instanceof Edit.RenamePiece rename) {
            return new Outcome(piece.withName(checkedName(rename.name())), "Rename the piece");
        } else if (edit instanceof Edit.SetFormat set) {
            return new Outcome(Layouts.withFormat(piece, set.format()), "Change the size");
        } else if (edit instanceof Edit.SetDress set) {
            return new Outcome(Layouts.withDress(piece, set.dress()), "Change the dress");
        } else if (edit instanceof Edit.SetGrid set) {
            return layouts().setGrid(piece, set);
        } else if (edit instanceof Edit.FillWithCells fill) {
            return layouts().fillWithCells(piece, fill);
        } else if (edit instanceof Edit.JoinCells join) {
            return new JoinedCells(ids).join(piece, join);
        } else if (edit instanceof Edit.PartCells part) {
            return new JoinedCells(ids).part(piece, part);
        } else if (edit instanceof Edit.Arrange arrange) {
            return layouts().arrange(piece, arrange);
        } else if (edit instanceof Edit.Harmonise harmonise) {
            return Harmonising.apply(piece, harmonise, photos);
        } else if (edit instanceof Edit.ApplyPattern apply) {
            return new PatternUse(ids).apply(piece, apply);
        } else if (edit instanceof Edit.SizeFromCells size) {
            return layouts().sizeFromCells(piece, size);
        } else if (edit instanceof Edit.AddPhotos add) {
            return gathering().add(piece, add.photos());
        } else if (edit instanceof Edit.RemovePhotos remove) {
            return gathering().remove(piece, remove.photos());
        } else if (edit instanceof Edit.OrderPhotos order) {
            return gathering().order(piece, order.photos());
        } else if (edit instanceof Edit.SetSubject set) {
            return gathering().subject(piece, set);
        } else if (edit instanceof Edit.FlowPhotos) {
            return gathering().flow(piece);
        }
        return edit instanceof Edit.OfFrames ofFrames
                ? new FreeFrames(photos, ids).apply(piece, ofFrames)
                : pageOrFrame(piece, edit);
    }

    private Outcome pageOrFrame(Piece piece, Edit edit) {
        if (edit instanceof Edit.PlacePhoto place) {
            String words = photos.embeddedCaption(place.photo())
                    .orElseThrow(() -> new EditRefusedException("photo", "This photo is not stored here."));
            Piece with = piece.photos().contains(place.photo())
                    ? piece
                    : gathering().add(piece, List.of(place.photo())).piece();
            return frame(
                    with,
                    place.pageId(),
                    place.frameId(),
                    frame -> frame.withPhoto(place.photo(), words),
                    "Place a photo");
        } else if (edit instanceof Edit.EmptyFrame empty) {
            return frame(piece, empty.pageId(), empty.frameId(), frame -> frame.withPhoto(null, ""), "Empty a frame");
        } else if (edit instanceof Edit.SwapFrames swap) {
            return swap(piece, swap);
        } else if (edit instanceof Edit.SetCrop set) {
            return frame(piece, set.pageId(), set.frameId(), frame -> frame.withCrop(set.crop()), "Change a crop");
        } else if (edit instanceof Edit.SetCaption set) {
            String words = checkedCaption(set.caption());
            return frame(piece, set.pageId(), set.frameId(), frame -> frame.withCaption(words), "Write a caption");
        } else if (edit instanceof Edit.SetMarks set) {
            return frame(piece, set.pageId(), set.frameId(), frame -> frame.withMarks(set.marks()), "Mark a photo");
        } else if (edit instanceof Edit.AddPage add) {
            return addPage(piece, add.afterPageId());
        } else if (edit instanceof Edit.CopyPage copy) {
            return copyPage(piece, copy.pageId());
        } else if (edit instanceof Edit.DeletePage delete) {
            return deletePage(piece, delete.pageId());
        } else if (edit instanceof Edit.MovePage move) {
            return movePage(piece, move);
        }
        throw new IllegalStateException("No rule for " + edit.getClass().getSimpleName());
    }

    private Layouts layouts() {
        return new Layouts(ids);
    }

    private Gathering gathering() {
        return new Gathering(photos, ids);
    }

    /** A name for a piece: not blank, not too long, without control characters. */
    public static String checkedName(String name) {
        String trimmed = name.strip();
        if (trimmed.isEmpty()) {
            throw new EditRefusedException("name", "A piece needs a name.");
        }
        if (trimmed.codePointCount(0, trimmed.length()) > Piece.LONGEST_NAME) {
            throw new EditRefusedException("name", "A name has at most " + Piece.LONGEST_NAME + " characters.");
        }
        if (trimmed.codePoints().anyMatch(Character::isISOControl)) {
            throw new EditRefusedException("name", "A name is one line of text.");
        }
        return trimmed;
    }

    static String checkedCaption(String caption) {
        String words = caption.strip();
        if (words.codePointCount(0, words.length()) > LONGEST_CAPTION) {
            throw new EditRefusedException("caption", "A caption has at most " + LONGEST_CAPTION + " characters.");
        }
        return words;
    }

    static Page checkedPage(Piece piece, UUID pageId) {
        return piece.page(pageId)
                .orElseThrow(() -> new EditRefusedException("pageId", "This page is no longer in the piece."));
    }

    private static Frame checkedFrame(Piece piece, UUID pageId, UUID frameId) {
        return checkedPage(piece, pageId).frames().stream()
                .filter(frame -> frame.id().equals(frameId))
                .findFirst()
                .orElseThrow(() -> new EditRefusedException("frameId", "This frame is no longer on the page."));
    }

    private static Outcome frame(
            Piece piece, UUID pageId, UUID frameId, java.util.function.UnaryOperator<Frame> change, String name) {
        checkedFrame(piece, pageId, frameId);
        return new Outcome(piece.mapPage(pageId, page -> page.mapFrame(frameId, change)), name);
    }

    private static Outcome swap(Piece piece, Edit.SwapFrames swap) {
        Frame one = checkedFrame(piece, swap.pageId(), swap.frameId());
        Frame other = checkedFrame(piece, swap.otherPageId(), swap.otherFrameId());
        Piece swapped = piece.mapPage(
                        swap.pageId(), page -> page.mapFrame(one.id(), frame -> frame.withContentOf(other)))
                .mapPage(swap.otherPageId(), page -> page.mapFrame(other.id(), frame -> frame.withContentOf(one)));
        return new Outcome(swapped, "Swap two frames");
    }

    private Outcome addPage(Piece piece, UUID after) {
        Page neighbour = checkedPage(piece, after);
        return insert(piece, piece.indexOf(after) + 1, Layouts.emptyLike(neighbour, ids), "Add a page");
    }

    private Outcome copyPage(Piece piece, UUID pageId) {
        Page source = checkedPage(piece, pageId);
        List<Frame> frames =
                source.frames().stream().map(frame -> frame.withId(ids.get())).toList();
        return insert(
                piece,
                piece.indexOf(pageId) + 1,
                new Page(ids.get(), source.arrangement(), frames, source.guides()),
                "Copy a page");
    }

    private static Outcome insert(Piece piece, int index, Page page, String name) {
        if (piece.pages().size() >= MOST_PAGES) {
            throw new EditRefusedException("pages", "A piece has at most " + MOST_PAGES + " pages.");
        }
        List<Page> pages = new ArrayList<>(piece.pages());
        pages.add(index, page);
        return new Outcome(piece.withPages(pages), name);
    }

    private static Outcome deletePage(Piece piece, UUID pageId) {
        checkedPage(piece, pageId);
        if (piece.pages().size() == 1) {
            throw new EditRefusedException("pageId", "A piece keeps at least one page; empty this one instead.");
        }
        return new Outcome(
                piece.withPages(piece.pages().stream()
                        .filter(page -> !page.id().equals(pageId))
                        .toList()),
                "Delete a page");
    }

    private static Outcome movePage(Piece piece, Edit.MovePage move) {
        Page page = checkedPage(piece, move.pageId());
        if (move.index() < 0 || move.index() >= piece.pages().size()) {
            throw new EditRefusedException(
                    "index", "There are places 1 to " + piece.pages().size() + ".");
        }
        List<Page> pages = new ArrayList<>(piece.pages());
        pages.remove(page);
        pages.add(move.index(), page);
        return new Outcome(piece.withPages(pages), "Move a page");
    }
}
