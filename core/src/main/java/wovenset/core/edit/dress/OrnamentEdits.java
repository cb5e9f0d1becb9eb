package wovenset.core.edit.dress;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrangement.Margins;
import wovenset.core.drawing.Drawing;
import wovenset.core.drawing.Part;
import wovenset.core.drawing.Picture;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Outline;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;

/** Edits of ornaments and of rings round photos. */
public final class OrnamentEdits {
    /** Of a title: larger than a ribbon's face lets them be, so that words fill it. */
    private static final double LARGE = 4;

    private final Supplier<UUID> ids;

    public OrnamentEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ItemEdit.AddOrnament.class, this::add);
        handlers.on(ItemEdit.ExchangeOrnaments.class, OrnamentEdits::exchange);
        handlers.on(ItemEdit.ColourOrnaments.class, OrnamentEdits::colour);
    }

    private Outcome add(Piece piece, ItemEdit.AddOrnament edit) {
        Page page = Named.page(piece, edit.pageId());
        Named.checkCount(page.frames().size() + 1);
        Placement place =
                new Placement.Free(Box.of(box(piece.format(), page.arrangement().margins(), edit.drawing())), 0);
        UUID style = piece.styles().usual().id();
        Frame frame = isRing(edit.drawing())
                ? Frame.of(ids.get(), place, style, Fill.EMPTY)
                        .withOutline(Outline.Ringed.of(edit.drawing()))
                        // Round a photo there is no room for words below.
                        .withWords(new FrameWords.Own(""))
                : Frame.of(ids.get(), place, style, Fill.Ornament.of(edit.drawing(), onRibbon(piece, edit.drawing())));
        List<Item> items = new ArrayList<>(page.items());
        items.add(frame);
        return Outcome.of(piece, page.withItems(items), Doing.ADD_ORNAMENT);
    }

    private static boolean isRing(Drawing drawing) {
        return drawing.picture().opening().isPresent();
    }

    /** A title that fills the face; light on dark cloth. */
    private static TextStyle onRibbon(Piece piece, Drawing drawing) {
        TextStyle title = TextStyle.title(piece.format());
        return new TextStyle(
                title.typeface(),
                title.weight(),
                title.slant(),
                title.scaled(LARGE).sizePt(),
                title.leading(),
                title.tracking(),
                TextStyle.Align.CENTRE,
                TextStyle.Stand.MIDDLE,
                drawing.picture().isDark() ? Rgb.PAPER : Rgb.INK,
                TextFinish.PLAIN);
    }

    /** Of the page's shorter side, how large drawings are that nobody has sized; lines and ribbons by their width. */
    private static double share(Drawing drawing) {
        return switch (drawing.family()) {
            case RING -> 0.6;
            case RIBBON -> 0.6;
            case DIVIDER -> 0.5;
            case CORNER, STAR, FASTENER, SIGN -> 0.2;
        };
    }

    private static BoxMm box(Format format, Margins margins, Drawing drawing) {
        Picture picture = drawing.picture();
        double shorter = Math.min(format.width().mm(), format.height().mm());
        double longer = Math.max(Placement.Free.SMALLEST.mm(), shorter * share(drawing));
        double across = Math.min(1, picture.width() / picture.height());
        double down = Math.min(1, picture.height() / picture.width());
        double least = Placement.Free.SMALLEST.mm();
        double width = Math.max(least, longer * across);
        double height = Math.max(least, longer * down);
        return drawing.family() == Drawing.Family.CORNER
                ? new BoxMm(margins.left().mm(), margins.top().mm(), width, height)
                : new BoxMm((format.width().mm() - width) / 2, (format.height().mm() - height) / 2, width, height);
    }

    /** Frames with ornaments or rings among these; there is at least one. */
    private static Set<Frame> wanted(Page page, List<UUID> itemIds) {
        Set<Frame> wanted = new HashSet<>(Named.frames(page, itemIds));
        wanted.removeIf(frame -> drawing(frame).isEmpty());
        if (wanted.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.SELECT_ORNAMENT_FIRST);
        }
        return wanted;
    }

    private static Optional<Drawing> drawing(Frame frame) {
        if (frame.fill() instanceof Fill.Ornament ornament) {
            return Optional.of(ornament.drawing());
        }
        return frame.outline() instanceof Outline.Ringed ringed ? Optional.of(ringed.ring()) : Optional.empty();
    }

    private static Outcome exchange(Piece piece, ItemEdit.ExchangeOrnaments edit) {
        Page page = Named.page(piece, edit.pageId());
        Set<Frame> wanted = wanted(page, edit.itemIds());
        if (wanted.stream().anyMatch(frame -> isRing(drawing(frame).orElseThrow()) != isRing(edit.drawing()))) {
            throw EditRefusedException.of("drawing", Reason.EXCHANGE_KIND);
        }
        Page exchanged =
                page.mapFrames(frame -> wanted.contains(frame) ? exchanged(piece, frame, edit.drawing()) : frame);
        return Outcome.of(piece, exchanged, Doing.EXCHANGE_ORNAMENT, wanted.size());
    }

    /** A ring fits its frame by itself; what else keeps its width and its middle has the other drawing's proportion. */
    private static Frame exchanged(Piece piece, Frame frame, Drawing drawing) {
        if (frame.outline() instanceof Outline.Ringed ringed) {
            return frame.withOutline(new Outline.Ringed(drawing, colours(ringed.colours(), drawing)));
        }
        Fill.Ornament old = (Fill.Ornament) frame.fill();
        Optional<Fill.Words> words = drawing.picture().spine().map(spine -> old.words()
                .orElseGet(() -> new Fill.Words("", onRibbon(piece, drawing))));
        Frame filled = frame.withFill(new Fill.Ornament(drawing, colours(old.colours(), drawing), words));
        return frame.placement() instanceof Placement.Free free
                ? filled.withPlacement(free.withBox(inProportion(free.box(), drawing)))
                : filled;
    }

    private static Box inProportion(Box box, Drawing drawing) {
        BoxMm old = box.mm();
        double height = Math.max(
                Placement.Free.SMALLEST.mm(),
                old.width() * drawing.picture().height() / drawing.picture().width());
        return Box.of(new BoxMm(old.x(), old.centreY() - height / 2, old.width(), height));
    }

    /** As they were where there are as many parts; else as the drawing has them. */
    private static List<Rgb> colours(List<Rgb> old, Drawing drawing) {
        List<Part> parts = drawing.picture().parts();
        return old.size() == parts.size()
                ? old
                : parts.stream().map(Part::usual).toList();
    }

    private static Outcome colour(Piece piece, ItemEdit.ColourOrnaments edit) {
        Page page = Named.page(piece, edit.pageId());
        Set<Frame> wanted = wanted(page, edit.itemIds());
        Page coloured = page.mapFrames(frame -> wanted.contains(frame) ? coloured(frame, edit.colours()) : frame);
        return Outcome.of(piece, coloured, Doing.COLOUR_ORNAMENT, wanted.size());
    }

    private static Frame coloured(Frame frame, List<Rgb> colours) {
        return frame.outline() instanceof Outline.Ringed ringed
                ? frame.withOutline(new Outline.Ringed(ringed.ring(), colours))
                : frame.withFill(((Fill.Ornament) frame.fill()).withColours(colours));
    }
}
