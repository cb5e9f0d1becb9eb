package wovenset.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wovenset.core.arrange.Alignment;
import wovenset.core.arrange.FrameTrim;
import wovenset.core.arrange.Place;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Spot;

/** Edits of frames that have, get or give up a place of their own. */
final class FreeFrames {
    private static final int MOST_FRAMES = 500;
    private static final int MOST_GUIDES = 100;
    /** What of a frame has to lie on the page, so that none is lost. */
    private static final double SEEN_MM = 1;

    private final PhotoFacts photos;
    private final Supplier<UUID> ids;

    FreeFrames(PhotoFacts photos, Supplier<UUID> ids) {
        this.photos = photos;
        this.ids = ids;
    }

    Outcome apply(Piece piece, Edit.OfFrames edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        if (edit instanceof Edit.PutFrames put) {
            return put(
                    piece,
                    page,
                    put.frames().stream()
                            .collect(Collectors.toMap(
                                    Edit.FrameSpot::frameId,
                                    Edit.FrameSpot::spot,
                                    (one, other) -> other,
                                    LinkedHashMap::new)),
                    null);
        } else if (edit instanceof Edit.AddFrames add) {
            return add(piece, page, add.frames());
        } else if (edit instanceof Edit.RemoveFrames remove) {
            checked(page, remove.frameIds());
            Governing governing = new Governing(piece, photos, ids);
            return outcome(
                    piece,
                    governing.without(page, Set.copyOf(remove.frameIds())),
                    "Delete " + count(remove.frameIds()));
        } else if (edit instanceof Edit.GiveBackFrames back) {
            checked(page, back.frameIds());
            return outcome(
                    piece,
                    new Governing(piece, photos, ids).givenBack(page, back.frameIds()),
                    "Give back " + count(back.frameIds()));
        } else if (edit instanceof Edit.ReleasePage) {
            return outcome(piece, new Governing(piece, photos, ids).released(page), "Release all frames");
        } else if (edit instanceof Edit.OrderFrames order) {
            return outcome(piece, ordered(page, order.frameIds()), "Change the order of frames");
        } else if (edit instanceof Edit.LineUpFrames lineUp) {
            return changed(
                    piece,
                    page,
                    lineUp.frameIds(),
                    spots -> Alignment.linedUp(
                            spots, lineUp.edge(), reference(piece.format(), page, spots, lineUp.to())),
                    "Line up " + count(lineUp.frameIds()));
        } else if (edit instanceof Edit.EvenGaps even) {
            if (even.frameIds().size() < 3) {
                throw new EditRefusedException("frameIds", "Select three frames or more to make their gaps even.");
            }
            return changed(
                    piece, page, even.frameIds(), spots -> Alignment.evenGaps(spots, even.across()), "Make gaps even");
        } else if (edit instanceof Edit.SizeFrames size) {
            return changed(
                    piece,
                    page,
                    size.frameIds(),
                    spots -> spots.stream()
                            .map(spot -> sized(piece.format(), spot, size))
                            .toList(),
                    "Size " + count(size.frameIds()));
        } else if (edit instanceof Edit.PinPhotos pin) {
            return pinned(piece, page, pin);
        } else if (edit instanceof Edit.BorderFrames border) {
            return bordered(piece, page, border);
        }
        return guides(piece, page, (Edit.SetGuides) edit);
    }

