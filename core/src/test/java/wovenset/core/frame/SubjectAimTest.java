package wovenset.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;

class SubjectAimTest {
    private static final double NEAR = 1e-6;

    @Provide
    Arbitrary<Region> regions() {
        Arbitrary<Double> share = Arbitraries.doubles().between(0, 1);
        return Combinators.combine(share, share, share, share)
                .as((x, y, right, bottom) -> Region.within(
                        Math.min(x, right), Math.min(y, bottom), Math.max(x, right), Math.max(y, bottom)));
    }

    @Provide
    Arbitrary<List<Region>> faces() {
        return regions()
                .filter(face -> face.width() < 0.3 && face.height() < 0.3)
                .list()
                .ofMinSize(1)
                .ofMaxSize(5);
    }

    private static Subject of(Region region) {
        return new Subject(region, Subject.Origin.SALIENCE, List.of());
    }

    private static Subject of(List<Region> faces) {
        return new Subject(
                faces.stream().reduce(Region::union).orElseThrow(),
                Subject.Origin.FACES,
                faces.stream()
                        .sorted(Comparator.comparingDouble((Region face) -> -face.width() * face.height()))
                        .toList());
    }

    private static Crop aimed(Crop.Aim aim, double zoom) {
        return new Crop(0.5, 0.5, zoom, 0, false, Crop.Fit.FILL, aim);
    }

    /** The part of the photo that its window shows. */
    private static double[] shown(int width, int height, BoxMm window, Crop crop, Subject subject) {
        var toPage = CropGeometry.place(width, height, window, SubjectAim.aimed(width, height, window, crop, subject))
                .toPage();
        try {
            Point2D first = toPage.inverseTransform(new Point2D.Double(window.x(), window.y()), null);
            Point2D last = toPage.inverseTransform(
                    new Point2D.Double(window.x() + window.width(), window.y() + window.height()), null);
            return new double[] {first.getX(), first.getY(), last.getX(), last.getY()};
        } catch (NoninvertibleTransformException e) {
            throw new IllegalStateException(e);
        }
    }

    @Property(tries = 4000)
    void aSubjectThatFitsIsNeverCut(
            @ForAll @IntRange(min = 400, max = 6000) int width,
            @ForAll @IntRange(min = 400, max = 6000) int height,
            @ForAll @DoubleRange(min = 20, max = 400) double across,
            @ForAll @DoubleRange(min = 20, max = 400) double down,
            @ForAll @DoubleRange(min = 1, max = 3) double zoom,
            @ForAll("regions") Region region,
            @ForAll boolean thirds) {
        double[] part = shown(
                width,
                height,
                new BoxMm(7, 9, across, down),
                aimed(thirds ? Crop.Aim.THIRDS : Crop.Aim.SUBJECT, zoom),
                of(region));
        assertThat(part[0]).isGreaterThan(-NEAR);
        assertThat(part[3]).isLessThan(1 + NEAR);
        if (region.width() <= part[2] - part[0]) {
            assertThat(region.x()).isGreaterThan(part[0] - NEAR);
            assertThat(region.right()).isLessThan(part[2] + NEAR);
        }
        if (region.height() <= part[3] - part[1]) {
            assertThat(region.y()).isGreaterThan(part[1] - NEAR);
            assertThat(region.bottom()).isLessThan(part[3] + NEAR);
        }
    }

    @Property(tries = 2000)
    void ofFacesThatDoNotFitTogetherOneThatFitsIsShownWhole(
            @ForAll("faces") List<Region> faces, @ForAll @DoubleRange(min = 40, max = 100) double across) {
        double[] part = shown(3000, 2000, new BoxMm(0, 0, across, 100), aimed(Crop.Aim.SUBJECT, 1), of(faces));
        double wide = part[2] - part[0];
        boolean someFit = faces.stream().anyMatch(face -> face.width() <= wide);
        assertThat(faces.stream().anyMatch(face -> face.x() >= part[0] - NEAR && face.right() <= part[2] + NEAR))
                .isEqualTo(someFit);
    }

    @Test
    void ofTwoFacesFarApartNoneIsCut() {
        List<Region> faces = List.of(new Region(0.05, 0.3, 0.2, 0.3), new Region(0.7, 0.3, 0.15, 0.25));
        double[] part = shown(3000, 2000, new BoxMm(0, 0, 80, 100), aimed(Crop.Aim.SUBJECT, 1), of(faces));
        assertThat(part[0]).as("the larger one is shown").isLessThanOrEqualTo(0.05 + NEAR);
        assertThat(part[2]).isBetween(0.25, 0.7);
    }

    @Test
    void onThirdsTheSubjectLiesOnALineAndByHandTheCropStays() {
        Subject small = of(new Region(0.45, 0.45, 0.1, 0.1));
        double[] part = shown(3000, 1000, new BoxMm(0, 0, 100, 100), aimed(Crop.Aim.THIRDS, 1), small);
        double at = (0.5 - part[0]) / (part[2] - part[0]);
        assertThat(Math.min(Math.abs(at - 1 / 3.0), Math.abs(at - 2 / 3.0))).isCloseTo(0, within(NEAR));
        Crop hand = new Crop(0.2, 0.5, 1, 0, false, Crop.Fit.FILL, Crop.Aim.HAND);
        assertThat(SubjectAim.aimed(3000, 1000, new BoxMm(0, 0, 100, 100), hand, small))
                .isEqualTo(hand);
        assertThat(SubjectAim.aimed(3000, 1000, new BoxMm(0, 0, 100, 100), aimed(Crop.Aim.SUBJECT, 1), Subject.UNKNOWN)
                        .focusX())
                .isEqualTo(0.5);
    }

    /** In a piece whose middle is not its box's, the subject comes to where the piece is broad. */
    @Test
    void aSubjectComesToTheMiddleOfAPiece() {
        Subject small = new Subject(new Region(0.45, 0.4, 0.1, 0.2), Subject.Origin.PERSON, List.of());
        Crop crop = SubjectAim.aimed(
                3000, 1000, new BoxMm(0, 0, 100, 100), aimed(Crop.Aim.SUBJECT, 1), small, /* middleX= */ 0.25, 0.5);
        // A third of the photo shows; its quarter is at 0.5.
        assertThat(crop.focusX()).isCloseTo(0.5 + (0.5 - 0.25) / 3, within(1e-9));
    }
}
