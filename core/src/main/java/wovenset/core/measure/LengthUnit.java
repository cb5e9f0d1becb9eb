package wovenset.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/** A unit that a person writes lengths in. A pixel has a length only at a stated resolution. */
public enum LengthUnit {
    MM("mm", 1),
    CM("cm", 2),
    IN("in", 3),
    PT("pt", 1),
    PX("px", 0);

    private final String symbol;
    private final int decimals;

    LengthUnit(String symbol, int decimals) {
        this.symbol = symbol;
        this.decimals = decimals;
    }

    public String symbol() {
        return symbol;
    }

    /** The unit with this symbol; {@code "}, {@code inch} and {@code inches} also mean inches. */
    public static Optional<LengthUnit> bySymbol(String symbol) {
        return switch (symbol.toLowerCase(Locale.ROOT)) {
            case "mm" -> Optional.of(MM);
            case "cm" -> Optional.of(CM);
            case "in", "\"", "″", "inch", "inches" -> Optional.of(IN);
            case "pt" -> Optional.of(PT);
            case "px" -> Optional.of(PX);
            default -> Optional.empty();
        };
    }

    /** How many micrometres one of this unit is, exactly. A point is 1/72 in. */
    BigFraction micrometres(Resolution resolution) {
        return switch (this) {
            case MM -> BigFraction.of(1000);
            case CM -> BigFraction.of(10_000);
            case IN -> BigFraction.of(25_400);
            case PT -> BigFraction.of(25_400, 72);
            case PX -> BigFraction.of(25_400).divide(resolution.exact());
        };
    }

    /** A length in this unit for a person to read, to the unit's usual decimals, with the symbol after a thin space. */
    public String format(Length length, Resolution resolution) {
        BigDecimal value = BigFraction.of(length.micrometres())
                .divide(micrometres(resolution))
                .bigDecimalValue(MathContext.DECIMAL64.getPrecision(), RoundingMode.HALF_UP)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return value.toPlainString() + "\u2009" + symbol;
    }
}
