package wovenset.core.theme;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Paint.Texture.Material;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.ShippedStyles;
import wovenset.core.style.TextStyle.Slant;
import wovenset.core.style.TextStyle.Weight;
import wovenset.core.theme.Theme.Letters;

/** The ten themes that everybody has, from plain to festive; grounds are quiet, so that pictures lead. */
public final class ShippedThemes {
    private final Map<String, FrameStyle> styles;
    private final double unitMm;

    private ShippedThemes(Format format) {
        styles = ShippedStyles.of(format).stream().collect(Collectors.toMap(FrameStyle::name, Function.identity()));
        unitMm = Math.min(format.width().mm(), format.height().mm()) / 100;
    }

    /** All of them, with measures of frames and grounds that suit pages of this size. */
    public static List<Theme> of(Format format) {
        return new ShippedThemes(format).all();
    }

    private List<Theme> all() {
        return List.of(
                theme(
                        "White page",
                        "Bare",
                        solid("#ffffff"),
                        bold("Alegreya", "#22293a"),
                        plain("Alegreya", "#22293a")),
                theme(
                        "Reading room",
                        "Hairline",
                        texture(Material.LAID, "#f6f0e2", "#d9ccb0", 0.5, 0.35),
                        italic("EB Garamond", "#3b2f25"),
                        plain("EB Garamond", "#3b2f25")),
                theme(
                        "Linen chest",
                        "Loose print",
                        texture(Material.LINEN, "#ebe2cf", "#cdbf9f", 0.5, 0.5),
                        bold("Literata", "#5a2b2c"),
                        plain("Literata", "#43362c")),
                theme(
                        "Long corridor",
                        "Walnut frame",
                        solid("#dfddd6"),
                        bold("Source Serif 4", "#2b2a28"),
                        plain("Source Sans 3", "#2b2a28")),
                theme(
                        "Workbench",
                        "Two strips of tape",
                        texture(Material.KRAFT, "#c9a97c", "#8f6d43", 0.6, 0.5),
                        bold("Bitter", "#33241a"),
                        plain("Kalam", "#33241a")),
                theme(
                        "Low tide",
                        "Torn edge",
                        texture(Material.WASH, "#dbe7ea", "#9dbcc6", 8, 0.5),
                        bold("Caveat", "#24485a"),
                        plain("Caveat", "#24485a")),
                theme(
                        "Open sky",
                        "Paper border",
                        new Paint.Gradient(new Rgb("#f4f8fb"), new Rgb("#9ec3e0"), 0),
                        bold("Montserrat", "#1f3c66"),
                        plain("Fira Sans", "#1f3c66")),
                theme(
                        "Slate roof",
                        "Photo corners",
                        texture(Material.SLATE, "#3a4048", "#565d66", 4, 0.5),
                        bold("Oswald", "#f3ead6"),
                        plain("Source Sans 3", "#f3ead6")),
                theme(
                        "Lamp light",
                        "Linen mat",
                        texture(Material.WOOD, "#3d2a1f", "#2a1c14", 2.5, 0.6),
                        bold("Playfair Display", "#f0d9a6"),
                        plain("Alegreya", "#f5e9cf")),
                theme(
                        "Feast day",
                        "Gilt frame",
                        texture(Material.FELT, "#7a2030", "#5f1624", 0.8, 0.6),
                        plain("Great Vibes", "#f3dca0"),
                        italic("Alegreya", "#f8ecd2")));
    }

    private Theme theme(String name, String style, Paint ground, Letters titles, Letters text) {
        UUID id = UUID.nameUUIDFromBytes(("theme " + name).getBytes(StandardCharsets.UTF_8));
        FrameStyle worn = styles.get(style);
        if (worn == null) {
            throw new IllegalStateException("No shipped style is called " + style);
        }
        return new Theme(id, name, worn, ground, titles, text);
    }

    private static Paint solid(String colour) {
        return new Paint.Solid(new Rgb(colour));
    }

    /** @param grain in hundredths of the page's shorter side, as far as there are such */
    private Paint texture(Material material, String colour, String second, double grain, double strength) {
        double mm = Math.min(Paint.Texture.COARSEST.mm(), Math.max(Paint.Texture.FINEST.mm(), grain * unitMm / 2));
        Length width = Length.ofMicrometres(Math.round(mm * 10) * 100);
        return new Paint.Texture(material, new Rgb(colour), new Rgb(second), width, strength);
    }

    private static Letters plain(String typeface, String colour) {
        return new Letters(typeface, Weight.REGULAR, Slant.UPRIGHT, new Rgb(colour));
    }

    private static Letters bold(String typeface, String colour) {
        return new Letters(typeface, Weight.BOLD, Slant.UPRIGHT, new Rgb(colour));
    }

    private static Letters italic(String typeface, String colour) {
        return new Letters(typeface, Weight.REGULAR, Slant.ITALIC, new Rgb(colour));
    }
}