    private static Spot sized(Format format, Spot spot, Edit.SizeFrames size) {
        Length width = size.width() == null ? spot.width() : size.width();
        Length height = size.height() == null ? spot.height() : size.height();
        for (Length side : List.of(width, height)) {
            if (side.compareTo(Spot.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
                throw new EditRefusedException(
                        side.equals(width) ? "width" : "height",
                        "A frame is " + format.say(Spot.SMALLEST) + " to " + format.say(Format.LARGEST)
                                + " wide and high.");
            }
        }
        return spot.sized(width, height);
    }

    private static BoxMm reference(Format format, Page page, List<Spot> spots, Edit.LineUpTo to) {
        Margins margins = page.arrangement().margins();
        return switch (to) {
            case EACH_OTHER -> Alignment.around(spots);
            case PAGE -> BoxMm.of(Length.ZERO, Length.ZERO, format.width(), format.height());
            case MARGINS ->
                BoxMm.of(
                        margins.left(),
                        margins.top(),
                        format.width().minus(margins.left()).minus(margins.right()),
                        format.height().minus(margins.top()).minus(margins.bottom()));
        };
    }

    /** Works the new places out from the present ones, also of frames that the arrangement places. */
    private Outcome changed(
            Piece piece, Page page, List<UUID> frameIds, UnaryOperator<List<Spot>> change, String name) {
        List<Frame> frames = checked(page, frameIds);
        Map<UUID, Place> places = new Governing(piece, photos, ids).places(page);
        FrameTrim trim = FrameTrim.of(piece.dress());
        List<Spot> spots = change.apply(frames.stream()
                .map(frame -> frame.spot() == null
                        ? java.util.Objects.requireNonNull(places.get(frame.id()))
                                .spot(trim)
                        : frame.spot())
                .toList());
        Map<UUID, Spot> wanted = new LinkedHashMap<>();
        for (int i = 0; i < frames.size(); i++) {
            wanted.put(frames.get(i).id(), spots.get(i));
        }
        return put(piece, page, wanted, name);
    }

    private Outcome put(
            Piece piece, Page page, Map<UUID, Spot> wanted, @org.jspecify.annotations.Nullable String name) {
        for (Frame frame : checked(page, List.copyOf(wanted.keySet()))) {
            Spot spot = java.util.Objects.requireNonNull(wanted.get(frame.id()));
            if (frame.spot() != null && frame.spot().locked() && spot.locked() && !spot.equals(frame.spot())) {
                throw locked(page, frame);
            }
            checkSeen(piece.format(), spot);
        }
        Page freed = new Governing(piece, photos, ids).takenOut(page, wanted.keySet());
        return outcome(
                piece,
                freed.mapFrames(
                        frame -> wanted.containsKey(frame.id()) ? frame.withSpot(wanted.get(frame.id())) : frame),
                name == null ? FrameDoings.name(page, wanted) : name);
    }

    private static void checkSeen(Format format, Spot spot) {
        BoxMm box = Place.bounds(spot);
        double bleed = format.bleed().mm();
        if (box.x() + box.width() < SEEN_MM - bleed
                || box.y() + box.height() < SEEN_MM - bleed
                || box.x() > format.width().mm() + bleed - SEEN_MM
                || box.y() > format.height().mm() + bleed - SEEN_MM) {
            throw new EditRefusedException("spot", "A frame has to lie on the page, at least with its edge.");
        }
    }

    private Outcome add(Piece piece, Page page, List<Frame> added) {
        if (added.isEmpty() || page.frames().size() + added.size() > MOST_FRAMES) {
            throw new EditRefusedException(
                    "frames",
                    added.isEmpty() ? "There is no frame to add." : "A page has at most " + MOST_FRAMES + " frames.");
        }
        List<Frame> frames = new ArrayList<>(page.frames());
        Set<PhotoId> shown = new HashSet<>();
        for (Frame frame : added) {
            if (frame.spot() == null) {
                throw new EditRefusedException("spot", "An added frame needs a place.");
            }
            checkSeen(piece.format(), frame.spot());
            Edits.checkedCaption(frame.caption());
            Layouts.checkBorder(piece.format(), frame.borderIn(piece.dress()));
            if (frame.photo() != null) {
                shown.add(frame.photo());
            }
            frames.add(frame.withId(ids.get()));
        }
        shown.removeAll(piece.photos());
        Piece with = shown.isEmpty()
                ? piece
                : new Gathering(photos, ids).add(piece, List.copyOf(shown)).piece();
        boolean drawn = added.stream().allMatch(frame -> frame.photo() == null);
        return outcome(
                with,
                page.withFrames(frames),
                drawn && added.size() == 1 ? "Draw a frame" : "Add " + FrameDoings.count(added.size()));
    }

    private static Page ordered(Page page, List<UUID> order) {
        Map<UUID, Frame> frames = new LinkedHashMap<>();
        page.frames().forEach(frame -> frames.put(frame.id(), frame));
        if (order.size() != frames.size() || !frames.keySet().equals(Set.copyOf(order))) {
            throw new EditRefusedException("order", "An order names each frame of the page once.");
        }
        List<Frame> governed = new ArrayList<>(page.governed());
        return page.withFrames(order.stream()
                .map(frames::get)
                .map(frame -> frame.spot() == null ? governed.remove(0) : frame)
                .toList());
    }

    private static Outcome pinned(Piece piece, Page page, Edit.PinPhotos edit) {
        Set<UUID> wanted = checked(page, edit.frameIds()).stream()
                .filter(frame -> frame.photo() != null)
                .map(Frame::id)
                .collect(Collectors.toSet());
        if (wanted.isEmpty()) {
            throw new EditRefusedException("frameIds", "Select a frame with a photo first.");
        }
        return outcome(
                piece,
                page.mapFrames(frame -> wanted.contains(frame.id())
                        ? frame.withMarks(frame.wanted().withPinned(edit.pinned()))
                        : frame),
                (edit.pinned() ? "Pin " : "Unpin ") + (wanted.size() == 1 ? "a photo" : wanted.size() + " photos"));
    }

    private static Outcome bordered(Piece piece, Page page, Edit.BorderFrames edit) {
        Set<UUID> wanted =
                checked(page, edit.frameIds()).stream().map(Frame::id).collect(Collectors.toSet());
        if (edit.border() != null) {
            Layouts.checkBorder(piece.format(), edit.border());
        }
        return outcome(
                piece,
                page.mapFrames(frame -> wanted.contains(frame.id()) ? frame.withBorder(edit.border()) : frame),
                edit.border() == null
                        ? "Take back the border of " + count(edit.frameIds())
                        : "Change the border of " + count(edit.frameIds()));
    }

    private static Outcome guides(Piece piece, Page page, Edit.SetGuides set) {
        if (set.guides().size() > MOST_GUIDES) {
            throw new EditRefusedException("guides", "A page has at most " + MOST_GUIDES + " guides.");
        }
        int more = set.guides().size() - page.guides().size();
        return outcome(
                piece,
                page.withGuides(set.guides()),
                more > 0 ? "Add a guide" : more < 0 ? "Take out a guide" : "Move a guide");
    }

    /** The frames of these identifiers, none locked unless it stays as it is. */
    private static List<Frame> checked(Page page, List<UUID> frameIds) {
        Map<UUID, Frame> frames = page.frames().stream().collect(Collectors.toMap(Frame::id, frame -> frame));
        if (frameIds.isEmpty() || !frames.keySet().containsAll(frameIds)) {
            throw new EditRefusedException(
                    "frameIds", frameIds.isEmpty() ? "Select a frame first." : "A frame is no longer on the page.");
        }
        return frameIds.stream().distinct().map(frames::get).toList();
    }

    private static EditRefusedException locked(Page page, Frame frame) {
        return new EditRefusedException(
                "frameIds", "Frame " + (page.frames().indexOf(frame) + 1) + " is locked; unlock it first.");
    }

    private static Outcome outcome(Piece piece, Page page, String name) {
        return new Outcome(piece.mapPage(page.id(), old -> page), name);
    }

    private static String count(List<UUID> frames) {
        return FrameDoings.count(frames.size());
    }
}
