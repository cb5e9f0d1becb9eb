package wovenset.core.edit.cells;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of one photo that is seen through several frames. */
public final class WindowEdits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public WindowEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ArrangeEdit.ShowThrough.class, this::show);
        handlers.on(ArrangeEdit.LetGo.class, this::letGo);
    }

    private Outcome show(Piece piece, ArrangeEdit.ShowThrough edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> frames = Named.frames(page, edit.frameIds()).stream()
                .filter(Frame::isForPhotos)
                .toList();
        Optional<SharedPicture> there =
                frames.stream().flatMap(frame -> picture(page, frame).stream()).findFirst();
        Set<UUID> windows = new HashSet<>();
        frames.forEach(frame -> windows.add(frame.id()));
        SharedPicture picture = there.or(() -> laid(piece, page, frames))
                .orElseThrow(() -> EditRefusedException.of("frameIds", Reason.WINDOWS_NEED_PHOTO));
        List<SharedPicture> pictures = new ArrayList<>(page.pictures());
        if (there.isEmpty()) {
            pictures.add(picture);
        }
        Page shown = page.withPictures(pictures)
                .mapFrames(frame -> windows.contains(frame.id()) ? window(frame, picture) : frame);
        return Outcome.of(piece, tidied(shown), Doing.SHOW_THROUGH, windows.size());
    }

    private static Frame window(Frame frame, SharedPicture picture) {
        if (frame.fill() instanceof Fill.Through through && through.picture().equals(picture.id())) {
            return frame;
        }
        Adjustments adjusted = frame.adjustments();
        // The photo's words would stand below each of its parts.
        return frame.withFill(new Fill.Through(picture.id()))
                .withWords(new FrameWords.Own(""))
                .withAdjustments(adjusted);
    }

    private static Optional<SharedPicture> picture(Page page, Frame frame) {
        return frame.fill() instanceof Fill.Through through ? page.picture(through.picture()) : Optional.empty();
    }

    /** The photo of the first frame that has one, whole and as small as covers them all, about its subject. */
    private Optional<SharedPicture> laid(Piece piece, Page page, List<Frame> frames) {
        if (frames.size() < 2) {
            return Optional.empty();
        }
        return frames.stream()
                .flatMap(frame -> piece.entryOf(page, frame).stream())
                .findFirst()
                .map(entry -> new SharedPicture(ids.get(), entry.id(), covering(entry, bounds(piece, page, frames))));
    }

    private BoxMm bounds(Piece piece, Page page, List<Frame> frames) {
        PlacesOutcome.Fits places = places(piece, page);
        List<BoxMm> boxes =
                frames.stream().map(frame -> places.of(frame.id()).bounds()).toList();
        double left = boxes.stream().mapToDouble(BoxMm::x).min().orElseThrow();
        double top = boxes.stream().mapToDouble(BoxMm::y).min().orElseThrow();
        double right =
                boxes.stream().mapToDouble(box -> box.x() + box.width()).max().orElseThrow();
        double bottom =
                boxes.stream().mapToDouble(box -> box.y() + box.height()).max().orElseThrow();
        return new BoxMm(left, top, right - left, bottom - top);
    }

    private PlacesOutcome.Fits places(Piece piece, Page page) {
        if (Places.of(piece, page, facts) instanceof PlacesOutcome.Fits fits) {
            return fits;
        }
        throw EditRefusedException.of("pageId", Reason.NO_WINDOW);
    }

    private Box covering(Entry entry, BoxMm room) {
        PixelSize size = facts.size(entry.photo()).orElse(new PixelSize(3, 2));
        Region subject =
                entry.subject().orElseGet(() -> facts.subject(entry.photo()).region());
        double scale = Math.max(room.width() / size.width(), room.height() / size.height());
        double width = size.width() * scale;
        double height = size.height() * scale;
        return Box.of(new BoxMm(
                at(room.x(), room.width(), width, subject.x() + subject.width() / 2),
                at(room.y(), room.height(), height, subject.y() + subject.height() / 2),
                width,
                height));
    }

    /** Where a length begins that covers a room, with a point of it as near to the room's middle as that goes. */
    private static double at(double start, double room, double length, double point) {
        return Math.min(start, Math.max(start + room - length, start + room / 2 - point * length));
    }

    private Outcome letGo(Piece piece, ArrangeEdit.LetGo edit) {
        Page page = Named.page(piece, edit.pageId());
        PlacesOutcome.Fits places = places(piece, page);
        Set<UUID> out = new HashSet<>();
        for (Frame frame : Named.frames(page, edit.frameIds())) {
            picture(page, frame).ifPresent(picture -> out.add(frame.id()));
        }
        if (out.isEmpty()) {
            throw EditRefusedException.of("frameIds", Reason.NO_WINDOW);
        }
        Page now = page.mapFrames(
                frame -> out.contains(frame.id()) ? own(piece, page, frame, places.of(frame.id())) : frame);
        return Outcome.of(piece, tidied(now), Doing.LET_GO, out.size());
    }

    /** With the same part of the photo as a photo of its own: as far as its frame can be filled by it. */
    private Frame own(Piece piece, Page page, Frame frame, Place place) {
        SharedPicture picture = picture(page, frame).orElseThrow();
        PixelSize size = piece.entries()
                .find(picture.entry())
                .flatMap(entry -> facts.size(entry.photo()))
                .orElse(new PixelSize(3, 2));
        BoxMm whole = picture.box().mm();
        double scale = Math.max(whole.width() / size.width(), whole.height() / size.height());
        double turn = Math.toRadians(place.turnDegrees());
        double cos = Math.abs(Math.cos(turn));
        double sin = Math.abs(Math.sin(turn));
        BoxMm box = place.box();
        double filled = Math.max(
                (box.width() * cos + box.height() * sin) / size.width(),
                (box.width() * sin + box.height() * cos) / size.height());
        Crop crop = new Crop(
                within(0.5 + (box.centreX() - whole.centreX()) / (size.width() * scale), 0, 1),
                within(0.5 + (box.centreY() - whole.centreY()) / (size.height() * scale), 0, 1),
                within(scale / filled, 1, Crop.MOST_ZOOM),
                -place.turnDegrees(),
                false,
                Crop.Fit.FILL,
                Crop.Aim.HAND);
        Adjustments adjusted = frame.adjustments();
        return frame.withFill(new Fill.OwnPhoto(picture.entry(), crop)).withAdjustments(adjusted);
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    /** Without pictures that no frame shows any longer. */
    private static Page tidied(Page page) {
        Set<UUID> seen = new HashSet<>();
        page.frames().forEach(frame -> {
            if (frame.fill() instanceof Fill.Through through) {
                seen.add(through.picture());
            }
        });
        return page.withPictures(page.pictures().stream()
                .filter(picture -> seen.contains(picture.id()))
                .toList());
    }
}
