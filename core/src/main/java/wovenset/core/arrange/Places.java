package wovenset.core.arrange;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Region;
import wovenset.core.piece.Scattered;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.Spot;

/** Where the frames of a page lie, whatever arranges them. Cost: linear in the frames. */
public final class Places {
    private Places() {}

    /**
     * @param piece that the page is in, or would be
     * @param traits of the photos that it shows
     */
    public static PlacesOutcome of(Piece piece, Page page, PhotoTraits traits) {
        Format format = piece.format();
        Dress dress = piece.dress();
        PlacesOutcome governed = governed(piece, page.arrangement(), page.governed(), traits);
        if (!(governed instanceof PlacesOutcome.Fits fits)) {
            return governed;
        }
        Iterator<Place> next = fits.places().iterator();
        List<Place> places = new ArrayList<>();
        for (Frame frame : page.frames()) {
            Spot spot = frame.spot();
            FrameTrim trim = FrameTrim.of(dress, frame);
            if (spot != null
                    && Math.min(spot.width().mm(), spot.height().mm()) - trim.across() < SlicingSums.SMALLEST_MM / 2) {
                return new PlacesOutcome.DoesNotFit(
                        "borderWidth",
                        "A frame of " + format.say(spot.width()) + " × " + format.say(spot.height())
                                + " has no room for a photo inside this border.");
            }
            places.add(spot == null ? next.next() : Place.of(spot, trim));
        }
        return new PlacesOutcome.Fits(places);
    }

    private static PlacesOutcome governed(
            Piece piece, Arrangement arrangement, List<Frame> frames, PhotoTraits traits) {
        Format format = piece.format();
        Dress dress = piece.dress();
        if (arrangement instanceof Grid grid) {
            return of(format, dress, grid, frames);
        } else if (arrangement instanceof Slicing slicing) {
            return of(
                    format,
                    dress,
                    slicing,
                    frames,
                    frames.stream().map(traits::shown).toList());
        }
        PlacesOutcome.DoesNotFit problem = marginProblem(format, arrangement.margins());
        if (problem == null && arrangement instanceof Scattered scattered && scattered.prints() > 0) {
            return of(piece, scattered, frames, traits);
        }
        return problem == null ? new PlacesOutcome.Fits(List.of()) : problem;
    }

    private static PlacesOutcome of(Piece piece, Scattered scattered, List<Frame> frames, PhotoTraits traits) {
        // Places that hold no print are strewn like the others, and then left out.
        List<Frame> all = new ArrayList<>(frames);
        List<Double> proportions =
                new ArrayList<>(frames.stream().map(traits::shown).toList());
        List<Region> subjects = new ArrayList<>(
                frames.stream().map(frame -> traits.subject(piece, frame)).toList());
        for (Scattered.Vacancy vacancy : scattered.vacancies()) {
            all.add(vacancy.at(), Frame.empty(new UUID(0, vacancy.at())).withBorder(vacancy.border()));
            proportions.add(vacancy.at(), vacancy.proportion());
            subjects.add(vacancy.at(), vacancy.subject());
        }
        Space space = Space.of(piece.format(), piece.dress(), scattered.margins(), Length.ZERO, all);
        List<Place> places = Scatter.places(scattered, proportions, subjects, space);
        return places.isEmpty()
                ? noRoomAtAll(space.widestTrim(), frames.size())
                : new PlacesOutcome.Fits(IntStream.range(0, frames.size())
                        .mapToObj(print -> places.get(scattered.placeOf(print)))
                        .toList());
    }

    private static PlacesOutcome of(Format format, Dress dress, Grid grid, List<Frame> frames) {
        GridOutcome outcome = GridSums.cells(format, grid);
        if (outcome instanceof GridOutcome.DoesNotFit problem) {
            return new PlacesOutcome.DoesNotFit(problem.field(), problem.reason());
        }
        GridOutcome.Fits fits = (GridOutcome.Fits) outcome;
        for (int i = 0; i < frames.size(); i++) {
            GridOutcome.Cell cell = fits.cells().get(i);
            FrameTrim trim = FrameTrim.of(dress, frames.get(i));
            if (cell.height().mm() - trim.down() < SlicingSums.SMALLEST_MM) {
                return new PlacesOutcome.DoesNotFit(
                        trim.captionMm() > trim.across() ? "captions" : "borderWidth",
                        "Cells are " + format.say(cell.height())
                                + " high; captions and border leave no room for the photo.");
            }
            if (cell.width().mm() - trim.across() < SlicingSums.SMALLEST_MM) {
                return new PlacesOutcome.DoesNotFit(
                        "borderWidth",
                        "Cells are " + format.say(cell.width()) + " wide; this border leaves no room for the photo.");
            }
        }
        return new PlacesOutcome.Fits(fits.cells().stream()
                .map(cell -> Place.upright(BoxMm.of(cell.x(), cell.y(), cell.width(), cell.height())))
                .toList());
    }

    private static PlacesOutcome of(
            Format format, Dress dress, Slicing slicing, List<Frame> frames, List<Double> proportions) {
        Margins margins = slicing.margins();
        PlacesOutcome.DoesNotFit problem = marginProblem(format, margins);
        if (problem != null) {
            return problem;
        }
        if (slicing.gap().isNegative()) {
            return new PlacesOutcome.DoesNotFit("gap", "A gap cannot be less than nothing.");
        }
        Space space = Space.of(format, dress, margins, slicing.gap(), frames);
        Optional<List<BoxMm>> places = SlicingSums.places(slicing.tree(), proportions, space, slicing.whole());
        if (places.isPresent()) {
            return new PlacesOutcome.Fits(
                    places.get().stream().map(Place::upright).toList());
        }
        double most = mostGap(slicing, proportions, space);
        if (most >= 0) {
            return new PlacesOutcome.DoesNotFit(
                    "gap",
                    "Gaps of " + format.say(slicing.gap()) + " leave no room for " + proportions.size()
                            + " photos; at most " + format.say(Length.ofMicrometres((long) (most * 1000))) + " fits.");
        }
        return noRoomAtAll(space.widestTrim(), proportions.size());
    }

    /** What is said where even without gaps nothing fits. */
    static PlacesOutcome.DoesNotFit noRoomAtAll(FrameTrim trim, int photos) {
        return new PlacesOutcome.DoesNotFit(
                trim.captionMm() > trim.across() ? "captions" : "borderWidth",
                "Captions and border leave no room for " + photos
                        + " photos on this page; make them smaller, or put fewer photos on it.");
    }

    /** Why no page of this format has these margins; null if one has. */
    private static PlacesOutcome.@Nullable DoesNotFit marginProblem(Format format, Margins margins) {
        Grid one = new Grid(1, 1, margins, Length.ZERO, Length.ZERO, null);
        return GridSums.cells(format, one) instanceof GridOutcome.DoesNotFit problem
                ? new PlacesOutcome.DoesNotFit(problem.field(), problem.reason())
                : null;
    }

    /** The widest gap with which the tree can be solved, by halving; less than nothing if there is none. */
    private static double mostGap(Slicing slicing, List<Double> proportions, Space space) {
        double most = -1;
        double fits = 0;
        double wide = space.gap();
        for (int step = 0; step < 40; step++) {
            if (SlicingSums.places(slicing.tree(), proportions, space.withGap(fits), slicing.whole())
                    .isPresent()) {
                most = fits;
            } else if (step == 0) {
                return -1;
            } else {
                wide = fits;
            }
            fits = (most + wide) / 2;
        }
        return most;
    }
}
