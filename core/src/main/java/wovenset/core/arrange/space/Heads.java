package wovenset.core.arrange.space;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrangement.Margins;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.item.Placement.Across.Side;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.style.TextStyle;
import wovenset.core.words.Setting;
import wovenset.core.words.WordFitter;

/**
 * The words that lie across a page, and what they leave to its arrangement. Each is as high as its lines: n · leading · size, n
 * from breaking them into the width between the side margins; below it half its size is free. Where the margin is narrower
 * than a knife may miss, words keep that far from the trim themselves. Hidden ones keep their room. Cost: linear in the words.
 */
public final class Heads {
    /** Millimetres from the trim within which no words are set. */
    private static final double KNIFE = 5;
    /** Type sizes between words and what the arrangement places. */
    private static final double AIR = 0.5;
    /** What the arrangement has to be left of the page's height. */
    private static final double LEAST_LEFT = 0.2;

    private final Map<UUID, Place> places = new HashMap<>();
    private final Format format;
    private final Margins margins;
    private double top;
    private double bottom;

    private Heads(Piece piece, Page page, Margins margins) {
        format = piece.format();
        this.margins = margins;
        top = side(page.frames(), Side.TOP);
        bottom = side(page.frames(), Side.BOTTOM);
    }

    public static Heads of(Piece piece, Page page) {
        return new Heads(piece, page, page.arrangement().margins());
    }

    /** The same if the page had these margins. */
    public static Heads of(Piece piece, Page page, Margins margins) {
        return new Heads(piece, page, margins);
    }

    /** Where each frame lies that lies across, by its name. */
    public Map<UUID, Place> places() {
        return Collections.unmodifiableMap(places);
    }

    /** The page's margins, and what the words need beside them. */
    public Margins margins() {
        return new Margins(
                top == 0 ? margins.top() : Length.ofMm(top),
                margins.right(),
                bottom == 0 ? margins.bottom() : Length.ofMm(bottom),
                margins.left());
    }

    /** Why the words leave nothing of the page. */
    public Optional<PlacesOutcome.DoesNotFit> problem() {
        double left = format.height().mm() - top - bottom;
        return places.isEmpty() || left >= LEAST_LEFT * format.height().mm()
                ? Optional.empty()
                : Optional.of(new PlacesOutcome.DoesNotFit(
                        "text",
                        Said.of(
                                Reason.WORDS_TOO_HIGH,
                                format.say(Length.ofMm(top + bottom)),
                                format.say(format.height()))));
    }

    /** Places the words of one side. The distance from the trim at which they end; 0 if there are none. */
    private double side(List<Frame> frames, Side side) {
        List<Frame> across = new ArrayList<>(frames.stream()
                .filter(frame -> frame.placement().equals(new Placement.Across(side)))
                .toList());
        double x = Math.max(margins.left().mm(), KNIFE);
        double width =
                Math.max(1, format.width().mm() - x - Math.max(margins.right().mm(), KNIFE));
        double own = (side == Side.TOP ? margins.top() : margins.bottom()).mm();
        double at = Math.max(own, KNIFE);
        for (Frame frame : across) {
            if (frame.fill() instanceof Fill.Words words) {
                TextStyle style = words.style();
                int lines = WordFitter.lines(words.text(), Setting.of(style), style.sizePt(), width);
                double height = lines * style.lineMm();
                double y = side == Side.TOP ? at : format.height().mm() - at - height;
                places.put(frame.id(), new Place(new BoxMm(x, y, width, height), 0));
                at += height + AIR * style.sizeMm();
            }
        }
        return across.isEmpty() ? 0 : at;
    }
}
