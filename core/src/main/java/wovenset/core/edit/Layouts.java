package wovenset.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wovenset.core.arrange.GridSums;
import wovenset.core.arrange.SpotScale;
import wovenset.core.measure.Length;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Border;
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
        return Page.of(
                ids.get(),
                arrangement,
                Stream.generate(() -> Frame.empty(ids.get()))
                        .limit(arrangement.places())
                        .toList());
    }

    /** A page whose frames lie as on this one, all empty. */
    static Page emptyLike(Page page, Supplier<UUID> ids) {
        return new Page(
                ids.get(),
                page.arrangement(),
                page.frames().stream()
                        .map(frame ->
                                Frame.empty(ids.get()).withSpot(frame.spot()).withBorder(frame.border()))
                        .toList(),
                page.guides());
    }

    static Piece withFormat(Piece piece, Format format) {
        checkFormat(format);
        Format before = piece.format();
        if (before.width().equals(format.width()) && before.height().equals(format.height())) {
            return piece.withFormat(format);
        }
        return piece.withFormat(format)
                .withPages(piece.pages().stream()
                        .map(page -> page.mapFrames(frame -> frame.spot() == null
                                ? frame
                                : frame.withSpot(SpotScale.scaled(frame.spot(), before, format))))
                        .toList());
    }

    /** Refuses sizes and bleeds that no page can have. */
    static void checkFormat(Format format) {
        checkSide(format, format.width(), "width", "wide");
        checkSide(format, format.height(), "height", "high");
        if (format.bleed().isNegative() || format.bleed().compareTo(Format.MOST_BLEED) > 0) {
            throw new EditRefusedException(
                    "bleed", "A bleed lies between nothing and " + format.say(Format.MOST_BLEED) + ".");
        }
    }

    private static void checkSide(Format format, Length side, String field, String extent) {
        if (side.compareTo(Format.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
            throw new EditRefusedException(
                    field,
                    "A page is " + format.say(Format.SMALLEST) + " to " + format.say(Format.LARGEST) + " " + extent
                            + ".");
        }
    }

    static Piece withDress(Piece piece, Dress dress) {
        checkBorder(piece.format(), dress.border());
        if (!wovenset.core.words.Typefaces.names().contains(dress.captions().typeface())) {
            throw new EditRefusedException(
                    "typeface", "Typefaces at hand: " + String.join(", ", wovenset.core.words.Typefaces.names()) + ".");
        }
        return piece.withDress(dress);
    }

    /** Refuses borders that no frame can have. */
    static void checkBorder(Format format, Border border) {
        if (border.width().isNegative() || border.width().compareTo(Border.WIDEST) > 0) {
            throw new EditRefusedException(
                    "borderWidth", "A border lies between nothing and " + format.say(Border.WIDEST) + ".");
        }
        if (border.radius().isNegative() || border.radius().compareTo(Format.LARGEST) > 0) {
            throw new EditRefusedException("cornerRadius", "A corner's radius cannot be less than nothing.");
        }
    }

    Outcome setGrid(Piece piece, Edit.SetGrid edit) {
        if (edit.pageId() != null) {
            Edits.checkedPage(piece, edit.pageId());
        }
        Piece changed = piece.withPages(piece.pages().stream()
                .map(page ->
                        edit.pageId() == null || page.id().equals(edit.pageId()) ? withGrid(page, edit.grid()) : page)
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
        return new Outcome(
                withFormat(changed, changed.format().withSize(size.width(), size.height())),
                "Size the page from its cells");
    }

    Outcome fillWithCells(Piece piece, Edit.FillWithCells edit) {
        Edits.checkedPage(piece, edit.pageId());
        if (edit.grid().cell() == null) {
            throw new EditRefusedException("cell", "Give the cell's size first.");
        }
        Grid grid = GridSums.most(piece.format(), edit.grid(), edit.mayTurn());
        return new Outcome(piece.mapPage(edit.pageId(), page -> withGrid(page, grid)), "Fill the page with cells");
    }

    private Page withGrid(Page page, Grid grid) {
        List<Frame> frames = new ArrayList<>(page.frames());
        for (boolean filled : List.of(false, true)) {
            for (int i = frames.size() - 1; i >= 0 && governed(frames) > grid.places(); i--) {
                if (frames.get(i).spot() == null && (frames.get(i).photo() != null) == filled) {
                    frames.remove(i);
                }
            }
        }
        return page.with(grid, padded(frames, grid));
    }

    private static long governed(List<Frame> frames) {
        return frames.stream().filter(frame -> frame.spot() == null).count();
    }

    /** With an empty frame for each place that has none. */
    private List<Frame> padded(List<Frame> frames, Arrangement arrangement) {
        List<Frame> all = new ArrayList<>(frames);
        for (long have = governed(frames); have < arrangement.places(); have++) {
            all.add(Frame.empty(ids.get()));
        }
        return all;
    }

    /** Puts an arrangement in a page's place, and its frames in the asked order. Empty frames that are not named go. */
    Outcome arrange(Piece piece, Edit.Arrange edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        Map<UUID, Frame> frames = new LinkedHashMap<>();
        page.frames().forEach(frame -> frames.put(frame.id(), frame));
        List<Frame> ordered = new ArrayList<>();
        for (UUID id : edit.order()) {
            Frame frame = frames.remove(id);
            if (frame == null) {
                throw new EditRefusedException("order", "An order names frames of this page, each once.");
            }
            ordered.add(frame.withSpot(null));
        }
        if (frames.values().stream().anyMatch(frame -> frame.photo() != null && frame.spot() == null)) {
            throw new EditRefusedException(
                    "order", "An order names every frame that the arrangement places and that shows a photo.");
        }
        if (edit.arrangement() instanceof Grid grid && grid.places() > ordered.size()) {
            ordered = padded(ordered, grid);
        }
        if (edit.arrangement().places() != ordered.size()) {
            throw new EditRefusedException(
                    "arrangement",
                    "The arrangement has " + edit.arrangement().places() + " places for " + ordered.size()
                            + " frames.");
        }
        frames.values().stream().filter(frame -> frame.spot() != null).forEach(ordered::add);
        List<Frame> all = ordered;
        return new Outcome(piece.mapPage(page.id(), old -> old.with(edit.arrangement(), all)), "Arrange the page");
    }
}
