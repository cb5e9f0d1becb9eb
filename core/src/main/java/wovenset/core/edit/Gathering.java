package wovenset.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.ShownSubject;

/** Edits of the photos that were gathered, and their flow into frames. */
public final class Gathering {
    static final int MOST_PHOTOS = 5000;

    private final PhotoFacts photos;
    private final Supplier<UUID> ids;

    Gathering(PhotoFacts photos, Supplier<UUID> ids) {
        this.photos = photos;
        this.ids = ids;
    }

    Outcome add(Piece piece, List<PhotoId> added) {
        Set<PhotoId> all = new LinkedHashSet<>(piece.photos());
        for (PhotoId photo : added) {
            caption(photo);
            all.add(photo);
        }
        if (all.size() > MOST_PHOTOS) {
            throw new EditRefusedException("photos", "A piece holds at most " + MOST_PHOTOS + " photos.");
        }
        return new Outcome(
                piece.withPhotos(List.copyOf(all)),
                broughtIn(all.size() - piece.photos().size()));
    }

    /** What bringing in so many photos is called in the history. */
    public static String broughtIn(int photos) {
        return "Bring in " + count(photos);
    }

    Outcome remove(Piece piece, List<PhotoId> removed) {
        Set<PhotoId> out = new HashSet<>(removed);
        Piece without = piece.withPhotos(piece.photos().stream()
                        .filter(photo -> !out.contains(photo))
                        .toList())
                .withSubjects(piece.subjects().stream()
                        .filter(shown -> !out.contains(shown.photo()))
                        .toList())
                .withPages(piece.pages().stream()
                        .map(page -> page.withFrames(page.frames().stream()
                                .map(frame -> out.contains(frame.photo()) ? frame.withPhoto(null, "") : frame)
                                .toList()))
                        .toList());
        return new Outcome(
                without,
                "Take out " + count(piece.photos().size() - without.photos().size()));
    }

    Outcome order(Piece piece, List<PhotoId> order) {
        if (order.size() != piece.photos().size() || !new HashSet<>(order).equals(new HashSet<>(piece.photos()))) {
            throw new EditRefusedException("photos", "An order names each photo of the piece once.");
        }
        return new Outcome(piece.withPhotos(order), "Change the order of the photos");
    }

    Outcome subject(Piece piece, Edit.SetSubject edit) {
        if (!piece.photos().contains(edit.photo())) {
            throw new EditRefusedException("photo", "This photo is no longer in the piece.");
        }
        List<ShownSubject> subjects = new ArrayList<>(piece.subjects());
        subjects.removeIf(shown -> shown.photo().equals(edit.photo()));
        if (edit.region() != null) {
            subjects.add(new ShownSubject(edit.photo(), edit.region()));
        }
        return new Outcome(
                piece.withSubjects(subjects), edit.region() == null ? "Find a subject again" : "Show a subject");
    }

    Outcome flow(Piece piece) {
        Set<PhotoId> waiting = new LinkedHashSet<>(piece.photos());
        piece.pages().forEach(page -> page.frames().forEach(frame -> waiting.remove(frame.photo())));
        int flowed = waiting.size();
        Iterator<PhotoId> next = waiting.iterator();
        List<Page> pages = new ArrayList<>();
        for (Page page : piece.pages()) {
            pages.add(filled(page, next));
        }
        while (next.hasNext()) {
            if (pages.size() >= Edits.MOST_PAGES) {
                throw new EditRefusedException(
                        "pages",
                        "These photos need more than " + Edits.MOST_PAGES + " pages; use more cells on each page.");
            }
            if (pages.get(pages.size() - 1).frames().isEmpty()) {
                throw new EditRefusedException(
                        "pages", "The last page has no frames for photos to flow into; draw some, or give it a grid.");
            }
            pages.add(filled(Layouts.emptyLike(pages.get(pages.size() - 1), ids), next));
        }
        return new Outcome(piece.withPages(pages), "Let " + count(flowed) + " flow in");
    }

    private Page filled(Page page, Iterator<PhotoId> next) {
        List<Frame> frames = new ArrayList<>();
        for (Frame frame : page.frames()) {
            if (frame.photo() == null && next.hasNext()) {
                PhotoId photo = next.next();
                frames.add(frame.withPhoto(photo, caption(photo)));
            } else {
                frames.add(frame);
            }
        }
        return page.withFrames(frames);
    }

    private String caption(PhotoId photo) {
        return photos.embeddedCaption(photo)
                .orElseThrow(() ->
                        new EditRefusedException("photos", "The photo " + photo.sha256() + " is not stored here."));
    }

    private static String count(int photos) {
        return photos == 1 ? "1 photo" : photos + " photos";
    }
}
