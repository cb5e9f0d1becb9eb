package wovenset.core.edit.slots;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrangement.Scattered;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;

/**
 * A scattered print has its photo's proportion: where another photo comes into its place, the print takes on that photo's, with
 * the same middle and the same area A of the picture, w = √(A·a), h = √(A/a). No other print moves. Cost: linear in the frames
 * of pages that changed.
 */
public final class PrintFit {
    private PrintFit() {}

    public static Piece changed(Piece before, Piece after, PhotoFacts facts) {
        Map<UUID, Page> old = new HashMap<>();
        before.pages().forEach(page -> old.put(page.id(), page));
        return after.mapPages(page -> {
            Page earlier = old.get(page.id());
            boolean strewn = earlier != null
                    && !earlier.equals(page)
                    && earlier.arrangement() instanceof Scattered
                    && page.arrangement() instanceof Scattered;
            return earlier != null && strewn ? fitted(before, earlier, after, page, facts) : page;
        });
    }

    private static Page fitted(Piece before, Page earlier, Piece after, Page page, PhotoFacts facts) {
        Scattered scattered = (Scattered) page.arrangement();
        Map<Placement, Double> shown = new HashMap<>();
        PagePhotos old = new PagePhotos(before, earlier, facts);
        earlier.slotted().stream()
                .filter(frame -> !frame.isEmpty())
                .forEach(frame -> shown.put(frame.placement(), old.shown(frame)));
        PagePhotos photos = new PagePhotos(after, page, facts);
        Scattered fitted = scattered;
        for (Frame frame : page.slotted()) {
            double now = photos.shown(frame);
            boolean changed = !frame.isEmpty() && shown.getOrDefault(frame.placement(), 0.0) != now;
            if (changed && frame.placement() instanceof Placement.InSlot in) {
                Scattered.Print print = fitted.prints().get(in.slot());
                double inside =
                        frame.style().in(after.styles()).width(Band.Side.INSIDE).mm();
                fitted = fitted.withPrint(
                        in.slot(), new Scattered.Print(fit(print.box(), inside, now), print.turnDegrees()));
            }
        }
        return fitted.equals(scattered) ? page : page.with(fitted, page.items());
    }

    private static Box fit(Box box, double insideMm, double proportion) {
        BoxMm picture = box.mm().inset(insideMm);
        double area = picture.width() * picture.height();
        double width = Math.sqrt(area * proportion) + 2 * insideMm;
        double height = Math.sqrt(area / proportion) + 2 * insideMm;
        BoxMm all = box.mm();
        return Box.of(new BoxMm(all.centreX() - width / 2, all.centreY() - height / 2, width, height));
    }
}
