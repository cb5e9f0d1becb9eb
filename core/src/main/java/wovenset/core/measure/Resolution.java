package wovenset.core.measure;

import org.apache.commons.numbers.fraction.BigFraction;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** Pixels per inch, from 1 to 4800. */
public record Resolution(double ppi) {
    public static final Resolution PRINT = new Resolution(300);

    public Resolution {
        Checks.that(ppi >= 1 && ppi <= 4800, Reason.RESOLUTION);
    }

    public double pixelsPerMm() {
        return ppi / 25.4;
    }

    /** The number of whole pixels nearest to a length; at least one. */
    public int pixels(Length length) {
        return (int) Math.max(1, Math.round(length.mm() * pixelsPerMm()));
    }

    BigFraction exact() {
        return BigFraction.from(ppi);
    }
}
