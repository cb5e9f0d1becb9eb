package wovenset.core.edit;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.BiPredicate;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Spot;

/** What putting frames somewhere is called in the history. */
final class FrameDoings {
    private FrameDoings() {}

    static String name(Page before, Map<UUID, Spot> wanted) {
        List<Frame> frames = before.frames().stream()
                .filter(frame -> wanted.containsKey(frame.id()))
                .toList();
        String what = count(frames.size());
        if (frames.stream().anyMatch(frame -> frame.spot() == null)) {
            return "Take out " + what;
        } else if (any(frames, wanted, (old, now) -> old.locked() != now.locked())) {
            return (any(frames, wanted, (old, now) -> now.locked()) ? "Lock " : "Unlock ") + what;
        } else if (any(frames, wanted, (old, now) -> old.group() != now.group())) {
            return (any(frames, wanted, (old, now) -> now.group() > 0) ? "Group " : "Ungroup ") + what;
        } else if (any(frames, wanted, (old, now) -> old.turnDegrees() != now.turnDegrees())) {
            return "Turn " + what;
        } else if (any(
                frames,
                wanted,
                (old, now) -> !old.width().equals(now.width()) || !old.height().equals(now.height()))) {
            return "Size " + what;
        }
        return "Move " + what;
    }

    static String count(int frames) {
        return frames == 1 ? "a frame" : frames + " frames";
    }

    private static boolean any(List<Frame> frames, Map<UUID, Spot> wanted, BiPredicate<Spot, Spot> differs) {
        return frames.stream().anyMatch(frame -> differs.test(frame.spot(), wanted.get(frame.id())));
    }
}
