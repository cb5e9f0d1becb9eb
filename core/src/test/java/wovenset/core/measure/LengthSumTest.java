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
                "`` | Write a length | 0",
                "`   ` | Write a length | 0",
                "3cm*2cm | an area | 0",
                "5/(2mm) | divided by a length | 0",
                "5 furlongs | “furlongs” is not a unit known here | 2",
                "12mm mm | “mm” is not a number, a unit or a sign | 5",
                "(3mm | A bracket is not closed | 4",
                "3mm/0 | divided by zero | 3",
                "3mm + | missing at the end | 5",
                "1.2.3mm | “1.2.3” is not a number | 0",
                "hello | “hello” is not a number | 0",
                "11m | “m” is not a unit | 2",
                "20000mm | more than ten metres | 0",
                "((((((((((((((((((((((1)))))))))))))))))))))) | Too many brackets | 21",
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
