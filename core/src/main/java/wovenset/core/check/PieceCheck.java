package wovenset.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.check.Finding.Gravity;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Notice;
import wovenset.core.said.Said;

/** Looks over a piece as a whole. Cost: linear in its frames. */
public final class PieceCheck {
    private PieceCheck() {}

    /** Photos that are shown more than once, but for the parts of one that is seen through several frames. */
    public static List<Finding> of(Piece piece) {
        Map<UUID, Integer> first = new HashMap<>();
        List<Finding> findings = new ArrayList<>();
        int number = 0;
        for (Page page : piece.pages()) {
            number++;
            List<Frame> frames = page.frames();
            for (int i = 0; i < frames.size(); i++) {
                Frame frame = frames.get(i);
                if (!(frame.fill() instanceof Fill.OwnPhoto own) || frame.look().hidden()) {
                    continue;
                }
                Optional<Integer> before = Optional.ofNullable(first.putIfAbsent(own.entry(), number));
                int at = i + 1;
                before.ifPresent(shown -> findings.add(
                        new Finding(Gravity.LIGHT, page.id(), frame.id(), at, Said.of(Notice.USED_AGAIN, shown))));
            }
        }
        return findings;
    }
}
