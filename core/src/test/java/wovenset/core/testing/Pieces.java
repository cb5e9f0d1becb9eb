package wovenset.core.testing;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.geometry.Box;
import wovenset.core.item.Crop;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.StyleSheet;

/** Pieces for tests, built from plain millimetres. */
public final class Pieces {
    private Pieces() {}

    public static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    public static Format format(double widthMm, double heightMm) {
        return new Format(mm(widthMm), mm(heightMm), mm(3), LengthUnit.MM, Resolution.PRINT);
    }

    public static Grid grid(int rows, int columns, double marginMm, double gapMm) {
        return new Grid(rows, columns, Margins.all(mm(marginMm)), mm(gapMm), mm(gapMm), null);
    }

    /** The n-th made-up photo; the same n is the same photo. */
    public static PhotoId photo(int n) {
        return new PhotoId(String.format("%064x", n));
    }

    /** Identifiers that are the same in each run. */
    public static Supplier<UUID> ids() {
        int[] next = {0};
        return () -> UUID.nameUUIDFromBytes(("id " + next[0]++).getBytes(StandardCharsets.UTF_8));
    }

    /** Every photo is known, from 2:3 over a square to 3:2 and lighter with its number; its words are “words of” it. */
    /** From where every photo here goes on. */
    public static EdgeSources edgeSources() {
        return new EdgeSources(
                List.of(new EdgeSources.Source(0.3, 0)),
                List.of(new EdgeSources.Source(-0.3, 0)),
                List.of(new EdgeSources.Source(0, 0.3), new EdgeSources.Source(0.1, 0.4)),
                List.of(new EdgeSources.Source(0, -0.3)));
    }

    public static PhotoFacts facts() {
        return new PhotoFacts() {
            @Override
            public Optional<PixelSize> size(PhotoId photo) {
                return Optional.of(new PixelSize(new int[] {4000, 6000, 9000}[number(photo) % 3], 6000));
            }

            @Override
            public Optional<EdgeSources> edges(PhotoPixels pixels) {
                return Optional.of(edgeSources());
            }

            @Override
            public Optional<LabColour> colour(PhotoId photo) {
                return Optional.of(new LabColour(10.0 * number(photo), 0, 0));
            }

            @Override
            public String embeddedCaption(PhotoId photo) {
                return "words of " + number(photo);
            }
        };
    }

    /** No photo is known. */
    public static PhotoFacts noFacts() {
        return photo -> Optional.empty();
    }

    /** The n of a made-up photo. */
    public static int number(PhotoId photo) {
        return Integer.parseInt(photo.sha256().substring(56), 16);
    }

    /** A piece of so many pages of 300 × 200 mm with this grid and no captions, with empty frames. */
    public static Piece piece(Grid grid, int pages) {
        Supplier<UUID> ids = ids();
        UUID id = ids.get();
        StyleSheet styles = StyleSheet.plain(ids.get());
        return new Piece(
                id,
                "Kites",
                format(300, 200),
                styles.withCaptions(styles.captions().withShow(CaptionStyle.Show.NONE)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Entries.NONE,
                IntStream.range(0, pages)
                        .mapToObj(page -> page(grid, styles.usual().id(), ids))
                        .toList());
    }

    private static Page page(Grid grid, UUID style, Supplier<UUID> ids) {
        return Page.of(
                ids.get(),
                grid,
                IntStream.range(0, grid.slots())
                        .mapToObj(slot -> Frame.empty(ids.get(), new Placement.InSlot(slot), style))
                        .toList());
    }

    /** A piece of one page with as many cells in a row as photos, numbered from 1. */
    public static Piece row(int photos) {
        return placed(
                piece(grid(1, photos, 10, 5), 1),
                IntStream.rangeClosed(1, photos).toArray());
    }

    /** The piece with these photos in the frames of its first page, in the order of its slots; 0 for none. */
    public static Piece placed(Piece piece, int... photos) {
        Page page = first(piece);
        Piece now = applied(
                piece,
                new EntryEdit.AddPhotos(IntStream.of(photos)
                        .filter(n -> n > 0)
                        .mapToObj(Pieces::photo)
                        .toList()));
        for (int i = 0; i < photos.length; i++) {
            if (photos[i] > 0) {
                now = applied(
                        now,
                        new ArrangeEdit.PlaceEntry(
                                page.id(), page.slotted().get(i).id(), entry(now, photos[i])));
            }
        }
        return now;
    }

    /** The piece after these edits. */
    public static Piece applied(Piece piece, Edit... edits) {
        Piece now = piece;
        for (Edit edit : edits) {
            now = new Edits(facts(), UUID::randomUUID).apply(now, edit).piece();
        }
        return now;
    }

    public static Page first(Piece piece) {
        return piece.pages().get(0);
    }

    /** The n-th frame of the first page, from back to front. */
    public static UUID frame(Piece piece, int n) {
        return first(piece).frames().get(n).id();
    }

    public static List<UUID> frames(Piece piece) {
        return first(piece).frames().stream().map(Frame::id).toList();
    }

    /** The entry of the n-th made-up photo. */
    public static UUID entry(Piece piece, int n) {
        return piece.entries().of(photo(n)).orElseThrow().id();
    }

    /** The numbers of the photos in all frames of all pages, from back to front; 0 for an empty frame. */
    public static List<Integer> shown(Piece piece) {
        return piece.pages().stream()
                .flatMap(page -> page.frames().stream().map(frame -> piece.entryOf(page, frame)
                        .map(entry -> number(entry.photo()))
                        .orElse(0)))
                .toList();
    }

    public static Placement.Free free(double x, double y, double width, double height) {
        return free(x, y, width, height, 0);
    }

    public static Placement.Free free(double x, double y, double width, double height, double turn) {
        return new Placement.Free(new Box(mm(x), mm(y), mm(width), mm(height)), turn);
    }

    /** The edit that changes something about these frames of the first page. */
    public static Edit patch(Piece piece, ItemChange change, UUID... items) {
        return new ItemEdit.PatchItems(first(piece).id(), List.of(items), change);
    }

    /** The edit that puts a frame of the first page in a place of its own. */
    public static Edit move(Piece piece, UUID frame, Placement.Free to) {
        return new ItemEdit.MoveItems(first(piece).id(), List.of(new ItemEdit.ItemMove(frame, to)));
    }

    /** The first page cut as the tree says, for its photos in their order. */
    public static Piece cut(Piece piece, String tree, boolean whole) {
        Slicing slicing = new Slicing(Margins.all(mm(10)), mm(4), whole, SlicingTree.parse(tree));
        List<UUID> order = first(piece).slotted().stream().map(Frame::id).toList();
        return applied(piece, new ArrangeEdit.Arrange(first(piece).id(), slicing, order));
    }

    /** The piece with inner bands of this width around its frames. */
    public static Piece bordered(Piece piece, double widthMm) {
        FrameStyle usual = piece.styles().usual();
        return piece.withStyles(piece.styles().with(usual.withBand(0, band -> band.withWidth(mm(widthMm)))));
    }

    public static Crop crop(double focusX, double focusY, double zoom, double turn) {
        return new Crop(focusX, focusY, zoom, turn, false, Crop.Fit.FILL, Crop.Aim.HAND);
    }
}
