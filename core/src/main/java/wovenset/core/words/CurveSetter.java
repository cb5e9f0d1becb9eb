package wovenset.core.words;

import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.CurveLength;
import wovenset.core.style.TextStyle;

/**
 * Sets one line of words along a curve: each sign stands on it by the middle of its foot, turned but never bent, as far from the
 * next as on a straight line, kerning too.
 *
 * <p>Words that are longer than the curve are set smaller, down to {@link TextStyle#SMALLEST}; then signs at the end are left out.
 * Scripts whose signs join their neighbours are set word by word. Cost: linear in the signs and the curve's pieces.
 */
public final class CurveSetter {
    /** A sign as a person counts them, with what combines with it. */
    private static final Pattern SIGN = Pattern.compile("\\X");

    private static final Pattern WORD = Pattern.compile("\\S+");

    private CurveSetter() {}

    /**
     * A sign on the curve.
     *
     * @param to maps axes whose origin is the middle of its foot, with the baseline to the right
     */
    public record Sign(String text, double widthMm, Affine to) {}

    /**
     * @param text as it is said, in one line
     * @param allShown false if signs at the end had to be left out
     * @param missing signs that the typeface lacks
     */
    public record Line(String text, List<Sign> signs, double sizePt, boolean allShown, String missing) {
        public Line {
            signs = List.copyOf(signs);
        }
    }

    /**
     * @param sizePt the wished size
     * @param curve in millimetres, from where words begin
     */
    public static Line set(String words, Setting setting, double sizePt, Shape curve, TextStyle.Align align) {
        String text = words.strip().replaceAll("\\s+", " ");
        CurveLength length = new CurveLength(curve);
        double natural = setting.width(text) * TextStyle.MM_PER_PT;
        double fits = natural == 0 ? sizePt : length.length() / natural;
        double size = Math.max(TextStyle.SMALLEST, Math.min(sizePt, fits));
        double scale = size * TextStyle.MM_PER_PT;
        double left = Math.max(0, length.length() - natural * size);
        double end =
                switch (align) {
                    case LEFT -> 0;
                    case CENTRE -> left / 2;
                    case RIGHT -> left;
                };
        List<Sign> signs = new ArrayList<>();
        Matcher parts = (text.codePoints().anyMatch(CurveSetter::joins) ? WORD : SIGN).matcher(text);
        boolean allShown = true;
        String before = "";
        int from = 0;
        while (parts.find()) {
            // Both less the one before: kerned with it, and the gap between them.
            String both = before + text.substring(from, parts.end());
            end += scale * (setting.width(both) - setting.width(before));
            double own = scale * setting.width(parts.group());
            before = parts.group();
            from = parts.end();
            if (end > length.length() + scale) {
                allShown = false;
                break;
            }
            if (!parts.group().isBlank()) {
                signs.add(new Sign(parts.group(), own, length.at(end - own / 2)));
            }
        }
        return new Line(text, signs, size, allShown, Typefaces.missing(setting.face(), text));
    }

    /** Whether a sign's form follows from its neighbours: the scripts from Hebrew to Sinhala, and Tibetan to Khmer. */
    private static boolean joins(int sign) {
        boolean eastern = sign >= 0x0590 && sign <= 0x0DFF;
        boolean southern = sign >= 0x0F00 && sign <= 0x109F || sign >= 0x1780 && sign <= 0x17FF;
        return eastern || southern || sign >= 0xFB1D && sign <= 0xFEFC;
    }
}
