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
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wovenset.core.arrange.free.Alignment;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.caption.OwnTable;
import wovenset.core.delta.PieceDelta;
import wovenset.core.drawing.Drawing;
import wovenset.core.edit.Edit;
import wovenset.core.edit.ItemChange;
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
                new Edit.RenamePiece("n"),
                new Edit.SetFormat(Pieces.format(200, 300)),
                new Edit.SetFrameStyle(styles.usual().withCorners(Corners.round(mm(1)))),
                new Edit.KeepStyle(PAGE, FRAMES, new UUID(7, 7), "s"),
                new Edit.WearEverywhere(styles.usual().id()),
                new Edit.AddLetters(PAGE, "Kite", "Kalam"),
                new Edit.AddOrnament(PAGE, Drawing.BUNTING),
                new Edit.DressFrames(PAGE, FRAMES, styles.usual().as(new UUID(8, 8), "d")),
                new Edit.WearTheme(ShippedThemes.of(PIECE.format()).get(3)),
                new Edit.DressAll(styles.usual().as(new UUID(9, 9), "e")),
                new Edit.SetCaptionStyle(styles.captions().withShow(CaptionStyle.Show.ALWAYS)),
                new Edit.SetCommonGround(new Paint.Solid(new Rgb("#101830"))),
                new Edit.MountItems(
                        PAGE, FRAMES, ShippedMounts.of(PIECE.format()).get(0)),
                new Edit.AddBox(PAGE, new Paint.Solid(Rgb.INK)),
                new Edit.AddRule(PAGE, new Rule(Rgb.INK, mm(1), Rule.Stroke.DOTS)),
                new Edit.SetLight(new Light(45)),
                new Edit.SetCutMarks(CutMarks.FINE),
                new Edit.SetLanguage(Language.SWEDISH),
                new Edit.SetEdges(new EdgeRun(EdgeRun.Kind.MIRRORED, Rgb.INK)),
                new Edit.AddPhotos(List.of(photo(7))),
                new Edit.RemoveEntries(List.of(entry(PIECE, 1))),
                new Edit.OrderEntries(List.of(entry(PIECE, 3), entry(PIECE, 1), entry(PIECE, 2))),
                new Edit.CaptionEntry(entry(PIECE, 1), "c"),
                new Edit.CaptionEntries(List.of(new Edit.EntryCaption(entry(PIECE, 2), "d"))),
                new Edit.SetTable(
                        Optional.of(new OwnTable(List.of("Price"), "{price}")),
                        List.of(new Edit.TableRow(entry(PIECE, 2), List.of("18 €")))),
                new Edit.SetAside(List.of(entry(PIECE, 2)), true),
                new Edit.ShowSubject(entry(PIECE, 1), Optional.of(new Region(0.1, 0.1, 0.5, 0.5))),
                new Edit.FlowEntries(),
                new Edit.LayPrints(PAGE, List.of(new Edit.PrintWish(entry(PIECE, 1), mm(50), mm(50), 1)), mm(4)),
                new Edit.AddPage(PAGE),
                new Edit.AddWordsPage(Edit.AddWordsPage.What.IMPRINT, Optional.of(PAGE), "w"),
                new Edit.NumberPages(List.of(PAGE), false),
                new Edit.WearOnPages(List.of(PAGE), styles.usual().id()),
                new Edit.DateEntries(List.of(entry(PIECE, 2)), Optional.of(LocalDateTime.of(1974, 7, 1, 12, 0))),
                new Edit.ExchangePhotos(entry(PIECE, 1), entry(PIECE, 3), true),
                new Edit.LayAcross(PAGE, entry(PIECE, 2)),
                new Edit.MoveEntries(List.of(entry(PIECE, 3)), 0),
                new Edit.SetFolio(Optional.of(
                        new Folio(Folio.Place.FOOT_OUTER, Folio.Running.PIECE, "Alegreya", 9, Rgb.INK, mm(6), 1))),
                new Edit.CopyPages(List.of(PAGE)),
                new Edit.DeletePages(List.of(PAGE)),
                new Edit.MovePages(List.of(PAGE), 1),
                new Edit.SetGuides(PAGE, List.of(new Guide(Guide.Direction.UPRIGHT, mm(50)))),
                new Edit.SetGround(List.of(PAGE), new Ground.Covered(new Paint.Solid(new Rgb("#101830")))),
                new Edit.SetGrid(PAGE, grid(2, 2, 10, 5), Edit.Reflow.ASK),
                new Edit.SetGridOfAll(grid(3, 1, 10, 5), Edit.Reflow.ASK),
                new Edit.Arrange(PAGE, first(cut(PIECE, "(p[pp])", true)).arrangement(), FRAMES),
                new Edit.Scatter(PAGE, Margins.all(mm(10)), new Scattered.Recipe(1, 1, 10, 0.2), FRAMES),
                new Edit.ApplyPattern(
                        PAGE,
                        Patterns.of("p", PIECE, first(PIECE), Pieces.facts()),
                        Edit.PatternPart.BOTH,
                        Edit.Reflow.ASK),
                new Edit.Harmonise(PAGE, Harmony.Mode.RUN, 1),
                new Edit.SizeFromCells(PAGE, CELLS, Edit.Reflow.ASK),
                new Edit.FillWithCells(PAGE, CELLS, true, Edit.Reflow.ASK),
                new Edit.JoinCells(PAGE, FRAMES),
                new Edit.PlaceEntry(PAGE, frame, entry(PIECE, 2)),
                new Edit.EmptyFrame(PAGE, frame),
                new Edit.SwapFrames(PAGE, frame, PAGE, FRAMES.get(1)),
                new Edit.AddWords(PAGE, Edit.WordsPlace.TOP, Optional.of("w")),
                patch(PIECE, new ItemChange.SetOpacity(0.5), frame),
                move(PIECE, frame, free(1, 1, 50, 50)),
                new Edit.AddItems(
                        PAGE,
                        List.of(Frame.empty(
                                frame, free(1, 1, 9, 9), styles.usual().id())),
                        List.of()),
                new Edit.RemoveItems(PAGE, FRAMES),
                new Edit.RestackItems(PAGE, List.of(FRAMES.get(2), FRAMES.get(0), FRAMES.get(1))),
                new Edit.GroupItems(PAGE, FRAMES),
                new Edit.UngroupItems(PAGE, FRAMES),
                new Edit.GiveBackItems(PAGE, FRAMES),
                new Edit.ReleasePage(PAGE),
                new Edit.LineUpItems(PAGE, FRAMES, Alignment.Edge.TOP, Edit.LineUpTo.EACH_OTHER),
                new Edit.EvenGaps(PAGE, FRAMES, false),
                new Edit.SizeItems(PAGE, FRAMES, Optional.empty(), Optional.of(mm(40))));
    }

    @Test
    void everyKindIsTriedHere() {
        assertThat(all())
                .extracting(Object::getClass)
                .map(Class::getSimpleName)
                .containsExactlyInAnyOrder(Stream.of(Edit.class.getPermittedSubclasses())
                        .filter(kind -> !List.of(
                                        Edit.PartCells.class,
                                        Edit.ComposeWaiting.class,
                                        Edit.SplitEntry.class,
                                        // Tried in StyleEditsTest: it needs two styles.
                                        Edit.RemoveFrameStyle.class,
                                        // Tried in OrnamentEditsTest: they need ornaments.
                                        Edit.ExchangeOrnaments.class,
                                        Edit.ColourOrnaments.class,
                                        // Tried in WordsEditsTest: they need words.
                                        Edit.WriteWords.class,
                                        Edit.HeightOfWords.class,
                                        Edit.DressWords.class,
                                        Edit.PutWordsAcross.class,
                                        Edit.ShareText.class,
                                        Edit.FollowText.class,
                                        Edit.SetText.class,
                                        Edit.RemoveText.class,
                                        // Tried in AlbumFlowTest and ChapterPagesTest: they need an album, or photos
                                        // that wait.
                                        Edit.FlowAlbum.class,
                                        Edit.PinPages.class,
                                        Edit.MoveChapter.class,
                                        // Tried in SpreadEditsTest: it needs a picture.
                                        Edit.PlacePicture.class,
                                        // Tried in CoversTest: it needs a cover.
                                        Edit.FitCover.class,
                                        // Tried in PhotoEditsTest: it needs photos with times.
                                        Edit.ShiftDates.class,
                                        // Tried in TableEditsTest: it needs a table.
                                        Edit.WriteRow.class,
                                        // Tried in MountEditsTest: they need papers.
                                        Edit.SetMount.class,
                                        Edit.UnmountItems.class)
                                .contains(kind))
                        .map(Class::getSimpleName)
                        .toArray(String[]::new));
        Piece joined = applied(PIECE, new Edit.JoinCells(PAGE, FRAMES));
        assertThat(applied(joined, new Edit.PartCells(PAGE, frame(joined, 0)))).isNotEqualTo(joined);
        Piece waiting = applied(PIECE, new Edit.EmptyFrame(PAGE, FRAMES.get(0)));
        assertThat(applied(waiting, new Edit.ComposeWaiting(PAGE, 1))).isNotEqualTo(waiting);
        Edit split = new Edit.SplitEntry(PAGE, entry(PIECE, 1), 2, 1, mm(5), false, true);
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
        boolean ofAll = edit instanceof Edit.SetFormat
                || edit instanceof Edit.SetGridOfAll
                || edit instanceof Edit.SizeFromCells
                || edit instanceof Edit.DressAll
                || edit instanceof Edit.WearTheme
                // Prints come on the next page that is a sheet.
                || edit instanceof Edit.LayPrints;
        if (!ofAll) {
            assertThat(after.page(other.id()).orElseThrow()).isSameAs(other);
        }
    }
}
