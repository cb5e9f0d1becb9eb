package wovenset.core.testing;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.Edit;
import wovenset.core.edit.Edits;
import wovenset.core.edit.PhotoFacts;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.piece.CaptionStyle;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;

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

    /** Every photo is known; its embedded words are “words of” and its number. */
    public static PhotoFacts facts() {
        return new PhotoFacts() {
            @Override
            public Optional<String> embeddedCaption(PhotoId photo) {
                return Optional.of("words of " + number(photo));
            }

            /** From 2:3 over a square to 3:2, by the photo's number. */
            @Override
            public OptionalDouble proportion(PhotoId photo) {
                return OptionalDouble.of(new double[] {2 / 3.0, 1, 1.5}[(int) (number(photo) % 3)]);
            }
        };
    }

    /** No photo is known. */
    public static PhotoFacts noFacts() {
        return new PhotoFacts() {
            @Override
            public Optional<String> embeddedCaption(PhotoId photo) {
                return Optional.empty();
            }

            @Override
            public OptionalDouble proportion(PhotoId photo) {
                return OptionalDouble.empty();
            }
        };
    }

    private static long number(PhotoId photo) {
        return Long.parseLong(photo.sha256().substring(48), 16);
    }

    /** A piece of so many pages of 300 × 200 mm with this grid and no captions, with empty frames. */
    public static Piece piece(Grid grid, int pages) {
        Supplier<UUID> ids = ids();
        return new Piece(
                ids.get(),
                "Kites",
                format(300, 200),
                withoutCaptions(Dress.PLAIN),
                List.of(),
                java.util.stream.IntStream.range(0, pages)
                        .mapToObj(page -> page(grid, ids))
                        .toList(),
                List.of());
    }

    private static Page page(Grid grid, Supplier<UUID> ids) {
        return Page.of(
                ids.get(),
                grid,
                java.util.stream.Stream.generate(() -> Frame.empty(ids.get()))
                        .limit(grid.places())
                        .toList());
    }

    public static Dress withoutCaptions(Dress dress) {
        CaptionStyle captions = dress.captions();
        return new Dress(
                dress.pageColour(),
                dress.borderColour(),
                dress.borderWidth(),
                dress.cornerRadius(),
                new CaptionStyle(
                        CaptionStyle.Show.NONE,
                        captions.typeface(),
                        captions.sizePt(),
                        captions.colour(),
                        captions.lines()));
    }

    /** The piece with these photos in the frames of its first page, in reading order. */
    public static Piece placed(Piece piece, PhotoId... photos) {
        Page page = piece.pages().get(0);
        Edits edits = new Edits(facts(), UUID::randomUUID);
        for (int i = 0; i < photos.length; i++) {
            piece = edits.apply(
                            piece,
                            new Edit.PlacePhoto(page.id(), page.frames().get(i).id(), photos[i]))
                    .piece();
        }
        return piece;
    }

    public static Crop crop(double focusX, double focusY, double zoom, double turn) {
        return new Crop(focusX, focusY, zoom, turn, false, Crop.Fit.FILL, Crop.Aim.HAND);
    }
}
