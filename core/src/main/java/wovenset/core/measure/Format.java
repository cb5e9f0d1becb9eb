package wovenset.core.measure;

/**
 * What is held in the hand at the end.
 *
 * @param width of the trimmed page, 5 mm to 5 m
 * @param height of the trimmed page, 5 mm to 5 m
 * @param bleed what is printed beyond the trim on each side and cut off, 0 to 50 mm
 * @param unit the unit that the piece's lengths are shown in
 * @param resolution what a pixel is, where lengths are given in pixels
 */
public record Format(Length width, Length height, Length bleed, LengthUnit unit, Resolution resolution) {
    public static final Length SMALLEST = Length.ofMm(5);
    public static final Length LARGEST = Length.ofMm(5000);
    public static final Length MOST_BLEED = Length.ofMm(50);

    public Format withSize(Length newWidth, Length newHeight) {
        return new Format(newWidth, newHeight, bleed, unit, resolution);
    }

    /** A length in the piece's unit, for messages. */
    public Measure say(Length length) {
        return new Measure(length, unit, resolution);
    }
}
