package wovenset.core.piece;

import java.util.Optional;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.item.Placement.Across;
import wovenset.core.style.TextStyle;

/** How words look that are new: as such words do already in the piece, else as suits the page. */
public final class WornWords {
    private WornWords() {}

    /**
     * @param ground the colour that stands for what lies behind them
     * @param side of the page that they stand across; nothing for words that lie freely
     * @return without any text
     */
    public static Fill.Words at(Piece piece, Rgb ground, Optional<Across.Side> side) {
        return piece.pages().stream()
                .flatMap(one -> one.frames().stream())
                .filter(frame -> frame.fill() instanceof Fill.Words && side.equals(sideOf(frame)))
                .flatMap(frame -> frame.ownWords().stream())
                .findFirst()
                .map(words -> words.withText("").withStyle(legible(words.style(), ground)))
                .orElseGet(() -> new Fill.Words("", usual(piece, ground, side)));
    }

    private static Optional<Across.Side> sideOf(Frame frame) {
        return frame.placement() instanceof Placement.Across across ? Optional.of(across.side()) : Optional.empty();
    }

    /** In the colour of captions where that reads on the ground. */
    private static TextStyle usual(Piece piece, Rgb ground, Optional<Across.Side> side) {
        TextStyle title = TextStyle.title(piece.format());
        TextStyle style = side.map(one -> one == Across.Side.TOP ? title : title.scaled(0.5))
                .orElseGet(() -> TextStyle.reading(piece.format()));
        return legible(coloured(style, piece.styles().captions().colour()), ground);
    }

    /** As it is where that reads on the ground, else light or dark as the ground is not; words on a panel of their own stay. */
    private static TextStyle legible(TextStyle style, Rgb ground) {
        return style.finish().panel().isPresent()
                ? style
                : coloured(style, style.colour().legibleOn(ground));
    }

    private static TextStyle coloured(TextStyle style, Rgb colour) {
        return style.withFace(style.typeface(), style.weight(), style.slant(), colour);
    }
}
