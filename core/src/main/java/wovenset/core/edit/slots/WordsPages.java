package wovenset.core.edit.slots;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.GroundColour;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;

/** Pages that hold nothing but words, and words that stand among the photos of a page. */
public final class WordsPages {
    /** Of the shorter side, where the pages have no margins to keep to. */
    private static final double MARGIN = 0.09;

    private static final double TITLE_LARGER = 1.8;
    private static final double IMPRINT_SMALLER = 0.8;

    private WordsPages() {}

    /** @param margins of the page before it; where a side has none, there is room about the words all the same */
    public static Page of(
            Piece piece, PageEdit.AddWordsPage wished, Margins margins, PhotoFacts facts, Supplier<UUID> ids) {
        Page page = Page.of(ids.get(), new ByHand(margins), List.of())
                .withNumbered(wished.what() == PageEdit.AddWordsPage.What.TEXT);
        Format format = piece.format();
        double free = MARGIN * Math.min(format.width().mm(), format.height().mm());
        double left = around(margins.left(), free);
        double top = around(margins.top(), free);
        double width = format.width().mm() - left - around(margins.right(), free);
        double height = format.height().mm() - top - around(margins.bottom(), free);
        BoxMm box =
                switch (wished.what()) {
                    case TITLE -> new BoxMm(left, top + height * 0.15, width, height * 0.5);
                    case TEXT -> new BoxMm(left, top, width, height);
                    case IMPRINT -> new BoxMm(left, top + height * 0.6, width, height * 0.4);
                };
        Frame words = Frame.of(
                ids.get(),
                new Placement.Free(Box.of(box), 0),
                piece.styles().usual().id(),
                new Fill.Words(wished.text().strip(), style(piece, page, wished.what(), facts)));
        return page.withItems(List.of(words));
    }

    /** Words that are to stand among the photos of an album's page, in a slot of it. */
    public static Frame block(Piece piece, Page page, AlbumEdit.AddBlock wished, PhotoFacts facts) {
        return Frame.of(
                wished.frameId(),
                new Placement.InSlot(0),
                piece.styles().usual().id(),
                new Fill.Words(wished.text().strip(), style(piece, page, PageEdit.AddWordsPage.What.TEXT, facts)));
    }

    private static double around(Length margin, double least) {
        return Math.max(margin.mm(), least);
    }

    /** In the type of the piece's other words, if it has some, and a colour that reads on its ground. */
    private static TextStyle style(Piece piece, Page page, PageEdit.AddWordsPage.What kind, PhotoFacts facts) {
        TextStyle reading = TextStyle.reading(piece.format());
        Rgb colour = GroundColour.of(piece, page, facts).wordsOn();
        String typeface = piece.pages().stream()
                .flatMap(one -> one.frames().stream())
                .flatMap(frame -> frame.ownWords().stream())
                .map(words -> words.style().typeface())
                .findFirst()
                .orElse(piece.styles().captions().typeface());
        TextStyle like =
                switch (kind) {
                    case TITLE -> TextStyle.title(piece.format()).scaled(TITLE_LARGER);
                    case TEXT -> reading;
                    case IMPRINT -> reading.scaled(IMPRINT_SMALLER);
                };
        return new TextStyle(
                typeface,
                like.weight(),
                like.slant(),
                like.sizePt(),
                like.leading(),
                like.tracking(),
                like.align(),
                switch (kind) {
                    case TITLE -> TextStyle.Stand.MIDDLE;
                    case TEXT -> TextStyle.Stand.TOP;
                    case IMPRINT -> TextStyle.Stand.BOTTOM;
                },
                colour,
                new TextFinish(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        kind == PageEdit.AddWordsPage.What.TEXT));
    }
}
