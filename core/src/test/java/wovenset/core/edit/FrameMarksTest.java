package wovenset.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Harmony;
import wovenset.core.arrange.LabColour;
import wovenset.core.arrange.PageProposals;
import wovenset.core.arrange.Patterns;
import wovenset.core.piece.Border;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Rgb;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.PhotoSizes;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;
import wovenset.core.testing.Pieces;

/** What belongs to single frames: a border of their own, and whether their photo is pinned. */
class FrameMarksTest {
    private static final Border GILT = new Border(new Rgb("#b08a3c"), mm(6), mm(2));

    /** Photos get lighter with their number. */
    private static final PhotoFacts FACTS = new PhotoFacts() {
        @Override
        public Optional<String> embeddedCaption(PhotoId photo) {
            return Optional.of("");
        }

        @Override
        public OptionalDouble proportion(PhotoId photo) {
            return Pieces.facts().proportion(photo);
        }

        @Override
        public Optional<LabColour> colour(PhotoId photo) {
            return Optional.of(
                    new LabColour(10.0 * Long.parseLong(photo.sha256().substring(48), 16), 0, 0));
        }
    };

    private static final PhotoSizes SIZES = photo -> Optional.of(new PhotoSizes.PixelSize(
            (int) Math.round(6000 * FACTS.proportion(photo).orElseThrow()), 6000));

    private final Edits edits = new Edits(FACTS, UUID::randomUUID);

    private Piece apply(Piece piece, Edit... all) {
        Piece now = piece;
        for (Edit edit : all) {
            now = edits.apply(now, edit).piece();
        }
        return now;
    }

    private static Page page(Piece piece) {
        return piece.pages().get(0);
    }

    private static List<UUID> ids(Piece piece) {
        return page(piece).frames().stream().map(Frame::id).toList();
    }

    private static Piece photos(int count) {
        return placed(
                piece(grid(1, count, 10, 5), 1),
                IntStream.rangeClosed(1, count).mapToObj(Pieces::photo).toArray(PhotoId[]::new));
    }

    private static Edit border(Piece piece, Border border, int... frames) {
        return new Edit.BorderFrames(
                page(piece).id(), IntStream.of(frames).mapToObj(ids(piece)::get).toList(), border);
    }

    private static List<PageScene.FrameScene> scene(Piece piece) {
        return new SceneResolver(SIZES, SharpnessLimits.USUAL)
                .resolve(piece, page(piece))
                .frames();
    }

    @Test
    void aBorderOfItsOwnIsShownUntilItIsTakenBack() {
        Piece piece = photos(3);
        Piece gilt = apply(piece, border(piece, GILT, 1));
        assertThat(scene(gilt)).extracting(PageScene.FrameScene::borderMm).containsExactly(0.0, 6.0, 0.0);
        assertThat(scene(gilt).get(1).window())
                .isEqualTo(scene(gilt).get(1).outer().inset(6));
        assertThat(scene(gilt).get(1).borderColour()).isEqualTo(GILT.colour());
        assertThat(scene(apply(gilt, border(gilt, null, 1)))).isEqualTo(scene(piece));
    }

    @Test
    void wholePhotosStayWholeInsideBordersOfTheirOwn() {
        Piece piece = photos(5);
        Piece cut = apply(
                piece,
                new Edit.Arrange(
                        page(piece).id(),
                        new Slicing(Margins.all(mm(10)), mm(4), true, SlicingTree.parse("([pp]p[pp])")),
                        ids(piece)),
                border(piece, GILT, 1, 4));
        List<PageScene.FrameScene> frames = scene(cut);
        for (int i = 0; i < 5; i++) {
            assertThat(frames.get(i).borderMm()).isEqualTo(i == 1 || i == 4 ? 6 : 0);
            assertThat(frames.get(i).window().width() / frames.get(i).window().height())
                    .isCloseTo(FACTS.proportion(photo(i + 1)).orElseThrow(), within(1e-6));
        }
        assertThat(frames.get(1).outer().y()
                        - frames.get(0).outer().y()
                        - frames.get(0).outer().height())
                .isCloseTo(4, within(0.001));
        PageProposals.Answer answer = PageProposals.of(cut, page(cut), FACTS, mm(4), 8, 1);
        assertThat(((PageProposals.Answer.Offers) answer).offers()).isNotEmpty().allSatisfy(offer -> {
            assertThat(offer.page().frames())
                    .filteredOn(frame -> GILT.equals(frame.border()))
                    .extracting(Frame::photo)
                    .containsExactlyInAnyOrder(photo(2), photo(5));
            if (((Slicing) offer.page().arrangement()).whole()) {
                Piece offered = cut.mapPage(page(cut).id(), old -> offer.page());
                scene(offered).forEach(frame -> assertThat(frame.photo().crop().zoom())
                        .isEqualTo(1));
                assertThat(offer.lost()).isZero();
            }
        });
    }

