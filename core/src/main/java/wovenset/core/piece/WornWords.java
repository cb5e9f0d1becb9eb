package wovenset.core.piece;

import java.util.Optional;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.item.Placement.Across;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.style.TextStyle;

/** How words look that are new: as such words do already in the piece, else as suits the page. */
public final class WornWords {
    private WornWords() {}

    /**
     * @param side of the page that they stand across; nothing for words that lie freely
     * @return without any text
     */
    public static Fill.Words at(Piece piece, Page page, PhotoFacts facts, Optional<Across.Side> side) {
        return piece.pages().stream()
                .flatMap(one -> one.frames().stream())
                .filter(frame -> frame.fill() instanceof Fill.Words && side.equals(sideOf(frame)))
                .flatMap(frame -> frame.ownWords().stream())
                .findFirst()
                .map(words -> words.withText(""))
                .orElseGet(() -> new Fill.Words("", usual(piece, page, facts, side)));
    }

    private static Optional<Across.Side> sideOf(Frame frame) {
        return frame.placement() instanceof Placement.Across across ? Optional.of(across.side()) : Optional.empty();
    }

    /** In the colour of captions where that reads on the page's ground, else light or dark as the ground is not. */
    private static TextStyle usual(Piece piece, Page page, PhotoFacts facts, Optional<Across.Side> side) {
        TextStyle title = TextStyle.title(piece.format());
        TextStyle style = side.map(one -> one == Across.Side.TOP ? title : title.scaled(0.5))
                .orElseGet(() -> TextStyle.reading(piece.format()));
        Rgb captions = piece.styles().captions().colour();
        boolean dark = GroundColour.of(piece, page, facts).isDark();
        Rgb colour = captions.isDark() != dark ? captions : dark ? Rgb.PAPER : Rgb.INK;
        return style.withFace(style.typeface(), style.weight(), style.slant(), colour);
    }
}
