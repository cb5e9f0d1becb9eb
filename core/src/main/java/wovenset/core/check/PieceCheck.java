package wovenset.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.album.FoldAim;
import wovenset.core.check.Finding.Gravity;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.piece.Spreads;
import wovenset.core.said.Notice;
import wovenset.core.said.Said;

/** Looks over a piece as a whole. Cost: linear in its frames. */
public final class PieceCheck {
    private PieceCheck() {}

    /** What a binding hides on each side of the fold. */
    private static final double HIDDEN_MM = 3;

    /**
     * Photos that are shown more than once, but for the parts of one that is seen through several frames; and faces in the fold between two pages
     * over which one lies.
     */
    public static List<Finding> of(Piece piece, PhotoFacts facts) {
        List<Finding> findings = usedAgain(piece);
        for (int i = 0; i < piece.pages().size(); i++) {
            Page left = piece.pages().get(i);
            Spreads.across(piece.pages(), i).ifPresent(picture -> faceInFold(piece, left, picture, facts)
                    .ifPresent(findings::add));
        }
        return findings;
    }

    private static Optional<Finding> faceInFold(Piece piece, Page left, SharedPicture picture, PhotoFacts facts) {
        Optional<Entry> entry = piece.entries().find(picture.entry());
        Optional<PixelSize> size = entry.flatMap(one -> facts.size(one.photo()));
        if (entry.isEmpty() || size.isEmpty()) {
            return Optional.empty();
        }
        BoxMm box = picture.box().mm();
        PixelSize photo = size.get();
        // It covers its box, about the middle.
        double scale = Math.max(box.width() / photo.width(), box.height() / photo.height());
        double across = photo.width() * scale;
        double fold = (piece.format().width().mm() - box.x() - (box.width() - across) / 2) / across;
        if (!FoldAim.meetsFace(facts.subject(entry.get().photo()).faces(), fold, HIDDEN_MM / across)) {
            return Optional.empty();
        }
        return left.frames().stream()
                .filter(frame -> frame.fill() instanceof Fill.Through through
                        && through.picture().equals(picture.id()))
                .findFirst()
                .map(frame -> new Finding(
                        Gravity.GRAVE,
                        left.id(),
                        frame.id(),
                        left.frames().indexOf(frame) + 1,
                        Said.of(Notice.FACE_IN_FOLD)));
    }

    private static List<Finding> usedAgain(Piece piece) {
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
