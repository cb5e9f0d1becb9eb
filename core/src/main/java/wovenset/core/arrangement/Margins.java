package wovenset.core.arrangement;

import wovenset.core.measure.Length;

/** The space kept free inside each edge of the trim. */
public record Margins(Length top, Length right, Length bottom, Length left) {
    public static Margins all(Length margin) {
        return new Margins(margin, margin, margin, margin);
    }
}
