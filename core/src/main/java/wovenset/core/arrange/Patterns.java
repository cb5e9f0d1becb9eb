package wovenset.core.arrange;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Free;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.Pattern;
import wovenset.core.piece.Pattern.PatternFrame;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Scattered;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;
import wovenset.core.piece.SlicingTree.Cut;
import wovenset.core.piece.SlicingTree.Leaf;
import wovenset.core.piece.Spot;
import wovenset.core.piece.Track;

/**
 * Makes patterns of pages, and fits them to pages of another size: margins, gaps and fixed measures by s = min(W′/W, H′/H), frames
 * with a place of their own by {@link SpotScale}. Cost: linear in the frames.
 */
public final class Patterns {
    private Patterns() {}

    /** The page without photos. Where places follow from photos, they keep the proportions that they have now. */
    public static Pattern of(String name, Piece piece, Page page, PhotoTraits traits) {
        Arrangement arrangement = page.arrangement();
        if (arrangement instanceof Slicing slicing
                && Places.of(piece, page, traits) instanceof PlacesOutcome.Fits fits) {
            List<Double> proportions = new ArrayList<>();
            for (int i = 0; i < page.frames().size(); i++) {
                if (page.frames().get(i).spot() == null) {
                    var cell = fits.places().get(i).cell();
                    FrameTrim trim = FrameTrim.of(piece.dress(), page.frames().get(i));
                    proportions.add((cell.width() - trim.across()) / (cell.height() - trim.down()));
                }
            }
            arrangement = slicing.withTree(kept(slicing.tree(), proportions.iterator()));
        }
        return new Pattern(
                name,
                piece.format().width(),
                piece.format().height(),
                arrangement,
                page.frames().stream()
                        .map(frame -> new PatternFrame(frame.spot(), frame.border()))
                        .toList(),
                piece.dress());
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

    /** The pattern as it is on a page of this format. */
    public static Pattern fitted(Pattern pattern, Format format) {
        Format own = format.withSize(pattern.width(), pattern.height());
        double scale = Math.min(
                format.width().mm() / pattern.width().mm(),
                format.height().mm() / pattern.height().mm());
        List<PatternFrame> frames = pattern.frames().stream()
                .map(frame -> frame.spot() == null
                        ? frame
                        : new PatternFrame(unlocked(frame.spot(), own, format), frame.border()))
                .toList();
        return new Pattern(
                pattern.name(),
                format.width(),
                format.height(),
                scaled(pattern.arrangement(), scale),
                frames,
                pattern.dress());
    }

    private static Spot unlocked(Spot spot, Format from, Format to) {
        Spot scaled = SpotScale.scaled(
                new Spot(spot.x(), spot.y(), spot.width(), spot.height(), spot.turnDegrees(), false, spot.group()),
                from,
                to);
        return new Spot(
                scaled.x(),
                scaled.y(),
                scaled.width(),
                scaled.height(),
                scaled.turnDegrees(),
                spot.locked(),
                scaled.group());
    }

    private static Arrangement scaled(Arrangement arrangement, double scale) {
        Margins old = arrangement.margins();
        Margins margins = new Margins(
                times(old.top(), scale),
                times(old.right(), scale),
                times(old.bottom(), scale),
                times(old.left(), scale));
        if (arrangement instanceof Grid grid) {
            Grid.CellSize cell = grid.cell() == null
                    ? null
                    : new Grid.CellSize(
                            times(grid.cell().width(), scale), times(grid.cell().height(), scale));
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
        } else if (arrangement instanceof Slicing slicing) {
            return new Slicing(margins, times(slicing.gap(), scale), slicing.whole(), slicing.tree());
        } else if (arrangement instanceof Scattered scattered) {
            return scattered.withPrints(scattered.prints()).withMargins(margins);
        }
        return new Free(margins);
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
        List<Frame> frames = new ArrayList<>();
        for (PatternFrame frame : pattern.frames()) {
            PhotoId photo = new PhotoId(String.format("%064x", frames.size()));
            frames.add(Frame.empty(new UUID(0, frames.size()))
                    .withPhoto(photo, "")
                    .withSpot(frame.spot())
                    .withBorder(frame.border()));
        }
        Format format = new Format(pattern.width(), pattern.height(), Length.ZERO, LengthUnit.MM, Resolution.PRINT);
        Page page = Page.of(new UUID(1, 0), pattern.arrangement(), frames);
        Piece piece =
                new Piece(new UUID(2, 0), pattern.name(), format, pattern.dress(), List.of(), List.of(page), List.of());
        PlacesOutcome outcome =
                Places.of(piece, page, photo -> OptionalDouble.of(photo.sha256().charAt(63) % 2 == 0 ? 1.5 : 0.75));
        return outcome instanceof PlacesOutcome.Fits fits ? fits.places() : List.of();
    }
}
