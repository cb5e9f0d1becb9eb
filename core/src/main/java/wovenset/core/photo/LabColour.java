package wovenset.core.photo;

/**
 * A colour in CIELAB, where distances are about as large as they look.
 *
 * @param lightness 0 black to 100 white
 * @param green to red
 * @param blue to yellow
 */
public record LabColour(double lightness, double green, double blue) {
    public double[] values() {
        return new double[] {lightness, green, blue};
    }
}
