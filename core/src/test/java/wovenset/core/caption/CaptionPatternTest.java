package wovenset.core.caption;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.core.style.Language;

class CaptionPatternTest {
    private static final Map<String, String> VALUES = Map.of("name", "Blue bowl", "price", " 32 € ", "note", " ");
    private static final Optional<LocalDateTime> TAKEN = Optional.of(LocalDateTime.of(2026, 8, 7, 9, 5, 2));

    private static String filled(String pattern, Optional<LocalDateTime> taken) {
        return CaptionPattern.parse(pattern, Locale.UK).fill(name -> Optional.ofNullable(VALUES.get(name)), taken);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{name}|Blue bowl",
                "{name} · {price}|Blue bowl · 32 €",
                "{Name}, {missing}, {price}|Blue bowl, 32 €",
                "{name} · {missing}|Blue bowl",
                "{missing} · {name}|Blue bowl",
                "{note}: {name} ({price})|Blue bowl (32 €)",
                "{name} ({missing})|Blue bowl",
                "No. {price}|No. 32 €",
                "{date, d MMMM}|7 August",
                "{date}|7 August 2026",
                "{date, HH:mm} {name}|09:05 Blue bowl",
                "only words|only words",
                "{missing}|''",
                "{{{name}}}|{Blue bowl}"
            })
    void fieldsAreFilledAndThoseWithoutAValueTakeTheirSeparatorAlong(String pattern, String words) {
        assertThat(filled(pattern, TAKEN)).isEqualTo(words);
    }

    @Test
    void monthsAndWeekdaysAreInTheLanguageOfThePiece() {
        String said = CaptionPattern.parse("{date, EEEE, d. MMMM}", Language.GERMAN.locale())
                .fill(name -> Optional.empty(), TAKEN);
        assertThat(said).isEqualTo("Freitag, 7. August");
        assertThat(CaptionPattern.parse("{date, d MMMM}", Language.FRENCH.locale())
                        .fill(name -> Optional.empty(), TAKEN))
                .isEqualTo("7 août");
    }

    @Test
    void aPhotoWithoutADateHasNone() {
        assertThat(filled("{date, d MMMM} · {name}", Optional.empty())).isEqualTo("Blue bowl");
        assertThat(filled("{date}", Optional.empty())).isEmpty();
        assertThat(CaptionPattern.parse("{date, d.M.} {Name}", Locale.UK).fields())
                .containsExactlyInAnyOrder("date", "name");
    }

    @ParameterizedTest
    @CsvSource({
        "a {name, CAPTION_BRACE",
        "name}, CAPTION_BRACE",
        "{ }, CAPTION_FIELD_EMPTY",
        "'{date, fortnight}', CAPTION_DATE",
        "'{date, VV}', CAPTION_DATE",
        "'{name, upper}', CAPTION_FIELD_FORM"
    })
    void whatCannotBeReadSaysWhy(String pattern, Reason reason) {
        assertThatThrownBy(() -> CaptionPattern.parse(pattern, Locale.UK))
                .isInstanceOfSatisfying(
                        UnfitValueException.class,
                        unfit -> assertThat(unfit.said().code()).isEqualTo(reason.code()));
    }
}
