package wovenset.core.measure;

/** A length in the unit that its reader uses; its text is for people. */
public record Measure(Length length, LengthUnit unit, Resolution resolution) {
    @Override
    public String toString() {
        return unit.format(length, resolution);
    }
}
