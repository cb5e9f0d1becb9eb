package wovenset.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import wovenset.core.said.Reason;

class LengthTest {
    @Test
    void roundsHalvesAwayFromZero() {
        assertThat(Length.ofMm(0.0005)).isEqualTo(new Length(1));
        assertThat(Length.ofMm(-0.0005)).isEqualTo(new Length(-1));
        assertThat(Length.ofMm(0.00049)).isEqualTo(Length.ZERO);
        assertThat(Length.ofInches(8.5)).isEqualTo(new Length(215_900));
    }

    @Test
    void overflowIsAnErrorAndNotAShortPage() {
        Length most = Length.ofMicrometres(100_000_000_000L);
        assertThatThrownBy(() -> Length.ofMicrometres(Long.MAX_VALUE)).hasMessageContaining(Reason.LENGTH_RANGE.name());
        assertThatThrownBy(() -> most.plus(Length.ofMicrometres(1))).hasMessageContaining(Reason.LENGTH_RANGE.name());
        assertThatThrownBy(() -> Length.ZERO.minus(most).minus(Length.ofMicrometres(1)))
                .hasMessageContaining(Reason.LENGTH_RANGE.name());
        assertThatThrownBy(() -> most.times(Integer.MAX_VALUE)).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void saysLengthsInEachUnitWithAThinSpace() {
        Length length = Length.ofInches(7);
        assertThat(LengthUnit.IN.format(length, Resolution.PRINT)).isEqualTo("7\u2009in");
        assertThat(LengthUnit.MM.format(length, Resolution.PRINT)).isEqualTo("177.8\u2009mm");
        assertThat(LengthUnit.CM.format(length, Resolution.PRINT)).isEqualTo("17.78\u2009cm");
        assertThat(LengthUnit.PT.format(length, Resolution.PRINT)).isEqualTo("504\u2009pt");
        assertThat(LengthUnit.PX.format(length, Resolution.PRINT)).isEqualTo("2100\u2009px");
        assertThat(LengthUnit.CM.format(Length.ofMm(100), Resolution.PRINT)).isEqualTo("10\u2009cm");
    }

    @Test
    void aPixelNeedsAResolutionThatMakesSense() {
        assertThat(new Resolution(254).pixels(Length.ofMm(10))).isEqualTo(100);
        assertThat(Resolution.PRINT.pixels(Length.ZERO)).isEqualTo(1);
        assertThatThrownBy(() -> new Resolution(0)).hasMessageContaining(Reason.RESOLUTION.code());
        assertThatThrownBy(() -> new Resolution(Double.NaN)).hasMessageContaining(Reason.RESOLUTION.code());
    }
}
