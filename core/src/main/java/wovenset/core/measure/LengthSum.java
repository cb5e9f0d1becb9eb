package wovenset.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.BigFraction;
import org.jspecify.annotations.Nullable;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/**
 * Reads a length as a person writes it: {@code 35in/5}, {@code 20 cm - 2*8mm}, {@code 1 1/2 in}, {@code 12,5}.
 *
 * <p>Grammar: sums of products of numbers, lengths and brackets, by recursive descent with one character of look-ahead.
 * {@code *}, {@code x} and {@code ×} multiply. Each value carries its power of length, so {@code 3cm*2cm} and
 * {@code 5/(2mm)} are refused with the reason. A text without any unit is in the field's own unit. Values are exact
 * fractions until the end, where they are rounded once to a whole micrometre. Cost: linear in the text.
 */
public final class LengthSum {
    private static final int LONGEST = 200;
    private static final int DEEPEST = 20;

    private final String text;
    private final LengthUnit unit;
    private final Resolution resolution;
    private int at;
    private int depth;

    private LengthSum(String text, LengthUnit unit, Resolution resolution) {
        this.text = text;
        this.unit = unit;
        this.resolution = resolution;
    }

    /** A value and its power of length: 0 for a plain number, 1 for a length. */
    private record Value(BigFraction amount, int power) {}

    /**
     * @param text what was typed
     * @param unit the unit of a text that names none
     * @param resolution what a pixel is
     * @throws LengthSumException if it is not a length, with the reason
     */
    public static Length parse(String text, LengthUnit unit, Resolution resolution) {
        return new LengthSum(text, unit, resolution).read();
    }

    private Length read() {
        if (text.isBlank()) {
            throw refuse(0, Reason.LENGTH_EMPTY);
        }
        if (text.length() > LONGEST) {
            throw refuse(LONGEST, Reason.LENGTH_TEXT);
        }
        Value value = sum();
        if (at < text.length()) {
            throw refuse(at, Reason.LENGTH_SIGN, text.substring(at).strip());
        }
        Length length = Length.rounded(asLength(value).amount);
        if (length.compareTo(Length.LIMIT) > 0 || Length.LIMIT.plus(length).isNegative()) {
            throw refuse(0, Reason.LENGTH_LIMIT);
        }
        return length;
    }

    private Value asLength(Value value) {
        return switch (value.power) {
            case 1 -> value;
            case 0 -> new Value(value.amount.multiply(unit.micrometres(resolution)), 1);
            default -> throw refuse(0, value.power > 1 ? Reason.LENGTH_AREA : Reason.LENGTH_INVERSE);
        };
    }

    private Value sum() {
        Value left = product();
        while (true) {
            int sign = at;
            if (skip("+")) {
                left = add(left, product(), sign);
            } else if (skip("-−–")) {
                Value right = product();
                left = add(left, new Value(right.amount.negate(), right.power), sign);
            } else {
                return left;
            }
        }
    }

    private Value add(Value left, Value right, int sign) {
        // Beside a length, a plain number means the field's unit: "20 - 5mm" is a common way to write it.
        if (left.power != right.power) {
            left = asLength(left);
            right = asLength(right);
        }
        if (left.power > 1) {
            throw refuse(sign, Reason.LENGTH_AREAS);
        }
        return new Value(left.amount.add(right.amount), left.power);
    }

    private Value product() {
        Value left = factor();
        while (true) {
            int sign = at;
            if (skip("*x×")) {
                Value right = factor();
                left = new Value(left.amount.multiply(right.amount), left.power + right.power);
            } else if (skip("/÷:")) {
                Value right = factor();
                if (right.amount.signum() == 0) {
                    throw refuse(sign, Reason.LENGTH_BY_ZERO);
                }
                left = new Value(left.amount.divide(right.amount), left.power - right.power);
            } else {
                return left;
            }
        }
    }

