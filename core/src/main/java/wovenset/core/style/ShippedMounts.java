package wovenset.core.style;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Paint.Texture.Material;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Shadow;

/**
 * The papers to mount pictures on that everybody has. Their measures are parts of the page's shorter side, so that they suit a card and
 * a wall. Papers have the same identity on all pages.
 */
public final class ShippedMounts {
    private final double unitMm;

    private ShippedMounts(Format format) {
        unitMm = Math.min(format.width().mm(), format.height().mm()) / 100;
    }

    /** All of them, for pages of this size. */
    public static List<Mount> of(Format format) {
        return new ShippedMounts(format).all();
    }

    private List<Mount> all() {
        return List.of(
                mount("Cream on kraft", sheet(1.6, paper("#f7f0df")), sheet(1.2, kraft())),
                mount(
                        "White on slate",
                        sheet(2.2, paper("#fcfbf7")),
                        sheet(0.8, of(Material.SLATE, "#4d545c", "#333a42", 0.8, 0.5))),
                mount(
                        "Two linens",
                        sheet(1.4, of(Material.LINEN, "#efe6d3", "#cfc09d", 0.35, 0.5)),
                        sheet(1.4, of(Material.LINEN, "#a9b7bd", "#7f939c", 0.35, 0.5))),
                mount("Woad edge", sheet(2.4, paper("#fbf8f1")), sheet(0.4, new Paint.Solid(new Rgb("#2f4b7c")))),
                mount(
                        "Three greens",
                        sheet(0.7, new Paint.Solid(new Rgb("#dfe6d2"))),
                        sheet(0.7, new Paint.Solid(new Rgb("#a9bb93"))),
                        sheet(0.7, new Paint.Solid(new Rgb("#5e7b4f")))),
                mount(
                        "Felt and straw",
                        sheet(1.0, new Paint.Solid(new Rgb("#e8cf8a"))),
                        sheet(2.0, of(Material.FELT, "#7b3b3f", "#5f2a2f", 0.6, 0.5))),
                mount("Washed sheet", sheet(3.0, of(Material.WASH, "#e7eef0", "#b9d0d6", 0.8, 0.55))),
                mount("Board", sheet(2.6, of(Material.WOOD, "#cdb48c", "#a98a5d", 0.6, 0.6))));
    }

    private static Paint kraft() {
        return of(Material.KRAFT, "#c29a6b", "#a57d50", 0.5, 0.6);
    }

    private static Paint paper(String colour) {
        return of(Material.LAID, colour, "#e3d9c3", 0.35, 0.25);
    }

    private static Paint of(Material material, String colour, String second, double grainMm, double strength) {
        return new Paint.Texture(material, new Rgb(colour), new Rgb(second), Length.ofMm(grainMm), strength);
    }

    private Mount mount(String name, Sheet... sheets) {
        return new Mount(
                UUID.nameUUIDFromBytes(("shipped papers " + name).getBytes(StandardCharsets.UTF_8)),
                name,
                List.of(sheets),
                new Shadow(length(0.35), length(0.9), 0.45, Rgb.INK),
                new InnerShadow(length(0.25), length(0.6), 0.4, Rgb.INK));
    }

    private Sheet sheet(double units, Paint paint) {
        return new Sheet(length(units), paint);
    }

    private Length length(double units) {
        return Length.ofMm(Math.max(0.1, Math.round(10 * units * unitMm) / 10.0));
    }
}
