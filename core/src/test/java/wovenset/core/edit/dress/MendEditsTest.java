package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.display.PhotoVisitor;
import wovenset.core.edit.Edit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.photo.Beyond;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.Mend;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.testing.Pieces;

/** Places put right, and taken back one by one. */
class MendEditsTest {
    private static final Piece PIECE = placed(piece(grid(1, 2, 10, 5), 1), 1);
    private static final UUID PAGE = first(PIECE).id();
    private static final UUID FRAME = frames(PIECE).get(0);
    private static final List<FacedPlane.Corner> CORNERS = List.of(
            new FacedPlane.Corner(0.1, 0.1),
            new FacedPlane.Corner(0.9, 0.2),
            new FacedPlane.Corner(0.8, 0.9),
            new FacedPlane.Corner(0.2, 0.8));

    private static final Edit SHOWN_WHOLE = new ItemEdit.PatchItems(
            PAGE,
            List.of(FRAME),
            new ItemChange.SetCrop(new Crop(0.5, 0.5, 1, 0, false, Crop.Fit.WHOLE, Crop.Aim.HAND)));

    private static Edit mend(Mend.Kind kind, double x) {
        return new RetouchEdit.MendPhoto(
                PAGE, FRAME, kind, new BrushStroke(0.02, 0, List.of(new BrushStroke.Point(x, 0.5))));
    }

    private static Retouching retouching(Piece piece) {
        return first(piece).frame(FRAME).orElseThrow().retouching();
    }

    @Test
    void mendsAreKeptInOrderAndTakenBackInAny() {
        Piece mended =
                applied(PIECE, mend(Mend.Kind.REMOVE, 0.1), mend(Mend.Kind.RED_EYE, 0.2), mend(Mend.Kind.REMOVE, 0.3));
        assertThat(retouching(mended).mends())
                .extracting(one -> one.stroke().points().get(0).x())
                .containsExactly(0.1, 0.2, 0.3);
        Piece fewer = applied(mended, new RetouchEdit.RemoveMend(PAGE, FRAME, 1));
        assertThat(retouching(fewer).mends())
                .extracting(one -> one.stroke().points().get(0).x())
                .containsExactly(0.1, 0.3);
        assertThat(applied(
                        fewer, new RetouchEdit.RemoveMend(PAGE, FRAME, 1), new RetouchEdit.RemoveMend(PAGE, FRAME, 0)))
                .isEqualTo(PIECE);
        checkRefused(fewer, new RetouchEdit.RemoveMend(PAGE, FRAME, 2), "index", Reason.NO_MEND);
        Piece most = PIECE;
        for (int i = 0; i < Retouching.MOST_MENDS; i++) {
            most = applied(most, mend(Mend.Kind.RED_EYE, 0.5));
        }
        checkRefused(most, mend(Mend.Kind.RED_EYE, 0.5), "", Reason.MENDS, Retouching.MOST_MENDS);
    }

    @Test
    void aSlantedThingIsFacedAndSeenAsItWasTakenAgain() {
        Piece faced = applied(PIECE, new RetouchEdit.FacePlane(PAGE, FRAME, CORNERS, true));
        assertThat(retouching(faced).plane()).contains(new FacedPlane(CORNERS, true));
        assertThat(applied(faced, new RetouchEdit.EndPlane(PAGE, FRAME))).isEqualTo(PIECE);
        checkRefused(PIECE, new RetouchEdit.EndPlane(PAGE, FRAME), "frameId", Reason.NO_PLANE);
        checkRefused(
                PIECE, new RetouchEdit.FacePlane(PAGE, FRAME, CORNERS.subList(0, 3), true), "", Reason.PLANE_CORNERS);
    }

    /** The photo is drawn mirrored beside itself wherever its window shows more than the photo, and counts as the same pixels. */
    @Test
    void aPhotoShownWholeGoesOnUntilItsFrameIsFull() {
        Piece whole = applied(PIECE, SHOWN_WHOLE);
        assertThat(images(whole)).hasSize(1);
        Piece extended = applied(whole, new RetouchEdit.ExtendPhoto(PAGE, FRAME, true, Optional.empty()));
        List<Op.Image> images = images(extended);
        BoxMm covered = images.stream().map(Op.Image::ink).reduce(BoxMm::union).orElseThrow();
        BoxMm window = scene(extended).resolved().window();
        assertThat(covered.x()).isLessThanOrEqualTo(window.x() + 1e-6);
        assertThat(covered.bottom()).isGreaterThanOrEqualTo(window.bottom() - 1e-6);
        assertThat(images)
                .allSatisfy(image -> assertThat(image.ink().meets(window)).isTrue());
        assertThat(images)
                .extracting(Op.Image::pixels)
                .containsOnly(images(whole).get(0).pixels());
        assertThat(applied(extended, new RetouchEdit.ExtendPhoto(PAGE, FRAME, false, Optional.empty())))
                .isEqualTo(whole);
    }

    /** Sampled, it is pictures of what lies beyond its edges, which are asked for once, when that is set. */
    @Test
    void aSampledPhotoGoesOnFromItsSources() {
        Piece whole = applied(PIECE, SHOWN_WHOLE);
        Piece sampled = applied(
                whole, new RetouchEdit.ExtendPhoto(PAGE, FRAME, true, Optional.of(RetouchEdit.GoingOn.SAMPLED)));
        List<Op.Image> images = images(sampled);
        assertThat(images.get(images.size() - 1).pixels())
                .isEqualTo(images(whole).get(0).pixels());
        BoxMm photo = images.get(images.size() - 1).ink();
        assertThat(images.subList(0, images.size() - 1)).isNotEmpty().allSatisfy(image -> {
            Beyond beyond = image.pixels().beyond().orElseThrow();
            BoxMm ink = image.ink();
            assertThat(beyond.sources()).isEqualTo(Pieces.edgeSources().of(beyond.edge()));
            assertThat(beyond.reach()).isLessThanOrEqualTo(1);
            switch (beyond.edge()) {
                case LEFT -> assertThat(ink.right()).isLessThanOrEqualTo(photo.x() + 1e-6);
                case RIGHT -> assertThat(ink.x()).isGreaterThanOrEqualTo(photo.right() - 1e-6);
                case ABOVE -> assertThat(ink.bottom()).isLessThanOrEqualTo(photo.y() + 1e-6);
                case BELOW -> assertThat(ink.y()).isGreaterThanOrEqualTo(photo.bottom() - 1e-6);
            }
        });
        assertThat(retouching(applied(sampled, new RetouchEdit.FacePlane(PAGE, FRAME, CORNERS, true)))
                        .sampled())
                .isEmpty();
    }

    private static FrameScene scene(Piece piece) {
        return new SceneResolver(Pieces.facts())
                .resolve(piece, first(piece)).frames().stream()
                        .filter(frame -> frame.frameId().equals(FRAME))
                        .findFirst()
                        .orElseThrow();
    }

    private static List<Op.Image> images(Piece piece) {
        List<Op.Image> images = new ArrayList<>();
        scene(piece)
                .resolved()
                .ops()
                .forEach(op -> op.accept(new PhotoVisitor() {
                    @Override
                    public void group(Op.Group group) {
                        group.children().forEach(child -> child.accept(this));
                    }

                    @Override
                    public void image(Op.Image image) {
                        images.add(image);
                    }

                    @Override
                    public void tilted(Op.Tilted tilted) {}
                }));
        return images;
    }
}
