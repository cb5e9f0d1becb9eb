package wovenset.server.demo;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.drawing.Drawing;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.LengthUnit;
import wovenset.core.style.CaptionStyle;
import wovenset.server.shelf.PieceKind;

/**
 * A demo piece as it is written in the demo folder; lengths are sums as a person types them.
 *
 * @param photos the start of the names of the photos to bring in
 * @param album in the place of pages; null for pages
 */
record DemoPiece(
        String name,
        PieceKind kind,
        String width,
        String height,
        String bleed,
        LengthUnit unit,
        String margin,
        String photos,
        DemoDress dress,
        @Nullable DemoAlbum album,
        List<DemoPage> pages) {

    /**
     * All photos flowed over pages, with chapters by their days.
     *
     * @param titles of the chapters, in their order
     * @param heading on the title page
     * @param foreword on the page after it
     * @param afterwords on pages behind all photos
     * @param across the photo that lies across a fold
     * @param imprint at the end
     */
    record DemoAlbum(
            int least,
            int most,
            boolean singles,
            boolean openings,
            boolean onRight,
            String gap,
            List<String> titles,
            String heading,
            String foreword,
            List<String> afterwords,
            String across,
            String imprint) {}

    /**
     * @param material of the ground, in the page's colour and a second one; null for the colour alone
     * @param style the name of one that ships; null for the border as it is said here
     */
    record DemoDress(
            String pageColour,
            Paint.Texture.@Nullable Material material,
            @Nullable Rgb secondColour,
            @Nullable String style,
            String borderColour,
            String borderWidth,
            String cornerRadius,
            CaptionStyle.Show captions,
            String typeface,
            double sizePt,
            String captionColour,
            int lines) {}

    /**
     * @param word whose letters are frames for the first photos, in the place of cells; null for cells
     * @param ornaments in the place of cells; null for cells
     * @param words in front of all; null for none
     * @param mount the name of papers that ship, under all frames; null for none
     * @param special null for none
     */
    record DemoPage(
            @Nullable String word,
            int rows,
            int columns,
            String gap,
            List<DemoFrame> frames,
            @Nullable List<DemoOrnament> ornaments,
            @Nullable List<DemoWords> words,
            @Nullable String mount,
            @Nullable DemoSpecial special) {}

    /**
     * What is made of a page in one action; one of its kinds.
     *
     * @param silhouette the name of a figure that ships, cut into cells
     * @param mosaic tiles across that the page's photo becomes
     * @param torn whether a torn strip in colour lies over the page's photo in greys
     * @param strokes by which its photos are cut out to stand together; null for none
     */
    record DemoSpecial(
            @Nullable String silhouette, int pieces, int mosaic, boolean torn, @Nullable List<DemoStroke> strokes) {}

    /**
     * A stroke over what is kept or dropped of a photo.
     *
     * @param frame counted from 0
     * @param at x and y in percent of the photo, in turns
     */
    record DemoStroke(int frame, boolean drop, List<Double> at) {}

    /**
     * An ornament in its own proportion.
     *
     * @param x of its middle
     * @param photo in its ring; null for none
     * @param words on its face; null for none
     * @param typeface of the words; null for the usual one
     * @param colours of its parts; null for its own
     */
    record DemoOrnament(
            Drawing drawing,
            String x,
            String y,
            String width,
            double turnDegrees,
            @Nullable String photo,
            @Nullable String words,
            @Nullable String typeface,
            @Nullable List<Rgb> colours) {}

    /** @param x of their middle */
    record DemoWords(String text, String x, String y, String width, String height, String typeface, double sizePt) {}

    /** @param caption null for the photo's own */
    record DemoFrame(String photo, @Nullable String caption, @Nullable Double focusX, @Nullable Double focusY) {}
}
