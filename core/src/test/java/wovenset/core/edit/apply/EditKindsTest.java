package wovenset.core.edit.apply;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.cut;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wovenset.core.arrange.free.Alignment;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.caption.OwnTable;
import wovenset.core.delta.PieceDelta;
import wovenset.core.drawing.Drawing;
import wovenset.core.edit.AdjustEdit;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Frame;
import wovenset.core.pattern.Patterns;
import wovenset.core.photo.Region;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Corners;
import wovenset.core.style.CutMarks;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Folio;
import wovenset.core.style.Ground;
import wovenset.core.style.Language;
import wovenset.core.style.Light;
import wovenset.core.style.Rule;
import wovenset.core.style.ShippedMounts;
import wovenset.core.style.StyleSheet;
import wovenset.core.testing.Pieces;
import wovenset.core.theme.ShippedThemes;

/** What holds for edits of every kind. */
class EditKindsTest {
    private static final Piece PIECE = placed(piece(grid(1, 3, 10, 5), 2), 1, 2, 3);
    private static final UUID PAGE = first(PIECE).id();
    private static final List<UUID> FRAMES = frames(PIECE);
    private static final Grid CELLS = grid(1, 3, 10, 5).withCell(new Grid.CellSize(mm(50), mm(50)));

    static List<Edit> all() {
        UUID frame = FRAMES.get(0);
        StyleSheet styles = PIECE.styles();
        return List.of(
                new PieceEdit.RenamePiece("n"),
                new PieceEdit.SetFormat(Pieces.format(200, 300)),
                new StyleEdit.SetFrameStyle(styles.usual().withCorners(Corners.round(mm(1)))),
                new StyleEdit.KeepStyle(PAGE, FRAMES, new UUID(7, 7), "s"),
                new StyleEdit.WearEverywhere(styles.usual().id()),
                new WordsEdit.AddLetters(PAGE, "Kite", "Kalam"),
                new ItemEdit.AddOrnament(PAGE, Drawing.BUNTING),
                new StyleEdit.DressFrames(PAGE, FRAMES, styles.usual().as(new UUID(8, 8), "d")),
                new PieceEdit.WearTheme(ShippedThemes.of(PIECE.format()).get(3)),
                new StyleEdit.DressAll(styles.usual().as(new UUID(9, 9), "e")),
                new PieceEdit.SetCaptionStyle(styles.captions().withShow(CaptionStyle.Show.ALWAYS)),
                new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#101830"))),
                new StyleEdit.MountItems(
                        PAGE, FRAMES, ShippedMounts.of(PIECE.format()).get(0)),
                new ItemEdit.AddBox(PAGE, new Paint.Solid(Rgb.INK)),
                new ItemEdit.AddRule(PAGE, new Rule(Rgb.INK, mm(1), Rule.Stroke.DOTS)),
                new PieceEdit.SetLight(new Light(45)),
                new PieceEdit.SetCutMarks(CutMarks.FINE),
                new PieceEdit.SetLanguage(Language.SWEDISH),
                new PieceEdit.SetEdges(new EdgeRun(EdgeRun.Kind.MIRRORED, Rgb.INK)),
                new EntryEdit.AddPhotos(List.of(photo(7))),
                new EntryEdit.RemoveEntries(List.of(entry(PIECE, 1))),
                new EntryEdit.OrderEntries(List.of(entry(PIECE, 3), entry(PIECE, 1), entry(PIECE, 2))),
                new EntryEdit.CaptionEntry(entry(PIECE, 1), "c"),
                new EntryEdit.CaptionEntries(List.of(new EntryEdit.EntryCaption(entry(PIECE, 2), "d"))),
                new EntryEdit.SetTable(
                        Optional.of(new OwnTable(List.of("Price"), "{price}")),
                        List.of(new EntryEdit.TableRow(entry(PIECE, 2), List.of("18 €")))),
                new AlbumEdit.SetAside(List.of(entry(PIECE, 2)), true),
                new EntryEdit.ShowSubject(entry(PIECE, 1), Optional.of(new Region(0.1, 0.1, 0.5, 0.5))),
                new AlbumEdit.FlowEntries(),
                new PageEdit.LayPrints(
                        PAGE, List.of(new PageEdit.PrintWish(entry(PIECE, 1), mm(50), mm(50), 1)), mm(4)),
                new PageEdit.AddPage(PAGE),
                new PageEdit.AddWordsPage(PageEdit.AddWordsPage.What.IMPRINT, Optional.of(PAGE), "w"),
                new PageEdit.NumberPages(List.of(PAGE), false),
                new StyleEdit.WearOnPages(List.of(PAGE), styles.usual().id()),
                new EntryEdit.DateEntries(List.of(entry(PIECE, 2)), Optional.of(LocalDateTime.of(1974, 7, 1, 12, 0))),
                new EntryEdit.ExchangePhotos(entry(PIECE, 1), entry(PIECE, 3), true),
                new AlbumEdit.LayAcross(PAGE, entry(PIECE, 2)),
                new AlbumEdit.MoveEntries(List.of(entry(PIECE, 3)), 0),
                new PieceEdit.SetFolio(Optional.of(
                        new Folio(Folio.Place.FOOT_OUTER, Folio.Running.PIECE, "Alegreya", 9, Rgb.INK, mm(6), 1))),
                new PageEdit.CopyPages(List.of(PAGE)),
                new PageEdit.TakePages(
                        List.of(first(PIECE)), PIECE.entries().list(), styles, PIECE.format(), Optional.of(PAGE)),
                new PageEdit.DeletePages(List.of(PAGE)),
                new PageEdit.MovePages(List.of(PAGE), 1),
                new PageEdit.SetGuides(PAGE, List.of(new Guide(Guide.Direction.UPRIGHT, mm(50)))),
                new PageEdit.SetGround(List.of(PAGE), new Ground.Covered(new Paint.Solid(new Rgb("#101830")))),
                new ArrangeEdit.SetGrid(PAGE, grid(2, 2, 10, 5), ArrangeEdit.Reflow.ASK),
                new ArrangeEdit.SetGridOfAll(grid(3, 1, 10, 5), ArrangeEdit.Reflow.ASK),
                new ArrangeEdit.Arrange(PAGE, first(cut(PIECE, "(p[pp])", true)).arrangement(), FRAMES),
                new ArrangeEdit.CutSilhouette(
                        PAGE,
                        Margins.all(mm(10)),
                        mm(2),
                        new Figure("box", "M 0 0 L 1 0 L 1 1 L 0 1 Z", 1),
                        new Cutting.Rows(2, 2),
                        FRAMES),
                new ArrangeEdit.Scatter(PAGE, Margins.all(mm(10)), new Scattered.Recipe(1, 1, 10, 0.2), FRAMES),
                new ArrangeEdit.ApplyPattern(
                        PAGE,
                        Patterns.of("p", PIECE, first(PIECE), Pieces.facts()),
                        ArrangeEdit.PatternPart.BOTH,
                        ArrangeEdit.Reflow.ASK),
                new ArrangeEdit.Harmonise(PAGE, Harmony.Mode.RUN, 1),
                new ArrangeEdit.SizeFromCells(PAGE, CELLS, ArrangeEdit.Reflow.ASK),
                new ArrangeEdit.FillWithCells(PAGE, CELLS, true, ArrangeEdit.Reflow.ASK),
                new ArrangeEdit.JoinCells(PAGE, FRAMES),
                new ArrangeEdit.PlaceEntry(PAGE, frame, entry(PIECE, 2)),
                new ArrangeEdit.EmptyFrame(PAGE, frame),
                new ArrangeEdit.ShowThrough(PAGE, FRAMES),
                new ArrangeEdit.SwapFrames(PAGE, frame, PAGE, FRAMES.get(1)),
                new WordsEdit.AddWords(PAGE, WordsEdit.WordsPlace.TOP, Optional.of("w")),
                patch(PIECE, new ItemChange.SetOpacity(0.5), frame),
                move(PIECE, frame, free(1, 1, 50, 50)),
                new ItemEdit.AddItems(
                        PAGE,
                        List.of(Frame.empty(
                                frame, free(1, 1, 9, 9), styles.usual().id())),
                        List.of()),
                new ItemEdit.RemoveItems(PAGE, FRAMES),
                new ItemEdit.RestackItems(PAGE, List.of(FRAMES.get(2), FRAMES.get(0), FRAMES.get(1))),
                new ItemEdit.GroupItems(PAGE, FRAMES),
                new ItemEdit.UngroupItems(PAGE, FRAMES),
                new ArrangeEdit.GiveBackItems(PAGE, FRAMES),
                new ArrangeEdit.ReleasePage(PAGE),
                new ItemEdit.LineUpItems(PAGE, FRAMES, Alignment.Edge.TOP, ItemEdit.LineUpTo.EACH_OTHER),
                new ItemEdit.EvenGaps(PAGE, FRAMES, false),
                new ItemEdit.SizeItems(PAGE, FRAMES, Optional.empty(), Optional.of(mm(40))));
    }

