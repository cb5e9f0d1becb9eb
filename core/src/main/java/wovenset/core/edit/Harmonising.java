package wovenset.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import wovenset.core.arrange.Harmony;
import wovenset.core.arrange.LabColour;
import wovenset.core.arrange.Place;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.PlacesOutcome;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Orders a page's photos over its frames by their colours. */
final class Harmonising {
    private Harmonising() {}

    static Outcome apply(Piece piece, Edit.Harmonise edit, PhotoFacts photos) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, page, photos);
        List<Frame> frames = new ArrayList<>();
        List<LabColour> colours = new ArrayList<>();
        List<BoxMm> places = new ArrayList<>();
        List<Boolean> pinned = new ArrayList<>();
        for (int i = 0; i < page.frames().size(); i++) {
            Frame frame = page.frames().get(i);
            LabColour colour =
                    frame.photo() == null ? null : photos.colour(frame.photo()).orElse(null);
            if (colour != null) {
                Place place = fits.places().get(i);
                frames.add(frame);
                colours.add(colour);
                places.add(place.cell());
                pinned.add(frame.wanted().pinned());
            }
        }
        if (pinned.stream().filter(pin -> !pin).count() < 2) {
            throw new EditRefusedException(
                    "photos", "There is nothing to order: two photos or more are needed that are not pinned.");
        }
        List<Integer> order = Harmony.order(colours, places, pinned, edit.mode(), edit.seed());
        Map<UUID, Frame> contents = new HashMap<>();
        for (int i = 0; i < frames.size(); i++) {
            contents.put(frames.get(i).id(), frames.get(order.get(i)));
        }
        Piece ordered = piece.mapPage(
                page.id(),
                old -> old.mapFrames(frame ->
                        contents.containsKey(frame.id()) ? frame.withContentOf(contents.get(frame.id())) : frame));
        return new Outcome(
                ordered, edit.mode() == Harmony.Mode.EVEN ? "Even out the colours" : "Run from light to dark");
    }
}