    private Value factor() {
        if (skip("-−–")) {
            Value value = nested(this::factor);
            return new Value(value.amount.negate(), value.power);
        }
        if (skip("(")) {
            Value inner = nested(this::sum);
            if (!skip(")")) {
                throw refuse(at, Reason.LENGTH_BRACKET);
            }
            return withUnit(inner);
        }
        BigFraction number = number();
        BigFraction fraction = commonFraction(number);
        return withUnit(new Value(fraction == null ? number : fraction, 0));
    }

    private Value nested(Supplier<Value> inner) {
        if (++depth > DEEPEST) {
            throw refuse(at, Reason.LENGTH_BRACKETS);
        }
        Value value = inner.get();
        depth--;
        return value;
    }

    /** {@code 3/4 in} and {@code 1 1/2 in}: a fraction of whole numbers right before a unit; else nothing is read. */
    private @Nullable BigFraction commonFraction(BigFraction first) {
        Matcher matcher = FRACTION.matcher(text).region(at, text.length());
        if (!matcher.lookingAt() || !first.getDenominator().equals(BigInteger.ONE)) {
            return null;
        }
        BigFraction below = BigFraction.of(Long.parseLong(matcher.group("below")));
        if (below.signum() == 0) {
            return null;
        }
        at = matcher.end();
        return matcher.group("above") == null
                ? first.divide(below)
                : first.add(
                        BigFraction.of(Long.parseLong(matcher.group("above"))).divide(below));
    }

    private static final Pattern FRACTION =
            Pattern.compile("(?:\\s+(?<above>\\d{1,9}))?\\s*/\\s*(?<below>\\d{1,9})(?=\\s*(?:[a-zA-Z]|\"|″)(?<![xX]))");

    private Value withUnit(Value value) {
        space();
        int start = at;
        while (at < text.length() && isUnitLetter(text.charAt(at))) {
            at++;
        }
        String word = text.substring(start, at);
        if (word.isEmpty() || word.equalsIgnoreCase("x")) {
            at = start;
            return value;
        }
        LengthUnit written = LengthUnit.bySymbol(word).orElseThrow(() -> refuse(start, Reason.LENGTH_UNIT, word));
        if (value.power != 0) {
            throw refuse(start, Reason.LENGTH_TWO_UNITS);
        }
        return new Value(value.amount.multiply(written.micrometres(resolution)), 1);
    }

    private static boolean isUnitLetter(char c) {
        return Character.isLetter(c) && c != '×' || c == '"' || c == '″';
    }

    private BigFraction number() {
        space();
        int start = at;
        while (at < text.length()
                && (Character.digit(text.charAt(at), 10) >= 0 && text.charAt(at) < 128
                        || text.charAt(at) == '.'
                        || text.charAt(at) == ',')) {
            at++;
        }
        String digits = text.substring(start, at).replace(',', '.');
        if (digits.isEmpty() || digits.equals(".")) {
            throw start >= text.length()
                    ? refuse(start, Reason.LENGTH_ENDS)
                    : refuse(start, Reason.LENGTH_NUMBER, text.substring(start).strip());
        }
        if (digits.indexOf('.') != digits.lastIndexOf('.') || digits.length() > 18) {
            throw refuse(start, Reason.LENGTH_NUMBER, text.substring(start, at));
        }
        BigDecimal value = new BigDecimal(digits.toLowerCase(Locale.ROOT));
        return BigFraction.of(value.unscaledValue(), BigInteger.TEN.pow(Math.max(0, value.scale())));
    }

    private boolean skip(String signs) {
        space();
        if (at < text.length() && signs.indexOf(text.charAt(at)) >= 0) {
            at++;
            return true;
        }
        return false;
    }

    private void space() {
        while (at < text.length()
                && (Character.isWhitespace(text.charAt(at)) || Character.isSpaceChar(text.charAt(at)))) {
            at++;
        }
    }

    private static LengthSumException refuse(int position, Reason reason, Object... args) {
        return new LengthSumException(Said.of(reason, args), position);
    }
}
