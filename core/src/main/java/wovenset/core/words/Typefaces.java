package wovenset.core.words;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.LineMetrics;
import java.awt.font.TextAttribute;
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
 * The typefaces that ship with the application (all under the SIL Open Font License), regular, and where they have such letters bold
 * and italic, too. A face is named by its typeface, another one than the regular by {@link #face}.
 */
public final class Typefaces {
    private static final String BOLD = " Bold";
    private static final String ITALIC = " Italic";
    private static final Map<String, Typeface> FAMILIES = new LinkedHashMap<>();

    static {
        // The two that pieces begin with, and then by their names.
        ship("Alegreya", "Alegreya", true, true);
        ship("Source Sans 3", "SourceSans3", true, true);
        ship("Kalam", "Kalam", true, false);
        ship("Amatic SC", "AmaticSC", true, false);
        ship("Bitter", "Bitter", true, true);
        ship("Caveat", "Caveat", true, false);
        ship("Comfortaa", "Comfortaa", true, false);
        ship("Dancing Script", "DancingScript", true, false);
        ship("EB Garamond", "EBGaramond", true, true);
        ship("Fira Sans", "FiraSans", true, true);
        ship("Great Vibes", "GreatVibes", false, false);
        ship("Literata", "Literata", true, true);
        ship("Lobster", "Lobster", false, false);
        ship("Montserrat", "Montserrat", true, true);
        ship("Oswald", "Oswald", true, false);
        ship("Pacifico", "Pacifico", false, false);
        ship("Playfair Display", "PlayfairDisplay", true, true);
        ship("Source Serif 4", "SourceSerif4", true, true);
    }

    private static void ship(String name, String file, boolean hasBold, boolean hasItalic) {
        FAMILIES.put(name, new Typeface(name, file, hasBold, hasItalic));
    }

    /**
     * A family of faces.
     *
     * @param file what its files' names begin with
     */
    public record Typeface(String name, String file, boolean hasBold, boolean hasItalic) {}

    private static final Map<String, Font> LOADED = new ConcurrentHashMap<>();

    private static final int MOST_OUTLINES = 4000;
    /** Points; large, for outlines at text size would be rounded to hinted pixels. */
    private static final float SHAPED_AT = 1000;

    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private static final Map<Line, Shape> OUTLINES = new ConcurrentHashMap<>(MOST_OUTLINES);

    private Typefaces() {}

    /** The name of a typeface's bold face; of its regular one if it has none. */
    public static String bold(String typeface) {
        return face(typeface, true, false);
    }

    /** The name of the face that comes nearest: a typeface without bold or italic letters is set in those that it has. */
    public static String face(String typeface, boolean bold, boolean italic) {
        Typeface family = family(typeface);
        return typeface + (bold && family.hasBold() ? BOLD : "") + (italic && family.hasItalic() ? ITALIC : "");
    }

    private static Typeface family(String typeface) {
        Typeface family = FAMILIES.get(typeface);
        if (family == null) {
            throw new IllegalArgumentException("No typeface named " + typeface);
        }
        return family;
    }

    /** The typefaces, the default first. */
    public static List<Typeface> all() {
        return List.copyOf(FAMILIES.values());
    }

    /** The typefaces' names, the default first. */
    public static List<String> names() {
        return List.copyOf(FAMILIES.keySet());
    }

    /** The face at a size of one user unit, with kerning. */
    public static Font font(String name) {
        return LOADED.computeIfAbsent(name, Typefaces::load);
    }

    /**
     * The outline of a line of words at a size of one unit, its baseline starting at the origin, kerned. Outlines are
     * remembered: shaping a line costs more than filling it.
     */
    public static Shape outline(Setting setting, String line) {
        if (OUTLINES.size() >= MOST_OUTLINES) {
            OUTLINES.clear();
        }
        return OUTLINES.computeIfAbsent(new Line(setting, line), key -> FallbackFaces.layout(
                        line, spaced(setting, line).deriveFont(SHAPED_AT), EXACT)
                .getOutline(AffineTransform.getScaleInstance(1 / SHAPED_AT, 1 / SHAPED_AT)));
    }

    private static Font spaced(Setting setting, String line) {
        Font font = font(setting.face());
        return setting.tracking() == 0 || joins(line)
                ? font
                : font.deriveFont(Map.of(TextAttribute.TRACKING, setting.tracking()));
    }

    /** Whether signs of a line change their form or place with their neighbours: they are not drawn further apart. */
    public static boolean joins(String line) {
        char[] signs = line.toCharArray();
        return Font.textRequiresLayout(signs, 0, signs.length);
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

    /** The advance of a line of words at a size of one unit, shaped and kerned, without rounding to pixels. */
    public static double width(String name, String line) {
        return line.isEmpty()
                ? 0
                : FallbackFaces.layout(line, font(name).deriveFont(SHAPED_AT), EXACT)
                                .getAdvance()
                        / SHAPED_AT;
    }

    /** Signs of a text that neither this face nor any that lends signs has a shape for, each once. */
    public static String missing(String name, String text) {
        return FallbackFaces.missing(text, font(name));
    }

    /** The faces that lend signs which this one lacks, each once; empty if it lacks none. */
    public static List<String> lenders(String name, String text) {
        return FallbackFaces.lenders(text, font(name));
    }

    private record Line(Setting setting, String text) {}

    /** The TrueType file of a face; the caller closes it. */
    public static InputStream file(String name) {
        boolean italic = name.endsWith(ITALIC);
        String upright = italic ? name.substring(0, name.length() - ITALIC.length()) : name;
        boolean isBold = upright.endsWith(BOLD);
        Typeface family = family(isBold ? upright.substring(0, upright.length() - BOLD.length()) : upright);
        String file = family.file() + (isBold ? "_700Bold" : "_400Regular") + (italic ? "_Italic" : "") + ".ttf";
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
