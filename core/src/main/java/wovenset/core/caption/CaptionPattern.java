package wovenset.core.caption;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * Text with fields in braces, to be filled for one photo after the other: {@code {name} · {price}}.
 *
 * <p>{@code {date}} is written as the words after its comma say, in the letters of {@link DateTimeFormatter}, in English: {@code {date, d
 * MMMM}} is {@code 7 August}. Two braces are a brace. A field without a value is left out, and with it the text between it and the field before
 * it, or after it if it is the first, so that no separator stands alone.
 */
public final class CaptionPattern {
    /** The field that a form may follow. */
    public static final String DATE = "date";

    public static final int LONGEST = 300;
    private static final String USUAL_DATE = "d MMMM yyyy";

    private final List<Part> parts;

    private CaptionPattern(List<Part> parts) {
        this.parts = List.copyOf(parts);
    }

    /** A stretch of text, or a field. */
    private sealed interface Part permits Text, Field {}

    private record Text(String text) implements Part {}

    /** @param form of a date; empty for other fields */
    private record Field(String name, Optional<DateTimeFormatter> form) implements Part {}

    /**
     * @param locale in whose language months and weekdays are written
     * @throws wovenset.core.said.UnfitValueException saying what is wrong, and where
     */
    public static CaptionPattern parse(String text, Locale locale) {
        Checks.that(text.length() <= LONGEST, Reason.CAPTION_PATTERN_LENGTH, LONGEST);
        List<Part> parts = new ArrayList<>();
        StringBuilder plain = new StringBuilder();
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            boolean twice = at + 1 < text.length() && text.charAt(at + 1) == sign;
            if ((sign == '{' || sign == '}') && twice) {
                plain.append(sign);
                at++;
            } else if (sign == '{') {
                int end = text.indexOf('}', at);
                Checks.that(end > at, Reason.CAPTION_BRACE, at + 1);
                addText(parts, plain);
                parts.add(field(text.substring(at + 1, end), locale));
                at = end;
            } else {
                Checks.that(sign != '}', Reason.CAPTION_BRACE, at + 1);
                plain.append(sign);
            }
        }
        addText(parts, plain);
        return new CaptionPattern(parts);
    }

    private static void addText(List<Part> parts, StringBuilder plain) {
        if (!plain.isEmpty()) {
            parts.add(new Text(plain.toString()));
            plain.setLength(0);
        }
    }

    private static Field field(String said, Locale locale) {
        int comma = said.indexOf(',');
        String name = (comma < 0 ? said : said.substring(0, comma)).strip().toLowerCase(Locale.ROOT);
        Checks.that(!name.isEmpty(), Reason.CAPTION_FIELD_EMPTY);
        if (!name.equals(DATE)) {
            Checks.that(comma < 0, Reason.CAPTION_FIELD_FORM, name);
            return new Field(name, Optional.empty());
        }
        String form = comma < 0 ? USUAL_DATE : said.substring(comma + 1).strip();
        Optional<DateTimeFormatter> formatter = formatter(form, locale);
        Checks.that(formatter.isPresent(), Reason.CAPTION_DATE, form);
        return new Field(name, formatter);
    }

    private static Optional<DateTimeFormatter> formatter(String form, Locale locale) {
        try {
            DateTimeFormatter formatter = DateTimeFormatter.ofPattern(form, locale);
            // Zones and other things that a camera's clock does not tell fail only when they are asked for.
            String tried = formatter.format(LocalDateTime.of(2000, 1, 1, 12, 0));
            return tried.isEmpty() ? Optional.empty() : Optional.of(formatter);
        } catch (IllegalArgumentException | DateTimeException unfit) {
            return Optional.empty();
        }
    }

    /** The fields' names, in lower case. */
    public Set<String> fields() {
        return parts.stream()
                .filter(Field.class::isInstance)
                .map(part -> ((Field) part).name())
                .collect(Collectors.toSet());
    }

    /**
     * The words for one photo; empty if no field has a value, unless there is none.
     *
     * @param values of the fields but the date, by their names
     * @param takenAt when the photo was taken, if that is known
     */
    public String fill(Function<String, Optional<String>> values, Optional<LocalDateTime> takenAt) {
        StringBuilder words = new StringBuilder();
        StringBuilder between = new StringBuilder();
        boolean anyField = false;
        boolean anyValue = false;
        // Whether what stands at the end follows a field that has a value.
        boolean closes = true;
        for (Part part : parts) {
            if (part instanceof Text text) {
                between.append(text.text());
                continue;
            }
            Field field = (Field) part;
            Optional<String> value = field.form().isPresent()
                    ? takenAt.map(field.form().get()::format)
                    : values.apply(field.name()).map(String::strip).filter(one -> !one.isEmpty());
            if (value.isPresent()) {
                // What stands before the first field belongs to it; between others a separator needs both.
                words.append(anyField && !anyValue ? "" : between).append(value.get());
                anyValue = true;
            }
            between.setLength(0);
            anyField = true;
            closes = value.isPresent();
        }
        return !anyField || anyValue
                ? words.append(closes ? between : "").toString().strip()
                : "";
    }
}
