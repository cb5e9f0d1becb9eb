package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.item.Frame;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.CutMarks;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.StyleUse;

class StyleEditsTest {
    private static final UUID WIDE = new UUID(0, 1);
    private static final Piece PIECE = placed(piece(grid(1, 3, 10, 5), 2), 1, 2, 3);
    private static final List<UUID> FRAMES = frames(PIECE);

    private static final SceneResolver SCENES = new SceneResolver(photo -> Optional.of(new PixelSize(3000, 2000)));

    private static List<StyleUse> worn(Piece piece) {
        return first(piece).frames().stream().map(Frame::style).toList();
    }

    /** The middle frame has a wide border, kept as a style that the last one wears, too. */
    private static Piece kept() {
        Piece differing = applied(
                PIECE, patch(PIECE, new ItemChange.Differ(new StyleDifference.BandWidth(0, mm(9))), FRAMES.get(1)));
        return applied(
                differing,
                new StyleEdit.KeepStyle(first(PIECE).id(), List.of(FRAMES.get(1), FRAMES.get(2)), WIDE, " Wide "));
    }

    @Test
    void aLookIsKeptAsAStyleThatItsFramesFollow() {
        Piece kept = kept();
        FrameStyle wide = kept.styles().frame(WIDE);
        assertThat(wide.name()).isEqualTo("Wide");
        assertThat(wide.bands().get(0).width()).isEqualTo(mm(9));
        StyleUse usual = StyleUse.of(PIECE.styles().usual().id());
        assertThat(worn(kept)).containsExactly(usual, StyleUse.of(WIDE), StyleUse.of(WIDE));
        Piece wider = applied(kept, new StyleEdit.SetFrameStyle(wide.withBand(0, band -> band.withWidth(mm(12)))));
        assertThat(worn(wider).get(2).in(wider.styles()).bands().get(0).width()).isEqualTo(mm(12));
        assertThat(worn(wider).get(0).in(wider.styles()).bands().get(0).width())
                .isEqualTo(PIECE.styles().usual().bands().get(0).width());
    }

    @Test
    void aStyleIsWornEverywhereAndByNewFrames() {
        Piece worn = applied(kept(), new StyleEdit.WearEverywhere(WIDE));
        assertThat(worn.pages())
                .allSatisfy(page -> assertThat(page.frames()).isNotEmpty().allMatch(frame -> frame.style()
                        .equals(StyleUse.of(WIDE))));
        assertThat(worn.styles().usual().id()).isEqualTo(WIDE);
        Piece withWords = applied(
                PIECE, new WordsEdit.AddWords(first(PIECE).id(), WordsEdit.WordsPlace.TOP, Optional.of("Kites")));
        Piece both = applied(
                applied(withWords, new StyleEdit.SetFrameStyle(kept().styles().frame(WIDE))),
                new StyleEdit.WearEverywhere(WIDE));
        assertThat(first(both).frames())
                .filteredOn(frame -> !frame.isForPhotos())
                .hasSize(1)
                .noneMatch(frame -> frame.style().style().equals(WIDE));
    }

    @Test
    void whoWoreAStyleThatIsDeletedWearsTheUsualOne() {
        Piece kept = kept();
        Piece without = applied(kept, new StyleEdit.RemoveFrameStyle(WIDE));
        assertThat(without.styles().frames()).containsExactly(PIECE.styles().usual());
        assertThat(worn(without))
                .containsOnly(StyleUse.of(PIECE.styles().usual().id()));
        Piece other = applied(
                kept, new StyleEdit.RemoveFrameStyle(PIECE.styles().usual().id()));
        assertThat(worn(other)).containsOnly(StyleUse.of(WIDE));
        checkRefused(
                without, new StyleEdit.RemoveFrameStyle(without.styles().usual().id()), "style", Reason.LAST_STYLE);
    }

