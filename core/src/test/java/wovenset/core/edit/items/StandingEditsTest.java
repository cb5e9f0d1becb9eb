package wovenset.core.edit.items;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.arrange.standing.Standing;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

/** One picture of what several photos show. */
class StandingEditsTest {
    private static final PixelSize WIDE = new PixelSize(3000, 2000);
    private static final Piece PIECE = placed(piece(grid(1, 4, 10, 5), 1), 1, 2, 3);
    private static final UUID PAGE = first(PIECE).id();
    private static final List<UUID> THREE = frames(PIECE).subList(0, 3);

    /** People of whom the second is near, and cut off below; the third has no face that is seen. */
    private static PhotoFacts people(boolean faces) {
        return new PhotoFacts() {
            @Override
            public Optional<PixelSize> size(PhotoId photo) {
                return Optional.of(WIDE);
            }

            @Override
            public Optional<PixelPlane> people(PhotoId photo) {
                boolean near = photo.equals(photo(2));
                byte[] labels = new byte[300 * 200];
                for (int i = 0; i < labels.length; i++) {
                    int x = i % 300;
                    int y = Math.floorDiv(i, 300);
                    boolean inside = near ? x > 80 && x < 220 && y > 40 : x > 130 && x < 170 && y > 50 && y < 170;
                    labels[i] = inside ? CutOut.INSIDE : CutOut.OUTSIDE;
                }
                return Optional.of(PixelPlane.of(300, 200, labels));
            }

            @Override
            public Subject subject(PhotoId photo) {
                Region face =
                        photo.equals(photo(2)) ? new Region(0.4, 0.2, 0.2, 0.3) : new Region(0.46, 0.25, 0.08, 0.1);
                return faces ? new Subject(face, Subject.Origin.FACES, List.of(face)) : Subject.UNKNOWN;
            }
        };
    }

    private static Piece stood(PhotoFacts facts, List<UUID> frames) {
        return new Edits(facts, UUID::randomUUID)
                .apply(PIECE, new RetouchEdit.StandTogether(PAGE, frames, Optional.empty()))
                .piece();
    }

    private static BoxMm box(Piece piece, int frame) {
        Frame shown = first(piece).frame(THREE.get(frame)).orElseThrow();
        return ((Placement.Free) shown.placement()).box().mm();
    }

    /** In millimetres: how large a pixel of its photo lies on the page. */
    private static double scale(Piece piece, int frame) {
        Frame shown = first(piece).frame(THREE.get(frame)).orElseThrow();
        BoxMm box = box(piece, frame);
        return Math.max(box.width() / WIDE.width(), box.height() / WIDE.height())
                * shown.crop().zoom();
    }

    @Test
    void headsAreAlikeAndWhatItsPhotoCutsOffIsCutOffByThePage() {
        Piece stood = stood(people(true), THREE);
        double high = PIECE.format().height().mm();
        assertThat(scale(stood, 0) * 0.1 * 2000).isCloseTo(scale(stood, 1) * 0.3 * 2000, within(0.01));
        assertThat(box(stood, 1).bottom()).isCloseTo(high, within(0.01));
        assertThat(box(stood, 0).bottom())
                .isCloseTo(box(stood, 2).bottom(), within(0.01))
                .isLessThan(high);
        assertThat(box(stood, 0).x()).isLessThan(box(stood, 1).x());
        assertThat(box(stood, 1).x()).isLessThan(box(stood, 2).x());
        assertThat(box(stood, 0).right()).isGreaterThan(box(stood, 1).x());
        for (int i = 0; i < 3; i++) {
            CutOut cutOut = first(stood)
                    .frame(THREE.get(i))
                    .orElseThrow()
                    .retouching()
                    .cutOut()
                    .orElseThrow();
            assertThat(cutOut.shadow().isPresent()).isEqualTo(i != 1);
            assertThat(box(stood, i).x()).isPositive();
            assertThat(box(stood, i).y()).isPositive();
        }
        // The tallest lies behind the others.
        assertThat(first(stood).frames())
                .extracting(Frame::id)
                .containsExactlyInAnyOrderElementsOf(THREE)
                .first()
                .isEqualTo(box(stood, 0).height() > box(stood, 1).height() ? THREE.get(0) : THREE.get(1));
    }

    @Test
    void withoutHeadsThingsAreEquallyLarge() {
        Piece stood = stood(people(false), THREE);
        double one = box(stood, 0).width() * box(stood, 0).height();
        double other = box(stood, 1).width() * box(stood, 1).height();
        assertThat(one / other).isCloseTo(1, within(0.15));
    }

