package wovenset.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthSumTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "35in/5 | 177800",
                "20cm - 2*8mm | 184000",
                "20 cm − 2 × 8 mm | 184000",
                "12,5 | 12500",
                "12.5mm | 12500",
                "1 1/2 in | 38100",
                "3/4 in | 19050",
                "3/4\" | 19050",
                "7 in | 177800",
                "72pt | 25400",
                "300px | 25400",
                "(90cm - 2*3cm - 3*12mm)/4 | 201000",
                "2(3mm) | refused",
                "-5mm + 8mm | 3000",
                "20 - 5mm | 15000",
                "2x3cm | 60000",
                "10mm/3 | 3333",
                "1mm/2000 | 1",
                "4 inches | 101600",
                "5 MM | 5000",
                "5/2mm | 2500",
            })
    void readsWhatPeopleWrite(String text, String micrometres) {
        if (micrometres.equals("refused")) {
            assertThatThrownBy(() -> parse(text)).isInstanceOf(LengthSumException.class);
        } else {
            assertThat(parse(text)).isEqualTo(Length.ofMicrometres(Long.parseLong(micrometres)));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "`` | LENGTH_EMPTY[] | 0",
                "`   ` | LENGTH_EMPTY[] | 0",
                "3cm*2cm | LENGTH_AREA[] | 0",
                "5/(2mm) | LENGTH_INVERSE[] | 0",
                "5 furlongs | `LENGTH_UNIT[furlongs]` | 2",
                "12mm mm | LENGTH_SIGN[mm] | 5",
                "(3mm | LENGTH_BRACKET[] | 4",
                "3mm/0 | LENGTH_BY_ZERO[] | 3",
                "3mm + | LENGTH_ENDS[] | 5",
                "1.2.3mm | LENGTH_NUMBER[1.2.3] | 0",
                "hello | LENGTH_NUMBER[hello] | 0",
                "11m | LENGTH_UNIT[m] | 2",
                "20000mm | LENGTH_LIMIT[] | 0",
                "((((((((((((((((((((((1)))))))))))))))))))))) | LENGTH_BRACKETS[] | 21",
            })
    void refusesNonsenseWithTheReasonAndThePlace(String text, String reason, int position) {
        assertThatThrownBy(() -> parse(text))
                .hasMessageContaining(reason)
                .isInstanceOfSatisfying(
                        LengthSumException.class, e -> assertThat(e.position()).isEqualTo(position));
    }

    @Property
    void sharesOfALengthAddUpToWithinHalfAMicrometreEach(
            @ForAll @LongRange(min = 1, max = 5_000_000) long whole, @ForAll @IntRange(min = 1, max = 40) int parts) {
        Length share = LengthSum.parse(
                whole / 1000 + "." + String.format("%03d", whole % 1000) + "mm/" + parts,
                LengthUnit.MM,
                Resolution.PRINT);
        assertThat(Math.abs(share.micrometres() * parts - whole)).isLessThanOrEqualTo((parts + 1) / 2);
    }

    @Property
    void whatIsShownReadsBackToWhatIsShown(
            @ForAll @LongRange(min = 0, max = 9_990_000) long micrometres, @ForAll LengthUnit unit) {
        String shown = unit.format(Length.ofMicrometres(micrometres), Resolution.PRINT);
        Length read = LengthSum.parse(shown, LengthUnit.MM, Resolution.PRINT);
        assertThat(unit.format(read, Resolution.PRINT)).isEqualTo(shown);
    }

    @Property
    void inchesAreExact(@ForAll @IntRange(min = 1, max = 390) int inches) {
        assertThat(parse(inches + "in").micrometres()).isEqualTo(inches * 25_400L);
        assertThat(parse(inches + "in/" + inches).micrometres()).isEqualTo(25_400L);
    }

    @Property
    void anyTextIsReadOrRefusedAndNothingElse(@ForAll String text) {
        try {
            assertThat(parse(text).compareTo(Length.LIMIT)).isLessThanOrEqualTo(0);
        } catch (LengthSumException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    private static Length parse(String text) {
        return LengthSum.parse(text, LengthUnit.MM, Resolution.PRINT);
    }
}
