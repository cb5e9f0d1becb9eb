package wovenset.core.arrange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import wovenset.core.arrange.grid.CellSurround;
import wovenset.core.arrange.grid.GridOutcome;
import wovenset.core.arrange.grid.GridSums;
import wovenset.core.arrange.silhouette.PiecePlaces;
import wovenset.core.arrange.slicing.SlicingSums;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrange.space.PlacesOutcome.DoesNotFit;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrange.space.Strips;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.arrangement.Slicing;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.style.Band;

/** Where the frames of a page lie, whatever arranges them. Cost: linear in the frames. */
public final class Places {
    private final Piece piece;
    private final Page page;
    private final PagePhotos photos;
    private final Format format;
    private final Strips strips;
    private final List<Frame> slotted;
    private final Heads heads;

    private Places(Piece piece, Page page, PhotoFacts facts) {
        this.piece = piece;
        this.page = page;
        this.photos = new PagePhotos(piece, page, facts);
        this.format = piece.format();
        this.strips = Strips.of(piece, page);
        this.slotted = page.slotted();
        this.heads = Heads.of(piece, page);
    }

    /**
     * @param piece that the page is in, or would be
     * @param facts of the photos that it shows
     */
    public static PlacesOutcome of(Piece piece, Page page, PhotoFacts facts) {
        return new Places(piece, page, facts).outcome();
    }

    /** The sum of a page's grid, with what lies around its photos. */
    public static GridOutcome grid(Piece piece, Page page, Grid grid) {
        return GridSums.cells(piece.format(), inner(piece, page, grid), surround(piece, page, grid));
    }

    /** The page on which this grid's fixed cells, and what else stands on the page, leave nothing over. */
    public static GridSums.PageSize pageFor(Piece piece, Page page, Grid grid) {
        return GridSums.page(inner(piece, page, grid), surround(piece, page, grid));
    }

    private static Grid inner(Piece piece, Page page, Grid grid) {
        return grid.withMargins(Heads.of(piece, page, grid.margins()).margins());
    }

    /** What lies around the photos of a page in this grid. */
    public static CellSurround surround(Piece piece, Page page, Grid grid) {
        if (grid.cell() == null) {
            return CellSurround.NONE;
        }
        Strips strips = Strips.of(piece, page);
        List<Frame> slotted = page.slotted();
        List<Grid.Slot> cells = grid.cells();
        Length outside = Length.ZERO;
        Length[] rows = new Length[grid.rows()];
        Length[] columns = new Length[grid.columns()];
        Arrays.fill(rows, Length.ZERO);
        Arrays.fill(columns, Length.ZERO);
        for (int slot = 0; slot < Math.min(slotted.size(), cells.size()); slot++) {
            Frame frame = slotted.get(slot);
            Length own = frame.style().in(piece.styles()).width(Band.Side.OUTSIDE);
            outside = own.compareTo(outside) > 0 ? own : outside;
            Grid.Slot cell = cells.get(slot);
            boolean beside = strips.side(frame).isBeside();
            Length[] tracks = beside ? columns : rows;
            int last = beside ? cell.column() + cell.columns() - 1 : cell.row() + cell.rows() - 1;
            Length strip = strips.of(frame);
            tracks[last] = strip.compareTo(tracks[last]) > 0 ? strip : tracks[last];
        }
        return new CellSurround(outside, List.of(rows), List.of(columns));
    }

    private PlacesOutcome outcome() {
        Optional<DoesNotFit> tooHigh = heads.problem();
        if (tooHigh.isPresent()) {
            return tooHigh.get();
        }
        PlacesOutcome governed = page.arrangement().withMargins(heads.margins()).accept(new InSlots());
        if (!(governed instanceof PlacesOutcome.Fits fits)) {
            return governed;
        }
        Map<UUID, Place> places = new HashMap<>(fits.places());
        places.putAll(heads.places());
        for (Frame frame : page.frames()) {
            if (frame.placement() instanceof Placement.Free free) {
                places.put(frame.id(), Place.of(free));
            }
            Place place = Objects.requireNonNull(places.get(frame.id()), "a place for each slot");
            Optional<DoesNotFit> problem = bandProblem(frame, place);
            if (problem.isPresent()) {
                return problem.get();
            }
        }
        return new PlacesOutcome.Fits(places);
    }

    private FrameTrim trim(Frame frame) {
        return strips.trim(frame);
    }

    /** A frame with a size of its own that its inner bands fill. */
    private Optional<DoesNotFit> bandProblem(Frame frame, Place place) {
        double inside = 2 * trim(frame).insideMm();
        boolean room = Math.min(place.box().width(), place.box().height()) - inside >= SlicingSums.SMALLEST_MM / 2;
        Box box = Box.of(place.box());
        return room
                ? Optional.empty()
                : Optional.of(doesNotFit(
                        "bandWidth", Reason.BAND_FILLS_FRAME, format.say(box.width()), format.say(box.height())));
    }

    private static DoesNotFit doesNotFit(String field, Reason reason, Object... args) {
        return new DoesNotFit(field, Said.of(reason, args));
    }

    /** What is said where even without gaps nothing fits. */
    public static DoesNotFit noRoomAtAll(FrameTrim trim, int photos) {
        boolean words = trim.stripMm() > trim.bands();
        return doesNotFit(words ? "captions" : "bandWidth", Reason.NO_ROOM_AT_ALL, photos);
    }

