package wovenset.core.arrange.propose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wovenset.core.geometry.BoxMm;

class LargePlaceTest {
    private static final BoxMm SMALL = new BoxMm(200, 0, 50, 50);

    @Test
    void severalLargeOnesAreCounted() {
        BoxMm large = new BoxMm(0, 0, 100, 60);
        assertThat(LargePlace.larger(List.of(large, SMALL, large, OTHER, SMALL)))
                .isEqualTo(2);
        assertThat(LargePlace.larger(List.of(SMALL, OTHER))).isZero();
    }

    private static final BoxMm OTHER = new BoxMm(200, 60, 50, 50);

    @Test
    void aMuchLargerFrameIsToldByWhereItLies() {
        assertThat(LargePlace.of(List.of(SMALL, OTHER))).isEmpty();
        assertThat(LargePlace.of(List.of(SMALL, new BoxMm(0, 0, 50, 70))))
                .as("only a little larger")
                .isEmpty();
        assertThat(LargePlace.of(List.of(SMALL, new BoxMm(0, 0, 190, 110), OTHER)))
                .contains(LargePlace.LEFT);
        assertThat(LargePlace.of(List.of(SMALL, new BoxMm(260, 0, 190, 110), OTHER)))
                .contains(LargePlace.RIGHT);
        assertThat(LargePlace.of(
                        List.of(new BoxMm(0, 60, 200, 100), new BoxMm(0, 0, 95, 50), new BoxMm(105, 0, 95, 50))))
                .contains(LargePlace.BOTTOM);
        assertThat(LargePlace.of(
                        List.of(new BoxMm(0, 0, 200, 100), new BoxMm(0, 110, 95, 50), new BoxMm(105, 110, 95, 50))))
                .contains(LargePlace.TOP);
        assertThat(LargePlace.of(List.of(
                        new BoxMm(60, 0, 80, 100),
                        new BoxMm(0, 0, 50, 50),
                        new BoxMm(150, 0, 50, 50),
                        new BoxMm(0, 50, 50, 50))))
                .contains(LargePlace.MIDDLE);
    }
}
