package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.row;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Light;
import wovenset.core.style.Mount;
import wovenset.core.style.Sheet;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Shadow;

class MountEditsTest {
    private static final Piece PHOTOS = row(3);
    private static final UUID PAGE = first(PHOTOS).id();
    private static final List<UUID> FRAMES =
            first(PHOTOS).frames().stream().map(Frame::id).toList();
    private static final Mount TWO = new Mount(
            new UUID(4, 4),
            "Two",
            List.of(sheet(6, "#fffdf8"), sheet(3, "#5e7b4f")),
            new Shadow(mm(2), mm(3), 0.5, Rgb.INK),
            new InnerShadow(mm(1), mm(1), 0.4, Rgb.INK));

    private final Piece mounted = applied(PHOTOS, new StyleEdit.MountItems(PAGE, FRAMES, TWO));

    private static Sheet sheet(double width, String colour) {
        return new Sheet(mm(width), new Paint.Solid(new Rgb(colour)));
    }

    private static Group group(Piece piece) {
        return (Group) first(piece).items().stream()
                .filter(Group.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private static BoxMm pictures(PageScene scene) {
        return scene.frames().stream()
                .map(frame -> frame.box())
                .reduce(BoxMm::union)
                .orElseThrow();
    }

    private static PageScene scene(Piece piece) {
        return new SceneResolver(facts()).resolve(piece, first(piece));
    }

    @Test
    void papersLieUnderAllTheirPicturesAtAnEvenDistanceTheLowestFirst() {
        PageScene scene = scene(mounted);
        Unit papers = scene.units().get(0);
        assertThat(papers.itemId()).isEqualTo(group(mounted).id());
        List<BoxMm> sheets = papers.ops().stream()
                .filter(Op.Fill.class::isInstance)
                .map(op -> op.ink().movedBy(papers.x(), papers.y()))
                .toList();
        BoxMm all = pictures(scene);
        assertThat(sheets).hasSize(2);
        assertThat(sheets.get(0)).isEqualTo(all.outset(9));
        assertThat(sheets.get(1)).isEqualTo(all.outset(6));
        assertThat(((Op.Fill) papers.ops().get(1)).paint())
                .isEqualTo(TWO.sheets().get(1).paint());
        assertThat(scene.units()).hasSize(1 + FRAMES.size());
    }

    @Test
    void shadowsFallAwayFromThePiecesLightAndWithinThePrints() {
        Piece lit = applied(mounted, new PieceEdit.SetLight(new Light(90)));
        PageScene scene = scene(lit);
        Op.Group shade = (Op.Group) scene.units().get(0).ops().get(0);
        assertThat(shade.to().e()).as("to the left of a light from the right").isCloseTo(-2, within(1e-9));
        assertThat(shade.to().f()).isCloseTo(0, within(1e-9));
        assertThat(scene.frames()).allSatisfy(frame -> assertThat(frame.look().effect(InnerShadow.class))
                .contains(TWO.prints()));
        assertThat(scene(PHOTOS).frames())
                .allSatisfy(frame ->
                        assertThat(frame.look().effect(InnerShadow.class)).isEmpty());
    }

    @Test
    void changedOnceAllThatLiesOnThemFollows() {
        Mount wider = new Mount(TWO.id(), "Two", List.of(sheet(9, "#fffdf8")), TWO.shadow(), TWO.prints());
        Piece changed = applied(mounted, new StyleEdit.SetMount(wider));
        PageScene scene = scene(changed);
        Op paper = scene.units().get(0).ops().get(1);
        assertThat(paper.ink().width()).isCloseTo(pictures(scene).width() + 18, within(1e-6));
        assertThat(changed.pages()).isEqualTo(mounted.pages());
        checkRefused(PHOTOS, new StyleEdit.SetMount(wider), "mount", Reason.MOUNT_GONE);
    }

    @Test
    void aPictureAloneAndAGroupThatIsThereAreMountedAndTakenOffAgain() {
        Piece one = applied(PHOTOS, new StyleEdit.MountItems(PAGE, FRAMES.subList(0, 1), TWO));
        assertThat(group(one).children()).hasSize(1);
        Edit off = new StyleEdit.UnmountItems(PAGE, FRAMES.subList(0, 1));
        assertThat(applied(one, off)).isEqualTo(PHOTOS);
        Piece grouped = applied(PHOTOS, new ItemEdit.GroupItems(PAGE, FRAMES));
        Piece both = applied(grouped, new StyleEdit.MountItems(PAGE, FRAMES, TWO));
        assertThat(group(both).id()).isEqualTo(group(grouped).id());
        assertThat(applied(both, new StyleEdit.UnmountItems(PAGE, FRAMES))).isEqualTo(grouped);
        assertThat(both.styles().mounts()).containsExactly(TWO);
        checkRefused(grouped, new StyleEdit.UnmountItems(PAGE, FRAMES), "itemIds", Reason.NOTHING_MOUNTED);
    }

    @Test
    void otherPapersTakeThePlaceOfTheFirst() {
        Mount other = new Mount(new UUID(5, 5), "Other", List.of(sheet(1, "#000000")), TWO.shadow(), TWO.prints());
        Piece changed = applied(mounted, new StyleEdit.MountItems(PAGE, FRAMES, other));
        assertThat(group(changed).mount()).contains(other.id());
        assertThat(changed.styles().mounts()).containsExactly(other);
        assertThat(group(changed).withMount(Optional.of(TWO.id()))).isEqualTo(group(mounted));
    }

    @Test
    void captionsLieOnThemToo() {
        UUID entry = first(PHOTOS).frames().get(0).fill() instanceof Fill.OwnPhoto own ? own.entry() : PAGE;
        Piece captioned = applied(
                PHOTOS,
                new PieceEdit.SetCaptionStyle(PHOTOS.styles().captions().withShow(CaptionStyle.Show.WRITTEN)),
                new EntryEdit.CaptionEntry(entry, "Hale Point light"));
        Piece papers = applied(captioned, new StyleEdit.MountItems(PAGE, FRAMES.subList(0, 1), TWO));
        PageScene scene = scene(papers);
        Unit unit = scene.units().get(0);
        BoxMm upper = unit.ops().get(3).ink().movedBy(unit.x(), unit.y());
        BoxMm picture = scene.frames().get(0).box();
        assertThat(upper.y()).isCloseTo(picture.y() - 6, within(1e-6));
        assertThat(upper.bottom()).isGreaterThan(picture.bottom() + 6 + 3);
    }

    @Test
    void whatReachesTheTrimRunsOnIntoTheBleed() {
        Mount wide = new Mount(TWO.id(), "Wide", List.of(sheet(150, "#c0a070")), TWO.shadow(), TWO.prints());
        Piece covered = applied(PHOTOS, new StyleEdit.MountItems(PAGE, FRAMES, wide));
        Unit papers = scene(covered).units().get(0);
        BoxMm paper = papers.ops().get(1).ink().movedBy(papers.x(), papers.y());
        assertThat(paper.union(scene(covered).bleedBox())).isEqualTo(paper);
    }
}
