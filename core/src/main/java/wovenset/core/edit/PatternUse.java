package wovenset.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.Patterns;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Pattern;
import wovenset.core.piece.Pattern.PatternFrame;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Scattered;

/**
 * Puts a page's photos into a pattern's frames, in their order from back to front, with their crops, words and marks. Frames without a
 * photo stay empty; photos without a frame go back to the drawer. Scattered prints are as many as there are photos.
 */
final class PatternUse {
    private final Supplier<UUID> ids;

    PatternUse(Supplier<UUID> ids) {
        this.ids = ids;
    }

    Outcome apply(Piece piece, Edit.ApplyPattern edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        Pattern pattern = Patterns.fitted(edit.pattern(), piece.format());
        List<Frame> filled =
                page.frames().stream().filter(frame -> frame.photo() != null).toList();
        Arrangement arrangement = pattern.arrangement();
        List<PatternFrame> places = pattern.frames();
        if (edit.withDress()) {
            places.stream()
                    .map(PatternFrame::border)
                    .filter(Objects::nonNull)
                    .forEach(border -> Layouts.checkBorder(piece.format(), border));
        }
        if (arrangement instanceof Scattered scattered
                && !filled.isEmpty()
                && places.stream().allMatch(place -> place.spot() == null)) {
            arrangement = scattered.withPrints(filled.size());
            places = filled.stream().map(frame -> PatternFrame.PLAIN).toList();
        }
        List<Frame> frames = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Frame frame = i < filled.size() ? filled.get(i) : Frame.empty(ids.get());
            Frame placed = frame.withSpot(places.get(i).spot());
            frames.add(edit.withDress() ? placed.withBorder(places.get(i).border()) : placed);
        }
        Arrangement used = arrangement;
        Piece with = piece.mapPage(page.id(), old -> old.with(used, frames));
        return new Outcome(
                edit.withDress() ? Layouts.withDress(with, pattern.dress()) : with,
                "Use the pattern " + pattern.name());
    }
}
