package wovenset.core.piece;

import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * One page: an arrangement, and its frames from back to front. Those without a place of their own take the arrangement's
 * places in their order.
 */
public record Page(UUID id, Arrangement arrangement, List<Frame> frames, List<Guide> guides) {
    public Page(UUID id, Arrangement arrangement, List<Frame> frames, @Nullable List<Guide> guides) {
        this.id = id;
        this.arrangement = arrangement;
        this.frames = List.copyOf(frames);
        this.guides = guides == null ? List.of() : List.copyOf(guides);
        if (governed().size() != arrangement.places()) {
            throw new IllegalArgumentException("A page has one frame for each place");
        }
    }

    /** A page without guides. */
    public static Page of(UUID id, Arrangement arrangement, List<Frame> frames) {
        return new Page(id, arrangement, frames, List.of());
    }

    /** The frames that the arrangement places, in the order of its places. */
    public List<Frame> governed() {
        return frames.stream().filter(frame -> frame.spot() == null).toList();
    }

    public Page with(Arrangement newArrangement, List<Frame> newFrames) {
        return new Page(id, newArrangement, newFrames, guides);
    }

    public Page withFrames(List<Frame> newFrames) {
        return with(arrangement, newFrames);
    }

    public Page withGuides(List<Guide> newGuides) {
        return new Page(id, arrangement, frames, newGuides);
    }

    public Page mapFrames(UnaryOperator<Frame> change) {
        return withFrames(frames.stream().map(change).toList());
    }

    public Page mapFrame(UUID frameId, UnaryOperator<Frame> change) {
        return mapFrames(frame -> frame.id().equals(frameId) ? change.apply(frame) : frame);
    }
}
