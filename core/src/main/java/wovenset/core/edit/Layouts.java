package wovenset.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wovenset.core.arrange.GridSums;
import wovenset.core.measure.Length;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Edits that change sizes: format, grid, and what the dress takes from each cell. */
final class Layouts {
    private final Supplier<UUID> ids;

    Layouts(Supplier<UUID> ids) {
        this.ids = ids;
    }

    static Page emptyPage(Arrangement arrangement, Supplier<UUID> ids) {
        return new Page(ids.get(), arrangement, Stream.generate(() -> Frame.empty(ids.get())).limit(arrangement.places()).toList());
    }

    static Piece withFormat(Piece piece, Format format) {
        checkFormat(format);
        return piece.withFormat(format);
    }

    /** Refuses sizes and bleeds that no page can have. */
    static void checkFormat(Format format) {
        checkSide(format, format.width(), "width", "wide");
        checkSide(format, format.height(), "height", "high");
        if (format.bleed().isNegative() || format.bleed().compareTo(Format.MOST_BLEED) > 0) {
            throw new EditRefusedException("bleed", "A bleed lies between nothing and " + format.say(Format.MOST_BLEED) + ".");
        }
    }

    private static void checkSide(Format format, Length side, String field, String extent) {
        if (side.compareTo(Format.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
            throw new EditRefusedException(field, "A page is " + format.say(Format.SMALLEST) + " to "
                    + format.say(Format.LARGEST) + " " + extent + ".");
        }
    }

    static Piece withDress(Piece piece, Dress dress) {
        if (dress.borderWidth().isNegative() || dress.borderWidth().compareTo(Dress.MOST_BORDER) > 0) {
            throw new EditRefusedException("borderWidth", "A border lies between nothing and "
                    + piece.format().say(Dress.MOST_BORDER) + ".");
        }
        if (dress.cornerRadius().isNegative() || dress.cornerRadius().compareTo(Format.LARGEST) > 0) {
            throw new EditRefusedException("cornerRadius", "A corner's radius cannot be less than nothing.");
        }
        if (!wovenset.core.words.Typefaces.names().contains(dress.captions().typeface())) {
            throw new EditRefusedException("typeface", "Typefaces at hand: "
                    + String.join(", ", wovenset.core.words.Typefaces.names()) + ".");
        }
        return piece.withDress(dress);
    }

    Outcome setGrid(Piece piece, Edit.SetGrid edit) {
        if (edit.pageId() != null) {
            Edits.checkedPage(piece, edit.pageId());
        }
        Piece changed = piece.withPages(piece.pages().stream()
                .map(page -> edit.pageId() == null || page.id().equals(edit.pageId()) ? withGrid(page, edit.grid()) : page)
                .toList());
        return new Outcome(changed, "Change the grid");
    }

    Outcome sizeFromCells(Piece piece, Edit.SizeFromCells edit) {
        Edits.checkedPage(piece, edit.pageId());
        if (edit.grid().cell() == null) {
            throw new EditRefusedException("cell", "Give the cell's size first.");
        }
        GridSums.PageSize size = GridSums.page(edit.grid());
        Piece changed = piece.mapPage(edit.pageId(), page -> withGrid(page, edit.grid()));
        return new Outcome(withFormat(changed, changed.format().withSize(size.width(), size.height())), "Size the page from its cells");
    }

    private Page withGrid(Page page, Grid grid) {
        List<Frame> frames = new ArrayList<>(page.frames());
        for (int i = frames.size() - 1; i >= 0 && frames.size() > grid.places(); i--) {
            if (frames.get(i).photo() == null) {
                frames.remove(i);
            }
        }
        while (frames.size() > grid.places()) {
            frames.remove(frames.size() - 1);
        }
        while (frames.size() < grid.places()) {
            frames.add(Frame.empty(ids.get()));
        }
        return new Page(page.id(), grid, frames);
    }

    /** Puts an arrangement in a page's place, and its frames in the asked order. Empty frames that are not named go. */
    static Outcome arrange(Piece piece, Edit.Arrange edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        Map<UUID, Frame> frames = new LinkedHashMap<>();
        page.frames().forEach(frame -> frames.put(frame.id(), frame));
        List<Frame> ordered = new ArrayList<>();
        for (UUID id : edit.order()) {
            Frame frame = frames.remove(id);
            if (frame == null) {
                throw new EditRefusedException("order", "An order names frames of this page, each once.");
            }
            ordered.add(frame);
        }
        if (frames.values().stream().anyMatch(frame -> frame.photo() != null)) {
            throw new EditRefusedException("order", "An order names every frame that shows a photo.");
        }
        if (edit.arrangement().places() != ordered.size()) {
            throw new EditRefusedException("arrangement", "The arrangement has " + edit.arrangement().places() + " places for "
                    + ordered.size() + " frames.");
        }
        return new Outcome(piece.mapPage(page.id(), old -> new Page(old.id(), edit.arrangement(), ordered)), "Arrange the page");
    }
}
