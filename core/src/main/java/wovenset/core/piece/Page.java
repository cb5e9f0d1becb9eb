package wovenset.core.piece;

import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;

/** One page: an arrangement, and a frame for each of its places in their order. */
public record Page(UUID id, Arrangement arrangement, List<Frame> frames) {
    public Page {
        frames = List.copyOf(frames);
        if (frames.size() != arrangement.places()) {
            throw new IllegalArgumentException("A page has one frame for each place");
        }
    }

    public Page withFrames(List<Frame> newFrames) {
        return new Page(id, arrangement, newFrames);
    }

    public Page mapFrame(UUID frameId, UnaryOperator<Frame> change) {
        return withFrames(frames.stream().map(frame -> frame.id().equals(frameId) ? change.apply(frame) : frame).toList());
    }
}
