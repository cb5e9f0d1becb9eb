package wovenset.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wovenset.core.measure.Length;
import wovenset.core.testing.Pieces;

class ShippedStylesTest {
    private static final List<FrameStyle> CARD = ShippedStyles.of(Pieces.format(150, 100));
    private static final List<FrameStyle> WALL = ShippedStyles.of(Pieces.format(1500, 1000));

    @Test
    void thereAreTwentyAndNoTwoAreAlikeInBandsAndCorners() {
        assertThat(CARD).hasSize(20);
        assertThat(CARD).extracting(FrameStyle::id).doesNotHaveDuplicates();
        assertThat(CARD).extracting(FrameStyle::name).doesNotHaveDuplicates();
        for (List<FrameStyle> styles : List.of(CARD, WALL)) {
            assertThat(styles)
                    .extracting(style -> List.of(style.bands(), style.corners()))
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void measuresGrowWithThePageAndTheStyleStaysTheSame() {
        assertThat(WALL)
                .extracting(FrameStyle::id)
                .isEqualTo(CARD.stream().map(FrameStyle::id).toList());
        for (int i = 0; i < CARD.size(); i++) {
            Length small = CARD.get(i).width(Band.Side.OUTSIDE);
            Length large = WALL.get(i).width(Band.Side.OUTSIDE);
            long grain = 1000L * CARD.get(i).bands().size();
            assertThat(large.micrometres())
                    .as(CARD.get(i).name())
                    .isBetween(10 * small.micrometres() - grain, 10 * small.micrometres() + grain);
        }
    }
}
