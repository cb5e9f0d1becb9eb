package wovenset.core.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.free.FreeScale;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.Track;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.style.Ground;

/**
 * Makes patterns of pages, and fits them to pages of another size: margins, gaps and fixed measures by s = min(W′/W, H′/H), frames
 * with a place of their own and prints by {@link FreeScale}. Cost: linear in the frames.
 */
public final class Patterns {
    private Patterns() {}

    /** The page without photos; its words stay. Where places follow from photos, they keep the proportions that they have now. */
    public static Pattern of(String name, Piece piece, Page page, PhotoFacts facts) {
        Arrangement arrangement = page.arrangement();
        if (arrangement instanceof Slicing slicing
                && Places.of(piece, page, facts) instanceof PlacesOutcome.Fits fits) {
            List<Double> proportions = new ArrayList<>();
            List<Frame> slotted = page.slotted();
            List<FrameTrim> trims = Places.trims(piece, page, slotted);
            for (int slot = 0; slot < slotted.size(); slot++) {
                BoxMm picture = fits.of(slotted.get(slot).id())
                        .box()
                        .inset(trims.get(slot).insideMm());
                proportions.add(picture.width() / picture.height());
            }
            arrangement = slicing.withTree(kept(slicing.tree(), proportions.iterator()));
        }
        Page empty = page.with(
                        arrangement,
                        Items.mapFrames(
                                page.items(),
                                frame -> Optional.of(frame.isForPhotos() ? frame.emptied(frame.id()) : frame)))
                .withFlow(Page.Flow.BY_HAND);
        return new Pattern(name, piece.format().width(), piece.format().height(), withoutPhotos(empty), piece.styles());
    }

    private static Page withoutPhotos(Page page) {
        Page bare = page.ground() instanceof Ground.Pictured ? page.withGround(new Ground.Common()) : page;
        return bare.withPictures(List.of());
    }

    private static SlicingTree kept(SlicingTree tree, Iterator<Double> proportions) {
        if (tree instanceof Cut cut) {
            List<SlicingTree> parts = new ArrayList<>();
            cut.parts().forEach(part -> parts.add(kept(part, proportions)));
            return new Cut(cut.way(), parts);
        }
        double proportion = Math.min(50, Math.max(0.02, proportions.next()));
        return new Leaf(Math.round(proportion * 10_000) / 10_000.0);
    }

    /** The pattern as it is on a page of this format, with new names for all that is on it. */
    public static Pattern fitted(Pattern pattern, Format format, Supplier<UUID> ids) {
        Format own = format.withSize(pattern.width(), pattern.height());
        double scale = Math.min(
                format.width().mm() / pattern.width().mm(),
                format.height().mm() / pattern.height().mm());
        Page page = pattern.page();
        Page fitted = page.with(
                scaled(page.arrangement(), scale, own, format),
                Items.mapFrames(
                        page.items(), frame -> Optional.of(scaled(frame.withId(ids.get()), scale, own, format))));
        return new Pattern(pattern.name(), format.width(), format.height(), fitted, pattern.styles());
    }

    /** A page as it is on pages of another size. */
    public static Page scaled(Page page, Format from, Format to) {
        double scale = Math.min(
                to.width().mm() / from.width().mm(),
                to.height().mm() / from.height().mm());
        if (from.width().equals(to.width()) && from.height().equals(to.height())) {
            return page;
        }
        return page.with(
                        scaled(page.arrangement(), scale, from, to),
                        Items.mapFrames(page.items(), frame -> Optional.of(scaled(frame, scale, from, to))))
                .withGuides(List.of())
                .withPictures(page.pictures().stream()
                        .map(picture -> new SharedPicture(
                                picture.id(), picture.entry(), FreeScale.scaled(picture.box(), from, to)))
                        .toList());
    }

    private static Frame scaled(Frame frame, double scale, Format from, Format to) {
        Frame worded = frame.mapOwnWords(words -> words.withStyle(words.style().scaled(scale)));
        return worded.placement() instanceof Placement.Free free
                ? worded.withPlacement(FreeScale.scaled(free, from, to))
                : worded;
    }

    private static Arrangement scaled(Arrangement arrangement, double scale, Format from, Format to) {
        Margins old = arrangement.margins();
        Margins margins = new Margins(
                times(old.top(), scale),
                times(old.right(), scale),
                times(old.bottom(), scale),
                times(old.left(), scale));
        return arrangement.accept(new Arrangement.Visitor<>() {
            @Override
            public Arrangement grid(Grid grid) {
                Grid.CellSize cell = grid.cell() == null
                        ? null
                        : new Grid.CellSize(
                                times(grid.cell().width(), scale),
                                times(grid.cell().height(), scale));
                return new Grid(
                        grid.rows(),
                        grid.columns(),
                        margins,
                        times(grid.columnGap(), scale),
                        times(grid.rowGap(), scale),
                        cell,
                        tracks(grid.columnTracks(), scale),
                        tracks(grid.rowTracks(), scale),
                        grid.spans(),
                        grid.order());
            }

            @Override
            public Arrangement slicing(Slicing slicing) {
                return new Slicing(margins, times(slicing.gap(), scale), slicing.whole(), slicing.tree());
            }

            @Override
            public Arrangement scattered(Scattered scattered) {
                return new Scattered(
                        margins,
                        scattered.recipe(),
                        scattered.prints().stream()
                                .map(print -> new Scattered.Print(
                                        FreeScale.scaled(print.box(), from, to), print.turnDegrees()))
                                .toList());
            }

            @Override
            public Arrangement silhouette(Silhouette silhouette) {
                return silhouette.withMargins(margins).withGap(times(silhouette.gap(), scale));
            }

            @Override
            public Arrangement byHand(ByHand byHand) {
                return new ByHand(margins);
            }
        });
    }

    private static @Nullable List<Track> tracks(@Nullable List<Track> tracks, double scale) {
        return tracks == null
                ? null
                : tracks.stream()
                        .map(track -> track.length() == null ? track : Track.fixed(times(track.length(), scale)))
                        .toList();
    }

    private static Length times(Length length, double scale) {
        return Length.ofMm(length.mm() * scale);
    }

    /** Where a pattern's frames lie on its own page with made-up photos, wide and upright in turn; nothing if they do not fit. */
    public static List<Place> sketch(Pattern pattern) {
        Map<UUID, Entry> entries = new HashMap<>();
        Page page = pattern.page().mapFrames(frame -> {
            if (!frame.isForPhotos()) {
                return frame;
            }
            Entry entry = Entry.of(frame.id(), new PhotoId(String.format("%064x", entries.size())), "");
            entries.put(entry.id(), entry);
            return frame.withFill(new Fill.OwnPhoto(entry.id(), Crop.CENTRED));
        });
        Format format = new Format(pattern.width(), pattern.height(), Length.ZERO, LengthUnit.MM, Resolution.PRINT);
        Piece piece = new Piece(
                new UUID(2, 0),
                pattern.name(),
                format,
                pattern.styles(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Entries.of(List.copyOf(entries.values())),
                List.of(page));
        PlacesOutcome outcome = Places.of(piece, page, madeUp());
        return outcome instanceof PlacesOutcome.Fits fits
                ? page.frames().stream().map(frame -> fits.of(frame.id())).toList()
                : List.of();
    }

    private static PhotoFacts madeUp() {
        PixelSize wide = new PixelSize(1500, 1000);
        PixelSize upright = new PixelSize(750, 1000);
        return photo -> Optional.of(photo.sha256().charAt(63) % 2 == 0 ? wide : upright);
    }
}