    @Test
    void whatCannotStandIsRefused() {
        assertRefused(people(true), THREE.subList(0, 1), Reason.STANDING_COUNT);
        assertRefused(people(true), frames(PIECE), Reason.SHOWS_NO_PHOTO);
        PhotoFacts nobody = new PhotoFacts() {
            @Override
            public Optional<PixelSize> size(PhotoId photo) {
                return Optional.of(WIDE);
            }
        };
        assertRefused(nobody, THREE, Reason.NOBODY_AMONG);
        checkRefused(
                PIECE,
                new RetouchEdit.StandTogether(PAGE, THREE, Optional.of(5)),
                "rows",
                Reason.STANDING_ROWS,
                Standing.MOST_ROWS);
    }

    private static void assertRefused(PhotoFacts facts, List<UUID> frames, Reason reason) {
        assertThatThrownBy(() -> stood(facts, frames))
                .isInstanceOfSatisfying(
                        EditRefusedException.class,
                        refused -> assertThat(refused.said().code()).isEqualTo(reason.code()));
    }

    /** Whatever they are, they stand on the page. */
    @Test
    void oneIsFarAndOneIsNear() {
        List<Standing.Figure> figures = List.of(
                new Standing.Figure(new PixelSize(100, 4000), new Region(0.2, 0, 0.6, 1), 0),
                new Standing.Figure(new PixelSize(4000, 300), new Region(0, 0.4, 1, 0.5), 0),
                new Standing.Figure(new PixelSize(2000, 2000), new Region(0.5, 0.5, 0.1, 0.1), 0));
        for (Standing.Place place : Standing.of(figures, 300, 200, OptionalInt.empty())) {
            assertThat(place.box().x()).isGreaterThan(-5);
            assertThat(place.box().right()).isLessThan(305);
            assertThat(place.box().height()).isLessThan(210);
        }
    }

    private static Standing.Figure person(double tall, boolean cutOff) {
        double top = cutOff ? 0.9 - 0.1 * tall : 0.1;
        return new Standing.Figure(
                new PixelSize(3000, 4000), new Region(0.3, top, 0.3, cutOff ? 1 - top : 0.1 * tall), 0.1);
    }

    /** In rows, heads are alike, everybody is on the page, and nobody in front hides a head behind. */
    @ParameterizedTest
    @CsvSource({"7, 2, 3", "6, 2, 3", "9, 3, 3", "4, 4, 1", "3, 1, 3", "2, 4, 1", "23, 3, 7"})
    void nobodyHidesAHeadBehind(int count, int rows, int inFront) {
        Random random = new Random(count);
        List<Standing.Figure> figures = IntStream.range(0, count)
                .mapToObj(i -> person(4 + 3 * random.nextDouble(), false))
                .toList();
        List<Standing.Place> places = Standing.of(figures, 300, 200, OptionalInt.of(rows));
        assertThat(places).filteredOn(place -> place.row() == 0).hasSize(inFront);
        double head =
                0.1 * 4000 * places.get(0).height() / (figures.get(0).seen().height() * 4000);
        for (int i = 0; i < count; i++) {
            Standing.Place place = places.get(i);
            assertThat(0.1 * place.height() / figures.get(i).seen().height()).isCloseTo(head, within(1e-9));
            assertThat(place.box().x()).isPositive();
            assertThat(place.box().y()).isPositive();
            assertThat(place.box().right()).isLessThan(300);
            assertThat(places.subList(0, count))
                    .filteredOn(front -> front.row() < place.row())
                    .allSatisfy(front -> assertThat(front.box().y())
                            .isGreaterThan(place.box().y() + head));
        }
        assertThat(Standing.backToFront(places))
                .isSortedAccordingTo(Comparator.comparing(i -> -places.get(i).row()));
    }

    @Test
    void whoHasNoFeetStandsInFrontAndAGroupGrowsByRows() {
        List<Standing.Figure> figures = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            figures.add(person(6, i % 3 == 0));
        }
        List<Standing.Place> places = Standing.of(figures, 300, 200, OptionalInt.empty());
        assertThat(places).extracting(Standing.Place::row).contains(1);
        for (int i = 0; i < 8; i += 3) {
            assertThat(places.get(i).row()).isZero();
            assertThat(places.get(i).box().bottom()).isCloseTo(200, within(1.0));
        }
        List<Standing.Place> row = Standing.of(figures, 300, 200, OptionalInt.of(1));
        assertThat(places.get(0).height()).isGreaterThan(1.15 * row.get(0).height());
        assertThat(Standing.of(figures.subList(0, 4), 300, 200, OptionalInt.empty()))
                .extracting(Standing.Place::row)
                .containsOnly(0);
    }
}
