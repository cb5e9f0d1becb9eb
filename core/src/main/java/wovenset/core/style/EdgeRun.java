package wovenset.core.style;

import wovenset.core.ink.Rgb;

/**
 * What lies beyond the trim where a photo touches it: in the bleed of a page, or round the bars of a canvas.
 *
 * @param colour counts for {@link Kind#COLOURED} only
 */
public record EdgeRun(Kind kind, Rgb colour) {
    public static final EdgeRun CONTINUED = new EdgeRun(Kind.CONTINUED, new Rgb("#ffffff"));

    /** How a photo ends. */
    public enum Kind {
        /** More of the photo; where it has no more, its mirrored edge. */
        CONTINUED,
        /** What shows inside the trim, mirrored, so that nothing of it is bent away round a bar. */
        MIRRORED,
        /** One colour. */
        COLOURED
    }
}