    @Test
    void aBorderGoesAlongWithItsPhotoAndIntoPatterns() {
        Piece piece = photos(3);
        Piece gilt = apply(piece, border(piece, GILT, 0));
        UUID page = page(gilt).id();
        Piece swapped = apply(
                gilt,
                new Edit.SwapFrames(page, ids(gilt).get(0), page, ids(gilt).get(2)));
        assertThat(page(swapped).frames()).extracting(Frame::border).containsExactly(null, null, GILT);
        Piece replaced = apply(gilt, new Edit.PlacePhoto(page, ids(gilt).get(0), photo(9)));
        assertThat(page(replaced).frames().get(0).border()).isEqualTo(GILT);

        var pattern = Patterns.of("Gilt", gilt, page(gilt), FACTS);
        Piece other = photos(3);
        assertThat(page(apply(other, new Edit.ApplyPattern(page(other).id(), pattern, true)))
                        .frames())
                .extracting(Frame::border)
                .containsExactly(GILT, null, null);
        assertThat(page(apply(swapped, new Edit.ApplyPattern(page, pattern, false)))
                        .frames())
                .extracting(Frame::border)
                .as("without the pattern's look photos keep their own")
                .containsExactly(null, null, GILT);
    }

    @Test
    void bordersThatCannotBeAreRefused() {
        Piece piece = photos(3);
        assertThatThrownBy(() -> apply(piece, border(piece, new Border(GILT.colour(), mm(-1), mm(0)), 0)))
                .hasMessageContaining("between nothing");
        assertThatThrownBy(() -> apply(piece, border(piece, new Border(GILT.colour(), mm(1), mm(-1)), 0)))
                .hasMessageContaining("radius");
        assertThatThrownBy(() -> apply(piece, border(piece, new Border(GILT.colour(), mm(48), mm(0)), 2)))
                .hasMessageContaining("leaves no room");
        Piece words = apply(piece, new Edit.SetDress(Dress.PLAIN));
        Piece cut = apply(
                words,
                new Edit.Arrange(
                        page(piece).id(),
                        new Slicing(Margins.all(mm(10)), mm(4), true, SlicingTree.parse("(ppp)")),
                        ids(piece)));
        assertThatThrownBy(() -> apply(cut, border(cut, new Border(GILT.colour(), mm(95), mm(0)), 2)))
                .isInstanceOfSatisfying(EditRefusedException.class, refused -> assertThat(refused.field())
                        .isEqualTo("borderWidth"));
    }

    @Test
    void pinnedPhotosStayWhereTheyAreWhenOthersAreOrdered() {
        Piece piece = photos(4);
        UUID page = page(piece).id();
        Piece pinned = apply(piece, new Edit.PinPhotos(page, ids(piece).subList(0, 1), true));
        Edit run = new Edit.Harmonise(page, Harmony.Mode.RUN, 1);
        List<PhotoId> loose = List.of(photo(4), photo(3), photo(2), photo(1));
        assertThat(page(apply(piece, run)).frames()).extracting(Frame::photo).isEqualTo(loose);
        assertThat(page(apply(pinned, run)).frames())
                .extracting(Frame::photo)
                .containsExactly(photo(1), photo(4), photo(3), photo(2));
        assertThat(page(apply(pinned, new Edit.PinPhotos(page, ids(piece), false), run))
                        .frames())
                .extracting(Frame::photo)
                .isEqualTo(loose);
        assertThatThrownBy(() -> apply(piece, new Edit.PinPhotos(page, ids(piece), true), run))
                .hasMessageContaining("not pinned");
        Piece empty = piece(grid(1, 2, 10, 5), 1);
        assertThatThrownBy(() -> apply(empty, new Edit.PinPhotos(page(empty).id(), ids(empty), true)))
                .hasMessageContaining("with a photo first");
    }
}
