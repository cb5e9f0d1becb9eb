package wovenset.core.piece;

import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;

/** One page: a grid, and a frame for each of its cells in reading order. */
public record Page(UUID id, Grid grid, List<Frame> frames) {
    public Page {
        frames = List.copyOf(frames);
        if (frames.size() != grid.cells()) {
            throw new IllegalArgumentException("A page has one frame for each cell");
        }
    }

    public Page withFrames(List<Frame> newFrames) {
        return new Page(id, grid, newFrames);
    }

    public Page mapFrame(UUID frameId, UnaryOperator<Frame> change) {
        return withFrames(frames.stream().map(frame -> frame.id().equals(frameId) ? change.apply(frame) : frame).toList());
    }
}