    @Test
    void oneStyleIsPutOnByItsName() {
        Piece kept = kept();
        Piece worn = applied(kept, patch(kept, new ItemChange.WearStyle(WIDE), FRAMES.get(0)));
        assertThat(worn(worn)).containsOnly(StyleUse.of(WIDE));
        UUID stranger = new UUID(0, 99);
        checkRefused(kept, patch(kept, new ItemChange.WearStyle(stranger), FRAMES.get(0)), "style", Reason.STYLE_GONE);
        checkRefused(
                kept,
                patch(
                        kept,
                        new ItemChange.Wear(
                                StyleUse.of(stranger),
                                first(kept).frames().get(0).outline()),
                        FRAMES.get(0)),
                "style",
                Reason.STYLE_GONE);
        checkRefused(kept, new StyleEdit.WearEverywhere(stranger), "style", Reason.STYLE_GONE);
    }

    /** The piece's own copy counts: what was changed in the piece is not changed back by putting it on again. */
    @Test
    void aStyleFromElsewhereComesWithItsFirstFrameAndOnlyOnce() {
        FrameStyle brought = FrameStyle.plain(new UUID(5, 5), "wide").withFoot(mm(20));
        Piece kept = kept();
        Piece dressed = applied(kept, new StyleEdit.DressFrames(first(kept).id(), List.of(FRAMES.get(0)), brought));
        assertThat(dressed.styles().frame(brought.id())).isEqualTo(brought.withName("wide 2"));
        assertThat(worn(dressed).get(0)).isEqualTo(StyleUse.of(brought.id()));
        Piece changed = applied(
                dressed,
                new StyleEdit.SetFrameStyle(dressed.styles().frame(brought.id()).withFoot(mm(5))));
        Piece all = applied(changed, new StyleEdit.DressAll(brought));
        assertThat(worn(all)).containsOnly(StyleUse.of(brought.id()));
        assertThat(all.styles().usual().foot()).isEqualTo(mm(5));
        assertThat(all.styles().frames()).hasSize(3);
    }

    /** A frame's slot less its bands and its foot is its photo; words stand on the foot and need no strip. */
    @Test
    void aFootKeepsItsRoomBelowThePhotoAndHoldsTheWords() {
        Piece plain = applied(
                PIECE,
                new PieceEdit.SetCaptionStyle(PIECE.styles().captions().withShow(CaptionStyle.Show.WRITTEN)),
                new EntryEdit.CaptionEntry(entry(PIECE, 1), "On the foot"));
        Piece footed = applied(
                plain, new StyleEdit.SetFrameStyle(plain.styles().usual().withFoot(mm(14))));
        double cell = SCENES.resolve(PIECE, first(PIECE)).frames().get(0).box().height();
        FrameScene frame = SCENES.resolve(footed, first(footed)).frames().get(0);
        assertThat(frame.box().height()).isCloseTo(cell - 14, within(1e-6));
        Op.Glyphs line = frame.resolved().ops().stream()
                .filter(Op.Glyphs.class::isInstance)
                .map(Op.Glyphs.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(line.signs().y()).isGreaterThan(frame.box().height());
        assertThat(line.signs().bottom()).isLessThan(frame.box().height() + 14);
        Piece marked = applied(footed, new PieceEdit.SetCutMarks(CutMarks.FINE));
        UUID page = first(marked).id();
        List<Op> lines = SCENES.resolve(marked, first(marked)).units().stream()
                .filter(unit -> unit.itemId().equals(page))
                .flatMap(unit -> unit.ops().stream())
                .toList();
        double below = frame.box().bottom() + 14;
        assertThat(lines)
                .as("it is cut below the foot")
                .anyMatch(op -> Math.abs(op.ink().centreY() - below) < 1e-6);
        assertThat(lines)
                .noneMatch(op -> Math.abs(op.ink().centreY() - frame.box().bottom()) < 1e-6);
    }

    @Test
    void twoStylesNeverHaveOneName() {
        Piece kept = kept();
        FrameStyle wide = kept.styles().frame(WIDE);
        String usual = kept.styles().usual().name();
        checkRefused(kept, new StyleEdit.SetFrameStyle(wide.withName(usual)), "name", Reason.STYLE_NAME_TAKEN, usual);
        checkRefused(
                kept,
                new StyleEdit.KeepStyle(first(kept).id(), FRAMES, new UUID(0, 2), "wide"),
                "name",
                Reason.STYLE_NAME_TAKEN,
                "wide");
        assertThat(applied(kept, new StyleEdit.SetFrameStyle(wide.withName("Broad")))
                        .styles()
                        .frame(WIDE)
                        .name())
                .isEqualTo("Broad");
    }
}
