package wovenset.core.words;

import java.util.List;
import wovenset.core.style.TextStyle;

/**
 * Words broken into lines.
 *
 * @param sizePt the size they are set in, the wished one or smaller
 * @param allShown false if words were left out because even the smallest size did not fit; the last line then ends in …
 * @param missing signs that the typeface has no shape for, each once; empty if all can be drawn
 * @param lenders the faces that lend signs which the typeface lacks
 */
public record FittedWords(List<Line> lines, double sizePt, boolean allShown, String missing, List<String> lenders) {
    public FittedWords {
        lines = List.copyOf(lines);
        lenders = List.copyOf(lenders);
    }

    public double sizeMm() {
        return sizePt * TextStyle.MM_PER_PT;
    }

    /** A line and its advance width in millimetres. */
    public record Line(String text, double widthMm) {}
}
