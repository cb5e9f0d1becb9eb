package wovenset.core.photo;

import java.util.List;
import wovenset.core.ink.Rgb;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A look that a photo takes on as a whole.
 *
 * @param strength in percent, above 0; at 100 nothing of the photo's own look is left
 * @param colours as many as its kind asks for; none for its usual ones
 */
public record Treatment(Kind kind, double strength, List<Rgb> colours) {
    /** What becomes of the photo. */
    public enum Kind {
        /** Greys as bright as the colours are. */
        GREY,
        /** Greys as through a red glass: reds light, skies dark. */
        GREY_RED,
        /** Greys as through a green glass. */
        GREY_GREEN,
        /** Greys as through a blue glass: skies light, reds dark. */
        GREY_BLUE,
        /** Brown and cream. */
        SEPIA,
        /** From the first colour in the shadows to the second in the lights. */
        TWO_COLOURS,
        /** All in one hue, each pixel as bright as it was. */
        ONE_HUE,
        /** As after years in the sun. */
        FADED,
        COOL,
        WARM,
        /** Strokes of a brush. */
        BRUSH,
        /** Lead on paper. */
        PENCIL,
        /** Lines of the first colour on the second. */
        INK,
        /** Large squares. */
        PIXELS,
        /** Few tones with plain edges. */
        POSTER,
        /** Edges that shine in the dark. */
        GLOW;

        /** Whether it draws lines and strokes, which take some pixels to be seen. */
        public boolean isDrawn() {
            return switch (this) {
                case BRUSH, PENCIL, INK, POSTER, GLOW -> true;
                default -> false;
            };
        }

        /** The colours that it has where nobody has chosen others. */
        public List<Rgb> usual() {
            return switch (this) {
                case TWO_COLOURS -> List.of(new Rgb("#1d2a4d"), new Rgb("#f6e7c8"));
                case ONE_HUE -> List.of(new Rgb("#b5532c"));
                case INK -> List.of(new Rgb("#1c2333"), new Rgb("#fffdf6"));
                default -> List.of();
            };
        }
    }

    public Treatment {
        colours = colours.isEmpty() ? kind.usual() : List.copyOf(colours);
        Checks.that(strength > 0 && strength <= 100, Reason.TREATMENT_STRENGTH);
        Checks.that(
                colours.size() == kind.usual().size(),
                Reason.TREATMENT_COLOURS,
                kind.usual().size());
    }

    /** In its usual colours. */
    public static Treatment of(Kind kind, double strength) {
        return new Treatment(kind, strength, List.of());
    }
}
