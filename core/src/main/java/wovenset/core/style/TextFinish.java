package wovenset.core.style;

import java.util.Optional;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.effect.Shadow;

/**
 * What makes words stand out, and how long ones run.
 *
 * @param edge around each letter
 * @param shadow that the letters throw, away from the piece's light
 * @param panel behind all of the words
 * @param columns that words in a straight course run in, side by side; nothing for one
 * @param hyphenated whether words are parted at the ends of lines
 */
public record TextFinish(
        Optional<Edge> edge,
        Optional<Shadow> shadow,
        Optional<Panel> panel,
        Optional<Columns> columns,
        boolean hyphenated) {
    public static final TextFinish PLAIN =
            new TextFinish(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), false);

    /** @param width seen of it around the letters, zero to 20 mm */
    public record Edge(Length width, Rgb colour) {
        public static final Length WIDEST = Length.ofMm(20);

        public Edge {
            Checks.that(!width.isNegative() && width.compareTo(WIDEST) <= 0, Reason.LETTER_EDGE);
        }
    }

    /**
     * A ground for words.
     *
     * @param opacity 0 not to be seen to 1 solid
     * @param pad by how much it is larger than the words, on all sides, 0 to 100 mm
     * @param radius of its corners, as far as there is room for it
     */
    public record Panel(Rgb colour, double opacity, Length pad, Length radius) {
        public static final Length WIDEST = Length.ofMm(100);

        public Panel {
            Checks.that(opacity >= 0 && opacity <= 1, Reason.OPACITY);
            Checks.that(!pad.isNegative() && pad.compareTo(WIDEST) <= 0, Reason.PANEL_PAD);
            Checks.that(!radius.isNegative() && radius.compareTo(WIDEST) <= 0, Reason.PANEL_PAD);
        }
    }

    /** @param count 2 to {@value #MOST} */
    public record Columns(int count, Length gap) {
        public static final int MOST = 6;

        public Columns {
            Checks.that(count >= 2 && count <= MOST, Reason.TEXT_COLUMNS, MOST);
            Checks.that(!gap.isNegative() && gap.compareTo(Panel.WIDEST) <= 0, Reason.TEXT_COLUMNS, MOST);
        }
    }

    /** How many columns words run in. */
    public int columnCount() {
        return columns.map(Columns::count).orElse(1);
    }

    /** How wide each column of a frame of this width is; at least 1 mm. */
    public double columnMm(double widthMm) {
        double gaps = columns.map(one -> (one.count() - 1) * one.gap().mm()).orElse(0.0);
        return Math.max(1, (widthMm - gaps) / columnCount());
    }

    /** What becomes of it when the style that it follows changes: all in which it did not differ. */
    TextFinish following(TextFinish before, TextFinish after) {
        return new TextFinish(
                edge.equals(before.edge) ? after.edge : edge,
                shadow.equals(before.shadow) ? after.shadow : shadow,
                panel.equals(before.panel) ? after.panel : panel,
                columns.equals(before.columns) ? after.columns : columns,
                hyphenated == before.hyphenated ? after.hyphenated : hyphenated);
    }
}
