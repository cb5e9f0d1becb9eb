package wovenset.core.theme;

import java.util.Comparator;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleSheet;
import wovenset.core.style.StyleUse;
import wovenset.core.style.TextStyle;
import wovenset.core.words.Typefaces;

/**
 * How a whole piece looks.
 *
 * @param frame what all frames for photos wear
 * @param ground of all pages
 * @param titles the letters of large words
 * @param text those of captions and other words
 */
public record Theme(UUID id, String name, FrameStyle frame, Paint ground, Letters titles, Letters text) {
    /** Words that are so many times as large as captions are titles. */
    private static final double TITLE = 1.5;

    public Theme {
        Checks.name(name, FrameStyle.LONGEST_NAME, Reason.THEME_NAME);
    }

    /** The letters of words and their colour. */
    public record Letters(String typeface, TextStyle.Weight weight, TextStyle.Slant slant, Rgb colour) {
        public Letters {
            boolean ships = Typefaces.names().contains(typeface);
            Checks.that(ships, Reason.TYPEFACE, String.join(", ", Typefaces.names()));
        }

        static Letters of(TextStyle style) {
            return new Letters(style.typeface(), style.weight(), style.slant(), style.colour());
        }

        TextStyle on(TextStyle style) {
            return style.withFace(typeface, weight, slant, colour);
        }
    }

    /**
     * That of a piece: the style that its new frames wear, its common ground, the letters of its largest words and of its captions. Where
     * it has no words, titles have the letters of captions.
     */
    public static Theme of(Piece piece, UUID id, String name) {
        StyleSheet styles = piece.styles();
        CaptionStyle captions = styles.captions();
        Letters text =
                new Letters(captions.typeface(), TextStyle.Weight.REGULAR, TextStyle.Slant.UPRIGHT, captions.colour());
        Letters titles = piece.pages().stream()
                .flatMap(page -> page.frames().stream())
                .flatMap(frame -> frame.ownWords().stream())
                .map(Fill.Words::style)
                .filter(style -> isTitle(style, captions))
                .max(Comparator.comparingDouble(TextStyle::sizePt))
                .map(Letters::of)
                .orElse(text);
        return new Theme(id, name, styles.usual(), styles.grounds().usual(), titles, text);
    }

    private static boolean isTitle(TextStyle style, CaptionStyle captions) {
        return style.sizePt() >= TITLE * captions.sizePt();
    }

    /**
     * The piece in this theme. Its own copy of the frame style stays as it is; pages with a ground of their own, frames with a style of
     * their own and words get the theme's. What stands where, and how large, does not change.
     */
    public Piece wornBy(Piece piece) {
        StyleSheet before = piece.styles();
        CaptionStyle captions = before.captions();
        StyleSheet dressed = before.bringing(frame)
                .withUsual(frame.id())
                .withGrounds(Grounds.of(ground))
                .withCaptions(captions.withFace(text.typeface, text.colour));
        StyleSheet lettered = dressed.withTexts(dressed.texts().stream()
                .map(text -> text.withStyle(lettered(text.style(), captions)))
                .toList());
        UnaryOperator<Frame> dress = one -> {
            // A ring round a photo is its frame already.
            boolean bare = one.isForPhotos() && !(one.outline() instanceof Outline.Ringed);
            Frame worn = bare ? one.withStyle(StyleUse.of(frame.id())) : one;
            // Words on a ribbon keep their colour: it goes with the ribbon.
            return worn.fill() instanceof Fill.Words
                    ? worn.mapOwnWords(words -> words.withStyle(lettered(words.style(), captions)))
                    : worn;
        };
        return piece.withStyles(lettered).mapPages(page -> {
            Page changed = page.withGround(new Ground.Common()).mapFrames(dress);
            return changed.equals(page) ? page : changed;
        });
    }

    private TextStyle lettered(TextStyle style, CaptionStyle captions) {
        return (isTitle(style, captions) ? titles : text).on(style);
    }
}
