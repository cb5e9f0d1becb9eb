package wovenset.core.words;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.LineMetrics;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The typefaces that ship with the application (all under the SIL Open Font License), each regular and bold. A face is named by
 * its typeface, a bold one by {@link #bold}.
 */
public final class Typefaces {
    private static final String BOLD = " Bold";
    /** Without their weight and what it is called. */
    private static final Map<String, String> FILES = new LinkedHashMap<>();

    static {
        FILES.put("Alegreya", "Alegreya");
        FILES.put("Source Sans 3", "SourceSans3");
        FILES.put("Kalam", "Kalam");
    }

    private static final Map<String, Font> LOADED = new ConcurrentHashMap<>();

    private static final int MOST_OUTLINES = 4000;
    /** Points; large, for outlines at text size would be rounded to hinted pixels. */
    private static final float SHAPED_AT = 1000;

    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private static final Map<Line, Shape> OUTLINES = new ConcurrentHashMap<>(MOST_OUTLINES);

    private Typefaces() {}

    /** The name of a typeface's bold face. */
    public static String bold(String typeface) {
        return typeface + BOLD;
    }

    /** The typefaces' names, the default first. */
    public static List<String> names() {
        return List.copyOf(FILES.keySet());
    }

    /** The face at a size of one user unit, with kerning. */
    public static Font font(String name) {
        return LOADED.computeIfAbsent(name, Typefaces::load);
    }

    /**
     * The outline of a line of words at a size of one unit, its baseline starting at the origin, kerned. Outlines are
     * remembered: shaping a line costs more than filling it.
     */
    public static Shape outline(String name, String line) {
        if (OUTLINES.size() >= MOST_OUTLINES) {
            OUTLINES.clear();
        }
        return OUTLINES.computeIfAbsent(
                new Line(name, line), key -> new TextLayout(line, font(name).deriveFont(SHAPED_AT), EXACT)
                        .getOutline(AffineTransform.getScaleInstance(1 / SHAPED_AT, 1 / SHAPED_AT)));
    }

    /**
     * Where the baseline lies in a line of this height, both in type sizes: what the line is higher than ascent and descent is
     * halved above and below (as CSS does, so that what is typed on a screen stands where it will print).
     */
    public static double baseline(String name, double lineHeight) {
        LineMetrics metrics = font(name).deriveFont(SHAPED_AT).getLineMetrics("Hg", EXACT);
        double ascent = metrics.getAscent() / SHAPED_AT;
        double descent = metrics.getDescent() / SHAPED_AT;
        return (lineHeight - ascent - descent) / 2 + ascent;
    }

    private record Line(String typeface, String text) {}

    /** The TrueType file of a face; the caller closes it. */
    public static InputStream file(String name) {
        boolean isBold = name.endsWith(BOLD);
        String family = FILES.get(isBold ? name.substring(0, name.length() - BOLD.length()) : name);
        if (family == null) {
            throw new IllegalArgumentException("No typeface named " + name);
        }
        String file = family + (isBold ? "_700Bold.ttf" : "_400Regular.ttf");
        return Objects.requireNonNull(Typefaces.class.getResourceAsStream(file), file);
    }

    private static Font load(String name) {
        try (InputStream file = file(name)) {
            return Font.createFont(Font.TRUETYPE_FONT, file)
                    .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("The shipped typeface " + name + " cannot be read", e);
        }
    }
}
