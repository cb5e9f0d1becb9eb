package wovenset.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Balance;
import wovenset.core.photo.Tones;
import wovenset.core.subject.ToneFinder;

/** White, light and contrast that follow from the photos, tried on pixels. */
class BalanceTest {
    /** Muted colours of all hues about a middle grey, as a day's photo has them. */
    private static BufferedImage scene() {
        BufferedImage image = new BufferedImage(192, 144, BufferedImage.TYPE_3BYTE_BGR);
        for (int y = 0; y < 144; y++) {
            for (int x = 0; x < 192; x++) {
                float light = 0.3f + 0.35f * ((x * 7 + y * 3) % 192) / 192f;
                image.setRGB(x, y, Color.HSBtoRGB((x / 16 * 5 % 12) / 12f, 0.25f, light));
            }
        }
        return image;
    }

    private static Tones tones(BufferedImage image) {
        return ToneFinder.of(image);
    }

    private static double cast(Tones tones) {
        return Math.abs(Math.log(tones.red() / tones.blue())) + Math.abs(Math.log(tones.red() / tones.green()));
    }

    /** What was done to a photo by light alone is undone by matching it with the photo as it was. */
    @Property(tries = 40)
    void aPhotoUnderAnotherLightIsMadeLikeItAgain(
            @ForAll @DoubleRange(min = -0.7, max = 0.5) double exposure,
            @ForAll @DoubleRange(min = -40, max = 40) double warmth,
            @ForAll @DoubleRange(min = -40, max = 40) double tint) {
        BufferedImage right = scene();
        BufferedImage wrong = Adjusting.of(
                right,
                new Adjustments(
                        Map.of(Adjustment.EXPOSURE, exposure, Adjustment.WARMTH, warmth, Adjustment.TINT, tint)));
        Adjustments found = Balance.alike(tones(wrong), tones(right), Adjustments.NONE, Adjustments.NONE);
        Tones matched = tones(Adjusting.of(wrong, found));
        Tones wanted = tones(right);
        assertThat(matched.middle()).isCloseTo(wanted.middle(), within(0.03));
        assertThat(matched.spread()).isCloseTo(wanted.spread(), within(0.03));
        assertThat(Math.log(matched.red() / matched.blue()))
                .isCloseTo(Math.log(wanted.red() / wanted.blue()), within(0.08));
        assertThat(found.of(Adjustment.WARMTH)).isCloseTo(-warmth, within(6.0));
    }

    @Test
    void byItselfAPhotoLosesSomeOfItsCastAndGainsLight() {
        BufferedImage dull = Adjusting.of(
                scene(),
                new Adjustments(
                        Map.of(Adjustment.EXPOSURE, -1.2, Adjustment.WARMTH, 50.0, Adjustment.CONTRAST, -40.0)));
        Adjustments found = Balance.automatic(tones(dull), Adjustments.NONE.with(Adjustment.SATURATION, 10));
        Tones before = tones(dull);
        Tones after = tones(Adjusting.of(dull, found));
        assertThat(cast(after)).isLessThan(0.7 * cast(before));
        assertThat(after.middle()).isGreaterThan(before.middle() + 0.06).isLessThan(0.6);
        assertThat(after.bright() - after.dark()).isGreaterThan(before.bright() - before.dark());
        assertThat(found.of(Adjustment.SATURATION))
                .as("what else was changed stays")
                .isEqualTo(10);
    }

    @Test
    void oddPhotosGetSensibleAmounts() {
        for (Color all : new Color[] {Color.BLACK, Color.WHITE, Color.RED, Color.GRAY}) {
            BufferedImage image = new BufferedImage(100, 1, BufferedImage.TYPE_3BYTE_BGR);
            for (int x = 0; x < 100; x++) {
                image.setRGB(x, 0, all.getRGB());
            }
            Tones its = tones(image);
            Adjustments found = Balance.automatic(its, Adjustments.NONE);
            assertThat(found.amounts().values()).allMatch(Double::isFinite);
            assertThat(Math.abs(found.of(Adjustment.WARMTH))).isLessThanOrEqualTo(40);
            Adjustments alike = Balance.alike(its, tones(scene()), Adjustments.NONE, Adjustments.NONE);
            assertThat(alike.amounts().values()).allMatch(Double::isFinite);
        }
    }
}
