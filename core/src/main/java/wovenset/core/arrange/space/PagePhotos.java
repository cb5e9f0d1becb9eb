package wovenset.core.arrange.space;

import java.util.List;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** What of the photos on one page their arrangement goes by. */
public final class PagePhotos {
    private final Piece piece;
    private final Page page;
    private final PhotoFacts facts;

    public PagePhotos(Piece piece, Page page, PhotoFacts facts) {
        this.piece = piece;
        this.page = page;
        this.facts = facts;
    }

    /** The proportion in which a frame shows its photo whole: the other way round if it lies on its side; without a photo that of its slot, else 1. */
    public double shown(Frame frame) {
        double own = piece.entryOf(page, frame)
                .flatMap(entry -> facts.size(entry.photo()))
                .map(PixelSize::proportion)
                .or(frame::slotProportion)
                .orElse(1.0);
        return frame.crop().onItsSide() ? 1 / own : own;
    }

    public List<Double> shown(List<Frame> frames) {
        return frames.stream().map(this::shown).toList();
    }

    /** What a frame's photo is about: what the person has shown, else what the machine has found. */
    public Subject subject(Frame frame) {
        return piece.entryOf(page, frame).map(this::subject).orElse(Subject.UNKNOWN);
    }

    private Subject subject(Entry entry) {
        return entry.subject()
                .map(region -> new Subject(region, Subject.Origin.PERSON, List.of()))
                .orElseGet(() -> facts.subject(entry.photo()));
    }

    /**
     * What of a photo a tile of this proportion shows: as much as it can, about its subject.
     *
     * @param entry of this piece
     */
    public Region tilePart(Entry entry, PixelSize size, double proportion) {
        Region about = subject(entry).region();
        return Region.largest(size, proportion, about.x() + about.width() / 2, about.y() + about.height() / 2);
    }

    /** The part of a frame's photo that should be seen. */
    public Region region(Frame frame) {
        return subject(frame).region();
    }
}
