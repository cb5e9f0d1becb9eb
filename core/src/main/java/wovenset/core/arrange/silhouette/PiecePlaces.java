package wovenset.core.arrange.silhouette;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrange.silhouette.PieceShapes.PieceShape;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.style.Outline;

/** The places of frames in the pieces of a figure. */
public final class PiecePlaces {
    /** No piece's box is narrower. */
    private static final double SMALLEST_MM = 2;
    /** Of a gap that is said to fit. */
    private static final double STEP_MM = 0.1;

    private PiecePlaces() {}

    /** The box of a figure, as large as fits a page with these margins. */
    public static BoxMm figureBox(Format format, Silhouette silhouette) {
        Margins margins = silhouette.margins();
        return new BoxMm(
                        margins.left().mm(),
                        margins.top().mm(),
                        format.width()
                                .minus(margins.left())
                                .minus(margins.right())
                                .mm(),
                        format.height()
                                .minus(margins.top())
                                .minus(margins.bottom())
                                .mm())
                .fitted(silhouette.figure().proportion());
    }

    /**
     * @param silhouette with margins that leave room
     * @param slotted a frame for each piece
     */
    public static PlacesOutcome of(Format format, Silhouette silhouette, List<Frame> slotted) {
        if (silhouette.gap().isNegative()) {
            return new PlacesOutcome.DoesNotFit("gap", Said.of(Reason.GAP_NEGATIVE));
        }
        BoxMm box = figureBox(format, silhouette);
        double gap = silhouette.gap().mm();
        if (!fits(silhouette, box, gap)) {
            return tooWide(format, silhouette, box);
        }
        List<PieceShape> pieces = shapes(silhouette, box, gap);
        Map<UUID, Place> places = new HashMap<>();
        for (int slot = 0; slot < slotted.size(); slot++) {
            PieceShape piece = pieces.get(slot);
            places.put(
                    slotted.get(slot).id(),
                    new Place(
                            piece.box().movedBy(box.x(), box.y()),
                            0,
                            Optional.of(new Place.Form(
                                    new Outline.Traced(silhouette.figure().name(), piece.data()),
                                    piece.middleX(),
                                    piece.middleY()))));
        }
        return new PlacesOutcome.Fits(places);
    }

    private static List<PieceShape> shapes(Silhouette silhouette, BoxMm box, double gap) {
        return PieceShapes.of(silhouette.figure(), silhouette.cells(), box.width(), gap);
    }

    private static boolean fits(Silhouette silhouette, BoxMm box, double gap) {
        return shapes(silhouette, box, gap).stream()
                .allMatch(piece -> Math.min(piece.box().width(), piece.box().height()) >= SMALLEST_MM);
    }

    /** Says the widest gap that fits, by halving; if none does, that there is no room. */
    private static PlacesOutcome.DoesNotFit tooWide(Format format, Silhouette silhouette, BoxMm box) {
        int pieces = silhouette.slots();
        if (!fits(silhouette, box, 0)) {
            return new PlacesOutcome.DoesNotFit("pieces", Said.of(Reason.PIECES_TOO_SMALL, pieces));
        }
        double most = 0;
        double least = silhouette.gap().mm();
        while (least - most > STEP_MM) {
            double tried = (most + least) / 2;
            if (fits(silhouette, box, tried)) {
                most = tried;
            } else {
                least = tried;
            }
        }
        Length said = Length.ofMicrometres((long) (Math.floor(most / STEP_MM) * STEP_MM * 1000));
        return new PlacesOutcome.DoesNotFit(
                "gap", Said.of(Reason.GAP_TOO_WIDE, format.say(silhouette.gap()), pieces, format.say(said)));
    }
}
