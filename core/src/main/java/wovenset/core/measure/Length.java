package wovenset.core.measure;

import java.math.BigInteger;
import org.apache.commons.numbers.fraction.BigFraction;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** A signed length in whole micrometres. */
public record Length(long micrometres) implements Comparable<Length> {
    /** A hundred kilometres: no sum of lengths of any piece comes near, and none beyond comes near to overflow. */
    private static final long RANGE = 100_000_000_000L;

    public static final Length ZERO = new Length(0);

    /** Ten metres: longer than any sheet, and far from overflow in any sum of lengths. */
    public static final Length LIMIT = ofMm(10_000);

    public Length {
        Checks.that(micrometres >= -RANGE && micrometres <= RANGE, Reason.LENGTH_RANGE);
    }

    public static Length ofMicrometres(long micrometres) {
        return new Length(micrometres);
    }

    /** The nearest whole micrometre, halves away from zero. */
    public static Length ofMm(double millimetres) {
        double micrometres = millimetres * 1000;
        return new Length((long) (Math.signum(micrometres) * Math.floor(Math.abs(micrometres) + 0.5)));
    }

    public static Length ofInches(double inches) {
        return ofMm(inches * 25.4);
    }

    /** The nearest whole micrometre of an exact fraction, halves away from zero. */
    static Length rounded(BigFraction micrometres) {
        BigInteger twice = micrometres.getNumerator().abs().shiftLeft(1).add(micrometres.getDenominator());
        BigInteger whole = twice.divide(micrometres.getDenominator().shiftLeft(1));
        return new Length((micrometres.signum() < 0 ? whole.negate() : whole).longValueExact());
    }

    public double mm() {
        return micrometres / 1000.0;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(micrometres, other.micrometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(micrometres, other.micrometres));
    }

    public Length times(int factor) {
        return new Length(Math.multiplyExact(micrometres, (long) factor));
    }

    public boolean isNegative() {
        return micrometres < 0;
    }

    public boolean isPositive() {
        return micrometres > 0;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }
}
