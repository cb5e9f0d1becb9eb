package wovenset.core.edit.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.style.StyleUse;

/** Edits that add boxes and lines. */
public final class ShapeEdits {
    /** Of the page's sides, what a box has. */
    private static final double BOX = 0.5;

    private static final double LINE = 0.6;
    /** A line's frame is as high as this at least, so that it can be taken hold of. */
    private static final double GRIP = 4;

    private final Supplier<UUID> ids;

    public ShapeEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ItemEdit.AddBox.class, (piece, edit) -> {
            Page page = room(piece, edit.pageId());
            double width = BOX * piece.format().width().mm();
            double height = BOX * piece.format().height().mm();
            List<Item> items = new ArrayList<>(page.items());
            // Boxes lie behind what is there: words and photos are laid on them.
            items.add(0, frame(piece, new Fill.Painted(edit.paint()), width, height));
            return Outcome.of(piece, page.withItems(items), Doing.ADD_BOX);
        });
        handlers.on(ItemEdit.AddRule.class, (piece, edit) -> {
            Page page = room(piece, edit.pageId());
            double width = LINE * piece.format().width().mm();
            double height = Math.max(GRIP, edit.rule().thickness().mm());
            List<Item> items = new ArrayList<>(page.items());
            items.add(frame(piece, new Fill.Ruled(edit.rule()), width, height));
            return Outcome.of(piece, page.withItems(items), Doing.ADD_RULE);
        });
    }

    private static Page room(Piece piece, UUID pageId) {
        Page page = Named.page(piece, pageId);
        Named.checkCount(page.frames().size() + 1);
        return page;
    }

    private Frame frame(Piece piece, Fill fill, double widthMm, double heightMm) {
        Format format = piece.format();
        double smallest = Placement.Free.SMALLEST.mm();
        double width = Math.max(smallest, widthMm);
        double height = Math.max(smallest, heightMm);
        BoxMm box =
                new BoxMm((format.width().mm() - width) / 2, (format.height().mm() - height) / 2, width, height);
        return Frame.of(
                        ids.get(),
                        new Placement.Free(Box.of(box), 0),
                        piece.styles().usual().id(),
                        fill)
                // Borders and shadows are of photos, unless somebody wants them here.
                .withStyle(StyleUse.bare(piece.styles().usual()))
                .withWords(new FrameWords.Own(""));
    }
}
