package wovenset.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.FrameTrim;
import wovenset.core.arrange.PhotoTraits;
import wovenset.core.arrange.Place;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.PlacesOutcome;
import wovenset.core.arrange.SlicingGrowth;
import wovenset.core.arrange.Space;
import wovenset.core.measure.Length;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Free;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Scattered;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;

/** Which frames of a page its arrangement governs: how one leaves it and comes back. */
final class Governing {
    private final Piece piece;
    private final PhotoTraits proportions;
    private final Supplier<UUID> ids;

    Governing(Piece piece, PhotoTraits proportions, Supplier<UUID> ids) {
        this.piece = piece;
        this.proportions = proportions;
        this.ids = ids;
    }

    /** Where the page's frames lie now. */
    Map<UUID, Place> places(Page page) {
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, page, proportions);
        Map<UUID, Place> places = new LinkedHashMap<>();
        for (int i = 0; i < fits.places().size(); i++) {
            places.put(page.frames().get(i).id(), fits.places().get(i));
        }
        return places;
    }

    /** These frames with the places that they have as their own, in front; a grid keeps empty cells for them. */
    Page takenOut(Page page, Set<UUID> out) {
        if (page.governed().stream().noneMatch(frame -> out.contains(frame.id()))) {
            return page;
        }
        Map<UUID, Place> places = places(page);
        FrameTrim trim = FrameTrim.of(piece.dress());
        List<Frame> taken = page.governed().stream()
                .filter(frame -> out.contains(frame.id()))
                .map(frame -> frame.withSpot(
                        java.util.Objects.requireNonNull(places.get(frame.id())).spot(trim)))
                .toList();
        Page rest = without(page, out, false);
        List<Frame> frames = new ArrayList<>(rest.frames());
        frames.addAll(taken);
        return rest.withFrames(frames);
    }

    /** The page without these frames, wherever they were. */
    Page without(Page page, Set<UUID> out) {
        page.frames().stream()
                .filter(frame -> out.contains(frame.id())
                        && frame.spot() != null
                        && frame.spot().locked())
                .findFirst()
                .ifPresent(frame -> {
                    throw new EditRefusedException(
                            "frameIds", "Frame " + (page.frames().indexOf(frame) + 1) + " is locked; unlock it first.");
                });
        return without(page, out, true);
    }

    private Page without(Page page, Set<UUID> out, boolean alsoFree) {
        Arrangement arrangement = page.arrangement();
        List<Frame> frames = new ArrayList<>();
        int place = 0;
        for (Frame frame : page.frames()) {
            boolean leaves = out.contains(frame.id()) && (alsoFree || frame.spot() == null);
            if (!leaves) {
                frames.add(frame);
            } else if (frame.spot() == null && arrangement instanceof Grid) {
                frames.add(Frame.empty(alsoFree ? frame.id() : ids.get()));
            } else if (frame.spot() == null && arrangement instanceof Slicing slicing) {
                Optional<SlicingTree> rest = slicing.tree().without(place);
                arrangement = rest.isPresent() ? slicing.withTree(rest.get()) : new Free(slicing.margins());
                continue;
            } else if (frame.spot() == null && arrangement instanceof Scattered scattered) {
                arrangement = scattered.without(
                        place, proportions.shown(frame), proportions.subject(piece, frame), frame.border());
                continue;
            }
            place += frame.spot() == null ? 1 : 0;
        }
        return page.with(arrangement, frames);
    }

    Page released(Page page) {
        Map<UUID, Place> places = places(page);
        FrameTrim trim = FrameTrim.of(piece.dress());
        List<Frame> frames = page.frames().stream()
                .filter(frame -> frame.spot() != null || frame.photo() != null)
                .map(frame -> frame.spot() == null
                        ? frame.withSpot(java.util.Objects.requireNonNull(places.get(frame.id()))
                                .spot(trim))
                        : frame)
                .toList();
        return page.with(new Free(page.arrangement().margins()), frames);
    }

    Page givenBack(Page page, List<UUID> back) {
        Page now = page;
        for (UUID id : back) {
            Frame frame = now.frames().stream()
                    .filter(one -> one.id().equals(id))
                    .findFirst()
                    .orElseThrow();
            if (frame.spot() != null) {
                now = givenBack(now, frame.withSpot(null));
            }
        }
        return now;
    }

    private Page givenBack(Page page, Frame frame) {
        List<Frame> frames = new ArrayList<>(page.frames());
        frames.removeIf(one -> one.id().equals(frame.id()));
        if (page.arrangement() instanceof Grid) {
            for (int i = 0; i < frames.size(); i++) {
                if (frames.get(i).spot() == null && frames.get(i).photo() == null) {
                    frames.set(i, frame);
                    return page.withFrames(frames);
                }
            }
            throw new EditRefusedException(
                    "frameIds", "The grid has no empty cell for this frame; add a row or a column first.");
        }
        frames.add(frame);
        if (page.arrangement() instanceof Slicing slicing) {
            List<Double> shown = frames.stream()
                    .filter(one -> one.spot() == null)
                    .map(proportions::shown)
                    .toList();
            Space space = Space.of(
                    piece.format(),
                    piece.dress(),
                    slicing.margins(),
                    slicing.gap(),
                    frames.stream().filter(one -> one.spot() == null).toList());
            return page.with(slicing.withTree(SlicingGrowth.withOneMore(slicing, shown, space)), frames);
        }
        if (page.arrangement() instanceof Scattered scattered) {
            return backAmongPrints(page, scattered, frame);
        }
        return page.with(new Slicing(page.arrangement().margins(), Length.ofMm(3), true, SlicingTree.Leaf.OWN), frames);
    }

    /** Into the vacancy where a picture of the nearest proportion lay, else strewn anew with one more. */
    private Page backAmongPrints(Page page, Scattered scattered, Frame frame) {
        double own = proportions.shown(frame);
        List<Frame> frames = new ArrayList<>(page.frames());
        frames.removeIf(one -> one.id().equals(frame.id()));
        Optional<Scattered.Vacancy> nearest = scattered.vacancies().stream()
                .min(Comparator.comparingDouble(one -> Math.abs(Math.log(one.proportion() / own))));
        if (nearest.isEmpty()) {
            frames.add(frame);
            return page.with(scattered.withPrints(scattered.prints() + 1), frames);
        }
        Scattered filled = scattered.withPrintIn(nearest.get());
        List<Frame> governed = frames.stream().filter(one -> one.spot() == null).toList();
        for (int print = 0; print <= governed.size(); print++) {
            if (filled.placeOf(print) == nearest.get().at()) {
                frames.add(print == governed.size() ? frames.size() : frames.indexOf(governed.get(print)), frame);
            }
        }
        return page.with(filled, frames);
    }
}