    @Test
    void everyKindIsTriedHere() {
        assertThat(all())
                .extracting(Object::getClass)
                .map(Class::getSimpleName)
                .containsExactlyInAnyOrder(Handlers.kinds().stream()
                        .filter(kind -> !List.of(
                                        ArrangeEdit.PartCells.class,
                                        ArrangeEdit.ComposeWaiting.class,
                                        PageEdit.SplitEntry.class,
                                        // Tried in WallSetEditsTest: it needs pages that give way.
                                        PageEdit.HangSet.class,
                                        // Tried in StyleEditsTest: it needs two styles.
                                        StyleEdit.RemoveFrameStyle.class,
                                        // Tried in OrnamentEditsTest: they need ornaments.
                                        ItemEdit.ExchangeOrnaments.class,
                                        ItemEdit.ColourOrnaments.class,
                                        // Tried in WordsEditsTest: they need words.
                                        WordsEdit.WriteWords.class,
                                        WordsEdit.HeightOfWords.class,
                                        WordsEdit.DressWords.class,
                                        WordsEdit.PutWordsAcross.class,
                                        WordsEdit.ShareText.class,
                                        WordsEdit.FollowText.class,
                                        WordsEdit.SetText.class,
                                        WordsEdit.RemoveText.class,
                                        // Tried in AlbumFlowTest and ChapterPagesTest: they need an album, or photos
                                        // that wait.
                                        AlbumEdit.FlowAlbum.class,
                                        AlbumEdit.PinPages.class,
                                        AlbumEdit.AddBlock.class,
                                        AlbumEdit.MoveToPage.class,
                                        AlbumEdit.LayWaiting.class,
                                        AlbumEdit.LeaveWaiting.class,
                                        AlbumEdit.MoveChapter.class,
                                        // Tried in SpreadEditsTest: it needs a picture.
                                        AlbumEdit.PlacePicture.class,
                                        // Tried in CoversTest: it needs a cover.
                                        AlbumEdit.FitCover.class,
                                        // Tried in WindowEditsTest: it needs windows.
                                        ArrangeEdit.LetGo.class,
                                        // Tried in MosaicEditsTest: they need photos whose colours are known.
                                        AdjustEdit.MakeMosaic.class,
                                        AdjustEdit.EndMosaic.class,
                                        // Tried in CutOutEditsTest: they need photos that can be looked at.
                                        RetouchEdit.CutOutPeople.class,
                                        RetouchEdit.MarkCutOut.class,
                                        RetouchEdit.ShapeCutOut.class,
                                        RetouchEdit.EndCutOut.class,
                                        RetouchEdit.StandTogether.class,
                                        // Tried in MendEditsTest: they need a photo that is mended already.
                                        RetouchEdit.MendPhoto.class,
                                        RetouchEdit.RemoveMend.class,
                                        RetouchEdit.FacePlane.class,
                                        RetouchEdit.ExtendPhoto.class,
                                        RetouchEdit.EndPlane.class,
                                        // Tried in AdjustEditsTest: they need photos whose light is known.
                                        AdjustEdit.AdjustByItself.class,
                                        AdjustEdit.MakeAlike.class,
                                        AdjustEdit.AdjustElsewhere.class,
                                        // Tried in PhotoEditsTest: it needs photos with times.
                                        EntryEdit.ShiftDates.class,
                                        // Tried in TableEditsTest: it needs a table.
                                        EntryEdit.WriteRow.class,
                                        // Tried in MountEditsTest: they need papers.
                                        StyleEdit.SetMount.class,
                                        StyleEdit.UnmountItems.class)
                                .contains(kind))
                        .map(Class::getSimpleName)
                        .toArray(String[]::new));
        Piece joined = applied(PIECE, new ArrangeEdit.JoinCells(PAGE, FRAMES));
        assertThat(applied(joined, new ArrangeEdit.PartCells(PAGE, frame(joined, 0))))
                .isNotEqualTo(joined);
        Piece waiting = applied(PIECE, new ArrangeEdit.EmptyFrame(PAGE, FRAMES.get(0)));
        assertThat(applied(waiting, new ArrangeEdit.ComposeWaiting(PAGE, 1))).isNotEqualTo(waiting);
        Edit split = new PageEdit.SplitEntry(PAGE, entry(PIECE, 1), 2, 1, mm(5), false, true);
        assertThat(applied(PIECE, split).pages()).hasSize(4);
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachKindHasARuleIsTakenBackByItsDeltaAndLeavesThePieceBeforeAsItWas(Edit edit) {
        Piece untouched = placed(piece(grid(1, 3, 10, 5), 2), 1, 2, 3).withEntries(PIECE.entries());
        Piece after = applied(PIECE, edit);
        PieceDelta delta = PieceDelta.of(PIECE, after);
        assertThat(delta.applied(PIECE)).isEqualTo(after);
        assertThat(delta.inverse().applied(after)).isEqualTo(PIECE);
        assertThat(delta.inverse().inverse()).isEqualTo(delta);
        assertThat(untouched.pages())
                .extracting(Page::arrangement)
                .isEqualTo(PIECE.pages().stream().map(Page::arrangement).toList());
    }

    @ParameterizedTest
    @MethodSource("all")
    void pagesThatAnEditDoesNotConcernAreTheSameObjects(Edit edit) {
        Piece after = applied(PIECE, edit);
        Page other = PIECE.pages().get(1);
        boolean ofAll = edit instanceof PieceEdit.SetFormat
                || edit instanceof ArrangeEdit.SetGridOfAll
                || edit instanceof ArrangeEdit.SizeFromCells
                || edit instanceof StyleEdit.DressAll
                || edit instanceof PieceEdit.WearTheme
                // Prints come on the next page that is a sheet.
                || edit instanceof PageEdit.LayPrints;
        if (!ofAll) {
            assertThat(after.page(other.id()).orElseThrow()).isSameAs(other);
        }
    }
}
