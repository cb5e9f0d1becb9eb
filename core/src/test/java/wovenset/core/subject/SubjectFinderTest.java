package wovenset.core.subject;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.testing.DrawnFace;

class SubjectFinderTest {
    private static final SubjectFinder FINDER = new SubjectFinder();

    @ParameterizedTest
    @ValueSource(doubles = {40, 60, 90})
    void aFaceIsFoundWhereItIs(double radius) {
        Subject subject = FINDER.find(DrawnFace.picture(radius, new double[] {420, 180}));
        assertThat(subject.origin()).isEqualTo(Subject.Origin.FACES);
        assertThat(subject.faces()).hasSize(1);
        Region region = subject.region();
        assertThat((region.x() + region.right()) / 2 * 600).isCloseTo(420, within(radius / 3));
        assertThat(region.y() * 400).as("brow and hair are in it").isLessThan(180 - 0.8 * radius);
        assertThat(region.bottom() * 400).as("and the chin").isGreaterThan(180 + 0.9 * radius);
        assertThat(region.width() * 600).isBetween(1.2 * radius, 3 * radius);
    }

    @Test
    void allFacesTogetherAreTheSubject() {
        Subject subject = FINDER.find(DrawnFace.picture(55, new double[] {130, 150}, new double[] {460, 190}));
        assertThat(subject.faces()).hasSize(2);
        assertThat(subject.faces())
                .allSatisfy(face -> assertThat(subject.region().union(face)).isEqualTo(subject.region()));
    }

    @ParameterizedTest
    @CsvSource({"120, 90, 60, 50", "430, 240, 80, 70", "300, 200, 40, 120"})
    void withoutFacesWhatStandsOutIsTheSubject(int x, int y, int width, int height) {
        BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setPaint(new GradientPaint(0, 0, new Color(90, 140, 210), 0, 400, new Color(190, 215, 240)));
        graphics.fillRect(0, 0, 600, 400);
        graphics.setPaint(new Color(200, 60, 30));
        graphics.fillRect(x, y, width, height);
        graphics.dispose();
        Subject subject = FINDER.find(image);
        assertThat(subject.origin()).isEqualTo(Subject.Origin.SALIENCE);
        Region region = subject.region();
        assertThat((region.x() + region.right()) / 2 * 600).isCloseTo(x + width / 2.0, within(40.0));
        assertThat((region.y() + region.bottom()) / 2 * 400).isCloseTo(y + height / 2.0, within(40.0));
        assertThat(region.width()).isLessThan(0.5);
    }

    @Test
    void anEvenPictureHasItsMiddleForASubject() {
        BufferedImage image = new BufferedImage(300, 500, BufferedImage.TYPE_3BYTE_BGR);
        Region region = FINDER.find(image).region();
        assertThat(region.x() + region.width() / 2).isCloseTo(0.5, within(0.01));
        assertThat(region.y() + region.height() / 2).isCloseTo(0.5, within(0.01));
    }

    @Test
    void theFaceOfABustOfClayIsSeen() throws Exception {
        BufferedImage bust = DerivedPixels.read(Files.readAllBytes(Path.of("../demo/photos/bust-01.jpg")));
        List<Region> faces = FINDER.find(bust).faces();
        assertThat(faces).hasSize(1);
        assertThat(faces.get(0).x() + faces.get(0).width() / 2).isBetween(0.45, 0.65);
        assertThat(faces.get(0).y() + faces.get(0).height() / 2).isBetween(0.3, 0.55);
    }

    @Test
    void noFaceIsSeenInBowlsAndKites() throws Exception {
        try (var files = Files.list(Path.of("../demo/photos"))) {
            for (Path file : files.filter(one -> one.getFileName().toString().matches("(kite|pot)-.*[.]jpg"))
                    .sorted()
                    .limit(8)
                    .toList()) {
                BufferedImage whole = DerivedPixels.read(Files.readAllBytes(file));
                assertThat(FINDER.find(whole).faces()).as(file.toString()).isEmpty();
            }
        }
    }
}