    /** Why no page of this format has these margins. */
    public static Optional<DoesNotFit> marginProblem(Format format, Margins margins) {
        Grid one = new Grid(1, 1, margins, Length.ZERO, Length.ZERO, null);
        return GridSums.cells(format, one) instanceof GridOutcome.DoesNotFit problem
                ? Optional.of(new DoesNotFit(problem.field(), problem.reason()))
                : Optional.empty();
    }

    /** The places of frames in slots, for each kind of arrangement. */
    private final class InSlots implements Arrangement.Visitor<PlacesOutcome> {
        @Override
        public PlacesOutcome grid(Grid grid) {
            CellSurround surround = surround(piece, page, grid);
            GridOutcome outcome = GridSums.cells(format, grid, surround);
            if (outcome instanceof GridOutcome.DoesNotFit problem) {
                return new DoesNotFit(problem.field(), problem.reason());
            }
            GridOutcome.Fits fits = (GridOutcome.Fits) outcome;
            Map<UUID, Place> places = new HashMap<>();
            for (int slot = 0; slot < slotted.size(); slot++) {
                Frame frame = slotted.get(slot);
                GridOutcome.Cell cell = fits.cells().get(slot);
                FrameTrim trim = trim(frame);
                // Photos of a fixed size line up whatever the bands around each of them are.
                FrameTrim around = grid.cell() == null
                        ? trim
                        : trim.withOutside(surround.outside().mm());
                Optional<DoesNotFit> problem = cellProblem(cell, trim, around);
                if (problem.isPresent()) {
                    return problem.get();
                }
                places.put(frame.id(), Place.inSlot(BoxMm.of(cell.x(), cell.y(), cell.width(), cell.height()), around));
            }
            return new PlacesOutcome.Fits(places);
        }

        private Optional<DoesNotFit> cellProblem(GridOutcome.Cell cell, FrameTrim trim, FrameTrim around) {
            if (cell.height().mm() - around.down() < SlicingSums.SMALLEST_MM) {
                boolean words = !trim.side().isBeside() && trim.stripMm() > trim.bands();
                return Optional.of(
                        doesNotFit(words ? "captions" : "bandWidth", Reason.CELL_TOO_LOW, format.say(cell.height())));
            }
            if (cell.width().mm() - around.across() < SlicingSums.SMALLEST_MM) {
                boolean words = trim.side().isBeside() && trim.stripMm() > trim.bands();
                return Optional.of(
                        doesNotFit(words ? "captions" : "bandWidth", Reason.CELL_TOO_NARROW, format.say(cell.width())));
            }
            return Optional.empty();
        }

        @Override
        public PlacesOutcome slicing(Slicing slicing) {
            Optional<DoesNotFit> problem = marginProblem(format, slicing.margins());
            if (problem.isPresent()) {
                return problem.get();
            }
            if (slicing.gap().isNegative()) {
                return doesNotFit("gap", Reason.GAP_NEGATIVE);
            }
            List<FrameTrim> trims = slotted.stream().map(Places.this::trim).toList();
            Space space = Space.of(format, slicing.margins(), slicing.gap(), trims);
            List<Double> proportions = photos.shown(slotted);
            Optional<List<BoxMm>> slots = SlicingSums.places(slicing.tree(), proportions, space, slicing.whole());
            if (slots.isPresent()) {
                Map<UUID, Place> places = new HashMap<>();
                IntStream.range(0, slotted.size())
                        .forEach(slot -> places.put(
                                slotted.get(slot).id(), Place.inSlot(slots.get().get(slot), trims.get(slot))));
                return new PlacesOutcome.Fits(places);
            }
            double most = SlicingSums.mostGap(slicing, proportions, space);
            return most >= 0
                    ? doesNotFit(
                            "gap",
                            Reason.GAP_TOO_WIDE,
                            format.say(slicing.gap()),
                            proportions.size(),
                            format.say(Length.ofMicrometres((long) (most * 1000))))
                    : noRoomAtAll(space.widestTrim(), proportions.size());
        }

        @Override
        public PlacesOutcome scattered(Scattered scattered) {
            Map<UUID, Place> places = new HashMap<>();
            for (Frame frame : slotted) {
                if (frame.placement() instanceof Placement.InSlot in) {
                    Scattered.Print print = scattered.prints().get(in.slot());
                    places.put(frame.id(), new Place(print.box().mm(), print.turnDegrees()));
                }
            }
            return withinMargins(scattered.margins(), places);
        }

        @Override
        public PlacesOutcome silhouette(Silhouette silhouette) {
            Optional<DoesNotFit> problem = marginProblem(format, silhouette.margins());
            return problem.isPresent() ? problem.get() : PiecePlaces.of(format, silhouette, slotted);
        }

        @Override
        public PlacesOutcome byHand(ByHand byHand) {
            return withinMargins(byHand.margins(), Map.of());
        }

        private PlacesOutcome withinMargins(Margins margins, Map<UUID, Place> places) {
            Optional<DoesNotFit> problem = marginProblem(format, margins);
            return problem.isPresent() ? problem.get() : new PlacesOutcome.Fits(places);
        }
    }

    /** The frames of a page that take part in its arrangement, and what surrounds each, in the order of the slots. */
    public static List<FrameTrim> trims(Piece piece, Page page, List<Frame> frames) {
        Strips strips = Strips.of(piece, page);
        List<FrameTrim> trims = new ArrayList<>();
        frames.forEach(frame -> trims.add(strips.trim(frame)));
        return trims;
    }
}
