package wovenset.core.edit.cells;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.apply.Refusals;
import wovenset.core.frame.CropGeometry;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Treatment;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Reason;
import wovenset.core.testing.Pieces;

/** One photo through several frames, in register. */
class WindowEditsTest {
    private static final Piece PIECE = placed(piece(grid(1, 3, 10, 5), 1), 1, 2, 3);
    private static final UUID PAGE = first(PIECE).id();
    private static final List<UUID> FRAMES = frames(PIECE);

    private static Piece shown(Piece piece, UUID... frames) {
        return applied(piece, new ArrangeEdit.ShowThrough(PAGE, List.of(frames)));
    }

    private static Frame frame(Piece piece, int index) {
        return first(piece).frame(FRAMES.get(index)).orElseThrow();
    }

    @Test
    void oneOfThePhotosLiesOnceUnderAllChosenFrames() {
        Piece free = applied(PIECE, move(PIECE, FRAMES.get(2), free(200, 20, 60, 90, 30)));
        Piece through = shown(free, FRAMES.get(2), FRAMES.get(0));
        Page page = first(through);
        SharedPicture picture = page.pictures().get(0);
        assertThat(page.pictures()).hasSize(1);
        assertThat(picture.entry()).as("in the page's order").isIn(entry(PIECE, 1), entry(PIECE, 3));
        assertThat(frame(through, 0).fill()).isEqualTo(new Fill.Through(picture.id()));
        assertThat(frame(through, 2).fill()).isEqualTo(new Fill.Through(picture.id()));
        assertThat(frame(through, 1)).isEqualTo(frame(PIECE, 1));
        BoxMm box = picture.box().mm();
        PixelSize size = Pieces.facts()
                .size(through.entries().find(picture.entry()).orElseThrow().photo())
                .orElseThrow();
        assertThat(box.width() / box.height()).as("whole").isCloseTo(size.proportion(), within(1e-4));
        // A frame turned by 30 degrees reaches so far.
        double reach = 60 * Math.cos(Math.PI / 6) / 2 + 90 * Math.sin(Math.PI / 6) / 2;
        assertThat(box.x() + box.width()).isGreaterThanOrEqualTo(230 + reach - 1e-3);
        assertThat(box.x()).isLessThanOrEqualTo(10);
        Piece joined = shown(through, FRAMES.get(1), FRAMES.get(0));
        assertThat(first(joined).pictures()).isEqualTo(page.pictures());
        assertThat(frame(joined, 1).fill()).isEqualTo(new Fill.Through(picture.id()));
        Piece moved = applied(joined, move(joined, FRAMES.get(1), free(20, 20, 50, 50)));
        assertThat(first(moved).pictures()).as("frames move over it").isEqualTo(page.pictures());
    }

    /** The part of the photo that it shows, and as large: in the middle of the frame, and half-way to its right edge. */
    @Property(tries = 60)
    void aWindowThatIsLetGoShowsTheSame(
            @ForAll @DoubleRange(min = -80, max = 80) double turn,
            @ForAll @DoubleRange(min = 60, max = 200) double x,
            @ForAll @DoubleRange(min = 60, max = 130) double y) {
        Piece free = applied(PIECE, move(PIECE, FRAMES.get(1), free(x - 25, y - 15, 50, 30, turn)));
        Piece through = shown(free, FRAMES.get(0), FRAMES.get(1), FRAMES.get(2));
        SharedPicture picture = first(through).pictures().get(0);
        Piece let = applied(through, new ArrangeEdit.LetGo(PAGE, List.of(FRAMES.get(1))));
        Fill.OwnPhoto own = (Fill.OwnPhoto) frame(let, 1).fill();
        assertThat(own.entry()).isEqualTo(picture.entry());
        PixelSize size = Pieces.facts()
                .size(through.entries().find(picture.entry()).orElseThrow().photo())
                .orElseThrow();
        CropGeometry.Placed whole =
                CropGeometry.place(size.width(), size.height(), picture.box().mm(), Crop.CENTRED);
        CropGeometry.Placed part = CropGeometry.place(size.width(), size.height(), new BoxMm(0, 0, 50, 30), own.crop());
        for (double right : new double[] {0, 12.5}) {
            Point2D inFrame = new Point2D.Double(25 + right, 15);
            double angle = Math.toRadians(turn);
            Point2D onPage = new Point2D.Double(x + right * Math.cos(angle), y + right * Math.sin(angle));
            Point2D wanted = photoPoint(whole, onPage);
            Point2D is = photoPoint(part, inFrame);
            // Of the photo; a hundredth of a millimetre on the page.
            assertThat(is.getX() * size.width() * whole.mmPerPixel())
                    .isCloseTo(wanted.getX() * size.width() * whole.mmPerPixel(), within(0.01));
            assertThat(is.getY() * size.height() * whole.mmPerPixel())
                    .isCloseTo(wanted.getY() * size.height() * whole.mmPerPixel(), within(0.01));
        }
        assertThat(first(let).pictures()).as("the others go on").hasSize(1);
        Piece none = applied(let, new ArrangeEdit.LetGo(PAGE, List.of(FRAMES.get(0), FRAMES.get(2))));
        assertThat(first(none).pictures()).isEmpty();
    }

    private static Point2D photoPoint(CropGeometry.Placed placed, Point2D point) {
        try {
            return placed.toPage().inverseTransform(point, null);
        } catch (NoninvertibleTransformException e) {
            throw new AssertionError(e);
        }
    }

    /** The same photo with two treatments, in register by itself. */
    @Test
    void windowsKeepTreatmentsOfTheirOwn() {
        Treatment greys = Treatment.of(Treatment.Kind.GREY, 100);
        Piece treated = applied(
                PIECE,
                new ItemEdit.PatchItems(PAGE, List.of(FRAMES.get(1)), new ItemChange.SetTreatment(Optional.of(greys))));
        Piece through = shown(treated, FRAMES.get(0), FRAMES.get(1));
        assertThat(frame(through, 1).adjustments().treatment()).contains(greys);
        assertThat(frame(through, 0).adjustments().areNone()).isTrue();
        Piece let = applied(through, new ArrangeEdit.LetGo(PAGE, List.of(FRAMES.get(1))));
        assertThat(frame(let, 1).adjustments().treatment()).contains(greys);
    }

    @Test
    void whatCannotBeIsSaid() {
        Refusals.checkRefused(
                PIECE, new ArrangeEdit.ShowThrough(PAGE, FRAMES.subList(0, 1)), "frameIds", Reason.WINDOWS_NEED_PHOTO);
        Refusals.checkRefused(PIECE, new ArrangeEdit.LetGo(PAGE, FRAMES), "frameIds", Reason.NO_WINDOW);
        Piece empty = piece(grid(1, 2, 10, 5), 1);
        Refusals.checkRefused(
                empty,
                new ArrangeEdit.ShowThrough(first(empty).id(), frames(empty)),
                "frameIds",
                Reason.WINDOWS_NEED_PHOTO);
    }
}
