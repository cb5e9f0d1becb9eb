package wovenset.core.subject;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.Alike;
import wovenset.core.photo.Trait;
import wovenset.core.testing.TestPhotos;

class TraitFinderTest {
    private static Trait trait(BufferedImage image) {
        return TraitFinder.of(image);
    }

    private static BufferedImage sized(BufferedImage image, int x, int y, int width, int height, int wide) {
        BufferedImage to = new BufferedImage(wide, height * wide / width, BufferedImage.TYPE_3BYTE_BGR);
        var graphics = to.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(image, 0, 0, to.getWidth(), to.getHeight(), x, y, x + width, y + height, null);
        graphics.dispose();
        return to;
    }

    /** Each pixel the mean of a square of this side around it. */
    private static BufferedImage blurred(BufferedImage image, int side) {
        float[] weights = new float[side * side];
        Arrays.fill(weights, 1f / weights.length);
        BufferedImage to = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        new ConvolveOp(new Kernel(side, side, weights), ConvolveOp.EDGE_NO_OP, null).filter(image, to);
        // At its edge it is as it was.
        return sized(to, side, side, to.getWidth() - 2 * side, to.getHeight() - 2 * side, to.getWidth() - 2 * side);
    }

    /** With fine blades in its lower half. */
    private static BufferedImage grassy(BufferedImage image) {
        var graphics = image.createGraphics();
        for (int x = 0; x < image.getWidth(); x += 9) {
            graphics.setColor(x % 2 == 0 ? Color.DARK_GRAY : Color.LIGHT_GRAY);
            graphics.drawLine(x, 400 + x % 70, x + x % 13, 800);
        }
        graphics.dispose();
        return image;
    }

    @Test
    void theSamePictureInAnotherSizeOrALittleCroppedIsAlike() {
        BufferedImage photo = TestPhotos.scene(1200, 800, 3);
        assertThat(trait(photo).isAlike(trait(sized(photo, 0, 0, 1200, 800, 700))))
                .isTrue();
        assertThat(trait(photo).isAlike(trait(sized(photo, 15, 10, 1170, 780, 1200))))
                .isTrue();
        for (int other = 4; other < 10; other++) {
            assertThat(trait(photo).isAlike(trait(TestPhotos.scene(1200, 800, other))))
                    .isFalse();
        }
    }

    @Test
    void aBlurredPictureIsLessCrisp() {
        BufferedImage photo = grassy(TestPhotos.scene(1200, 800, 3));
        double crisp = trait(photo).crispness();
        assertThat(trait(blurred(photo, 3)).crispness()).isLessThan(crisp);
        Trait blurred = trait(blurred(blurred(photo, 13), 13));
        assertThat(blurred.crispness()).isLessThan(crisp / 3);
        assertThat(blurred.isBlurred()).isTrue();
        assertThat(trait(photo).isBlurred()).isFalse();
    }

    @Test
    void groupsHoldWhatIsLikeAnyOfThemAndBeginWithTheCrispest() {
        Map<String, Trait> traits = new LinkedHashMap<>();
        traits.put("a", new Trait(0, 9));
        traits.put("other", new Trait(0x0fff_ffff_0000_0000L, 50));
        traits.put("b", new Trait(0x3ff, 20));
        traits.put("c", new Trait(0xf_ffff, 12));
        assertThat(Alike.groups(Map.of("copy", new Trait(1, 10.2), "original", new Trait(1, 10)), String::length)
                        .get(0))
                .as("nearly as crisp, and less of it")
                .startsWith("original");
        traits.put("lone", new Trait(-1, 8));
        assertThat(Alike.groups(traits, one -> 0)).containsExactly(List.of("b", "a", "c"));
        assertThat(Alike.groups(Map.<String, Trait>of(), one -> 0)).isEmpty();
        Map<Integer, Trait> same = new LinkedHashMap<>();
        for (int i = 0; i < 800; i++) {
            same.put(i, new Trait(7, 10));
        }
        assertThat(Alike.groups(same, one -> -one))
                .singleElement()
                .satisfies(group -> assertThat(group).hasSize(800).startsWith(0, 1, 2));
    }
}
