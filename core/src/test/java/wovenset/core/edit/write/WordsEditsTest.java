package wovenset.core.edit.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.display.Op;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.WordsEdit.WordsPlace;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.item.Placement.Across.Side;
import wovenset.core.pattern.Pattern;
import wovenset.core.pattern.Patterns;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.Ground;
import wovenset.core.style.Outline;
import wovenset.core.style.TextStyle;
import wovenset.core.testing.Pieces;

/** Words in frames of their own: where they stand, what they leave to the photos, and what carries them along. */
class WordsEditsTest {
    private static final Piece PHOTOS = placed(piece(grid(2, 2, 10, 5), 2), 1, 2, 3, 4);
    private static final UUID PAGE = first(PHOTOS).id();

    private static WordsEdit.AddWords add(WordsPlace where, String text) {
        return new WordsEdit.AddWords(PAGE, where, Optional.of(text));
    }

    private static WordsEdit.DressWords size(Piece piece, double sizePt) {
        return new WordsEdit.DressWords(
                PAGE,
                List.of(words(piece).id()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(sizePt),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void newWordsAreReadOnTheirGround() {
        Piece dark = applied(PHOTOS, new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#7a2030"))));
        Rgb cream = new Rgb("#f8ecd2");
        Piece dressed = applied(
                dark, new PieceEdit.SetCaptionStyle(PHOTOS.styles().captions().withFace("Kalam", cream)));
        assertThat(colour(applied(PHOTOS, add(WordsPlace.TOP, "a")))).isEqualTo(Rgb.INK);
        assertThat(colour(applied(dark, add(WordsPlace.FREE, "a")))).isEqualTo(Rgb.PAPER);
        assertThat(colour(applied(dressed, add(WordsPlace.BOTTOM, "a")))).isEqualTo(cream);
        Ground white = new Ground.Covered(new Paint.Solid(new Rgb("#ffffff")));
        assertThat(colour(applied(dressed, new PageEdit.SetGround(List.of(PAGE), white), add(WordsPlace.TOP, "a"))))
                .isEqualTo(Rgb.INK);
    }

    private static Rgb colour(Piece piece) {
        return words(first(piece)).ownWords().orElseThrow().style().colour();
    }

    private static Frame words(Page page) {
        return page.frames().stream()
                .filter(frame -> frame.ownWords().isPresent())
                .findFirst()
                .orElseThrow();
    }

    private static Frame words(Piece piece) {
        return words(first(piece));
    }

    private static Fill.Words fill(Frame frame) {
        return (Fill.Words) frame.fill();
    }

    private static PageScene scene(Piece piece) {
        return new SceneResolver(Pieces.facts()).resolve(piece, first(piece));
    }

    private static BoxMm box(PageScene scene, UUID frame) {
        return scene.frames().stream()
                .filter(one -> one.frameId().equals(frame))
                .map(FrameScene::box)
                .findFirst()
                .orElseThrow();
    }

    /** Lines, their height, half a size of air: the photos have exactly the rest, and all of it again afterwards. */
    @ParameterizedTest
    @EnumSource(Side.class)
    void wordsAcrossThePageLeaveTheRestToThePhotos(Side side) {
        boolean atTop = side == Side.TOP;
        Piece titled = applied(PHOTOS, add(atTop ? WordsPlace.TOP : WordsPlace.BOTTOM, "Last boat home\nand the next"));
        TextStyle style = fill(words(titled)).style();
        double sizeMm = style.sizePt() * 25.4 / 72;
        double height = 2 * style.leading() * sizeMm;
        PageScene scene = scene(titled);
        BoxMm own = box(scene, words(titled).id());
        assertThat(own.height()).isCloseTo(height, within(1e-9));
        assertThat(own.x()).isEqualTo(10);
        assertThat(own.right()).isEqualTo(scene.widthMm() - 10);
        assertThat(atTop ? own.y() : scene.heightMm() - own.bottom()).isCloseTo(10, within(1e-9));
        BoxMm photo = box(scene, frame(titled, atTop ? 0 : 3));
        double between = atTop ? photo.y() - own.bottom() : own.y() - photo.bottom();
        assertThat(between).isCloseTo(sizeMm / 2, within(0.001));
        BoxMm far = box(scene, frame(titled, atTop ? 3 : 0));
        assertThat(atTop ? scene.heightMm() - far.bottom() : far.y()).isCloseTo(10, within(0.001));
        Piece again =
                applied(titled, new ArrangeEdit.EmptyFrame(PAGE, words(titled).id()));
        assertThat(first(again)).isEqualTo(first(PHOTOS));
    }

    @Test
    void aTitleSaysThePiecesNameUntilItSaysSomethingElseAndLooksLikeTheOthers() {
        Piece titled = applied(PHOTOS, new WordsEdit.AddWords(PAGE, WordsPlace.TOP, Optional.empty()));
        assertThat(fill(words(titled)).text()).isEqualTo(PHOTOS.name());
        Piece small = applied(titled, size(titled, 17));
        UUID second = PHOTOS.pages().get(1).id();
        Piece both = applied(small, new WordsEdit.AddWords(second, WordsPlace.TOP, Optional.of("Two")));
        assertThat(fill(words(both.pages().get(1))).style().sizePt()).isEqualTo(17);
        Piece written = applied(both, new WordsEdit.WriteWords(PAGE, words(both).id(), "  One \n two "));
        assertThat(fill(words(written)).text()).isEqualTo("One \n two");
        assertThat(fill(words(written)).style().sizePt()).isEqualTo(17);
    }

    /** Where margins are narrower than a knife may miss, words keep their own distance from the trim. */
    @Test
    void wordsStayAwayFromTheTrimThoughPhotosReachIt() {
        Piece full = placed(piece(grid(1, 2, 0, 0), 1), 1, 2);
        Piece titled = applied(full, new WordsEdit.AddWords(first(full).id(), WordsPlace.TOP, Optional.of("Kites")));
        BoxMm own = box(scene(titled), words(titled).id());
        assertThat(own.y()).isEqualTo(5);
        assertThat(own.x()).isEqualTo(5);
        BoxMm photo = box(scene(titled), frame(titled, 0));
        assertThat(photo.x()).isZero();
        assertThat(photo.bottom()).isEqualTo(scene(titled).heightMm());
    }

    @Test
    void tooManyWordsAcrossAreRefusedByName() {
        Piece titled = applied(
                PHOTOS, new PageEdit.DeletePages(List.of(PHOTOS.pages().get(1).id())), add(WordsPlace.TOP, "Kites"));
        checkRefused(
                titled,
                new WordsEdit.WriteWords(PAGE, words(titled).id(), "a\n".repeat(40) + "a"),
                "text",
                Reason.WORDS_TOO_HIGH);
        checkRefused(
                titled,
                new ArrangeEdit.SwapFrames(PAGE, words(titled).id(), PAGE, frame(titled, 0)),
                "",
                Reason.ACROSS_IS_FOR_WORDS);
        checkRefused(
                titled,
                new ArrangeEdit.PlaceEntry(PAGE, words(titled).id(), entry(titled, 1)),
                "frameId",
                Reason.FRAME_HAS_WORDS);
        checkRefused(
                PHOTOS,
                new WordsEdit.WriteWords(PAGE, frame(PHOTOS, 0), "over a photo"),
                "frameId",
                Reason.FRAME_HAS_PHOTO);
    }

    /** A cell with words keeps its place in the order when the page is arranged anew. */
    @Test
    void wordsInACellFlowLikeAPhoto() {
        Piece emptied = applied(PHOTOS, new ArrangeEdit.EmptyFrame(PAGE, frame(PHOTOS, 1)));
        Piece written = applied(emptied, new WordsEdit.WriteWords(PAGE, frame(PHOTOS, 1), "Chapter two"));
        assertThat(words(written).placement()).isEqualTo(new Placement.InSlot(1));
        Piece row = applied(written, new ArrangeEdit.SetGrid(PAGE, grid(1, 4, 10, 5), ArrangeEdit.Reflow.ASK));
        assertThat(first(row).slotted().get(1).isForPhotos()).isFalse();
        Piece two = applied(written, new ArrangeEdit.SetGrid(PAGE, grid(1, 2, 10, 5), ArrangeEdit.Reflow.AGREED));
        assertThat(fill(first(two).slotted().get(1)).text()).isEqualTo("Chapter two");
        Piece empty =
                applied(written, new ArrangeEdit.EmptyFrame(PAGE, words(written).id()));
        assertThat(first(empty).slotted().get(1).isEmpty()).isTrue();
    }

    @Test
    void wordsTakenFromAcrossLieFreelyAndGoBack() {
        Piece titled = applied(PHOTOS, add(WordsPlace.TOP, "Kites"));
        UUID id = words(titled).id();
        Piece moved = applied(titled, move(titled, id, free(20, 90, 100, 20, 8)));
        assertThat(words(moved).placement()).isEqualTo(free(20, 90, 100, 20, 8));
        assertThat(first(moved).frames()).hasSize(5);
        assertThat(box(scene(moved), frame(moved, 0)).y()).isEqualTo(10);
        Piece back = applied(moved, new WordsEdit.PutWordsAcross(PAGE, id, Side.BOTTOM));
        assertThat(box(scene(back), id).bottom()).isCloseTo(scene(back).heightMm() - 10, within(1e-9));
    }

    /** Baseline and sides by hand: a line of leading × size, its words at its edge, ascent and descent about its middle. */
    @Test
    void linesStandWhereTheirStyleSays() {
        Piece added = applied(PHOTOS, add(WordsPlace.FREE, "Kite"));
        Piece one = applied(added, size(added, 20));
        UUID id = words(one).id();
        Piece placed = applied(one, move(one, id, free(20, 20, 100, 60)));
        for (TextStyle.Align align : TextStyle.Align.values()) {
            for (TextStyle.Stand stand : TextStyle.Stand.values()) {
                Piece dressed = applied(
                        placed,
                        new WordsEdit.DressWords(
                                PAGE,
                                List.of(id),
                                Optional.of("Kalam"),
                                Optional.of(TextStyle.Weight.BOLD),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(1.5),
                                Optional.empty(),
                                Optional.of(align),
                                Optional.of(stand),
                                Optional.of(new Rgb("#a4373a")),
                                Optional.empty(),
                                Optional.empty()));
                FrameScene scene = scene(dressed).frames().get(4);
                Op.Glyphs line = (Op.Glyphs) scene.resolved().ops().get(0);
                double left = align == TextStyle.Align.LEFT ? 0 : 100 - line.widthMm();
                assertThat(line.x()).isCloseTo(align == TextStyle.Align.CENTRE ? left / 2 : left, within(1e-9));
                double size = 20 * 25.4 / 72;
                double top = (60 - 1.5 * size)
                        * switch (stand) {
                            case TOP -> 0;
                            case MIDDLE -> 0.5;
                            case BOTTOM -> 1;
                        };
                assertThat(line.y() - top).isBetween(0.9 * size, 1.3 * size);
                assertThat(line.setting().face()).isEqualTo("Kalam Bold");
                assertThat(line.colour().hex()).isEqualTo("#a4373a");
            }
        }
    }

    @Test
    void wordsTooLongForTheirFrameAreSetSmallerThenCutAndSaidToBe() {
        Piece one = applied(PHOTOS, add(WordsPlace.FREE, "The box kite that would not land ".repeat(6)));
        UUID id = words(one).id();
        FrameScene fits = scene(applied(one, move(one, id, free(20, 20, 120, 22))))
                .frames()
                .get(4);
        assertThat(fits.resolved().words().orElseThrow().allShown()).isTrue();
        assertThat(fits.resolved().words().orElseThrow().sizePt())
                .isLessThan(fill(words(one)).style().sizePt());
        FrameScene cut =
                scene(applied(one, move(one, id, free(20, 20, 60, 8)))).frames().get(4);
        assertThat(cut.resolved().words().orElseThrow().allShown()).isFalse();
        assertThat(cut.resolved().words().orElseThrow().lines())
                .last()
                .asString()
                .endsWith("…");
    }

    /** A pattern keeps its words, at a size that suits the other page; words that the page has already stay instead. */
    @Test
    void patternsCarryWordsToPagesWithoutAny() {
        Piece titled = applied(PHOTOS, add(WordsPlace.TOP, "Kites"));
        Pattern pattern = Patterns.of("titled", titled, first(titled), Pieces.facts());
        Piece large = applied(PHOTOS, new PieceEdit.SetFormat(PHOTOS.format().withSize(mm(600), mm(400))));
        Edit use = new ArrangeEdit.ApplyPattern(PAGE, pattern, ArrangeEdit.PatternPart.BOTH, ArrangeEdit.Reflow.ASK);
        Piece patterned = applied(large, use);
        double scale = 600 / PHOTOS.format().width().mm();
        assertThat(fill(words(patterned)).style().sizePt())
                .isCloseTo(fill(words(titled)).style().sizePt() * scale, within(0.1));
        assertThat(first(patterned).frames()).hasSize(5);
        Piece own = applied(large, add(WordsPlace.BOTTOM, "Ours"), use);
        assertThat(fill(words(own)).text()).isEqualTo("Ours");
        assertThat(first(own).frames()).hasSize(5);
        assertThat(Pieces.shown(own)).containsAll(List.of(1, 2, 3, 4));
    }

    @Test
    void wordsFollowThePagesSizeAndNewPagesBeginWithoutThem() {
        Piece titled = applied(PHOTOS, add(WordsPlace.TOP, "Kites"));
        double size = fill(words(titled)).style().sizePt();
        Piece large = applied(titled, new PieceEdit.SetFormat(PHOTOS.format().withSize(mm(600), mm(400))));
        double scale = Math.min(
                600 / PHOTOS.format().width().mm(),
                400 / PHOTOS.format().height().mm());
        assertThat(fill(words(large)).style().sizePt()).isCloseTo(size * scale, within(0.1));
        Piece more = applied(titled, new PageEdit.AddPage(PAGE));
        assertThat(more.pages().get(1).frames()).hasSize(4).allMatch(Frame::isForPhotos);
        Piece copied = applied(titled, new PageEdit.CopyPages(List.of(PAGE)));
        assertThat(fill(words(copied.pages().get(1))).text()).isEqualTo("Kites");
    }

    /** As a hidden frame keeps its slot. */
    @Test
    void hiddenWordsKeepTheirRoomAndLockedOnesStay() {
        Piece titled = applied(PHOTOS, add(WordsPlace.TOP, "Kites"));
        UUID id = words(titled).id();
        Piece hidden = applied(titled, patch(titled, new ItemChange.SetHidden(true), id));
        assertThat(box(scene(hidden), frame(hidden, 0))).isEqualTo(box(scene(titled), frame(titled, 0)));
        assertThat(scene(hidden).units()).hasSize(4);
        Piece locked = applied(titled, patch(titled, new ItemChange.SetLocked(true), id));
        checkRefused(locked, new ArrangeEdit.EmptyFrame(PAGE, id), "itemIds", Reason.LOCKED);
    }

    /** Each letter holds a photo that waits; when there are no more, letters stay empty. */
    @Test
    void lettersBecomeFramesThatWaitingPhotosComeInto() {
        Piece waiting = applied(PHOTOS, new EntryEdit.AddPhotos(List.of(photo(11), photo(12))));
        Piece word = applied(waiting, new WordsEdit.AddLetters(PAGE, " ohé ", "Alegreya"));
        List<Frame> letters = first(word).frames().stream()
                .filter(frame -> frame.outline() instanceof Outline.Traced)
                .toList();
        assertThat(letters)
                .extracting(frame -> ((Outline.Traced) frame.outline()).name())
                .containsExactly("O", "H", "É");
        assertThat(letters).extracting(Frame::isEmpty).containsExactly(false, false, true);
        assertThat(letters)
                .extracting(frame -> ((Placement.Free) frame.placement()).box().height())
                .containsOnly(
                        ((Placement.Free) letters.get(0).placement()).box().height());
        assertThat(first(word).slotted())
                .as("its photos stay")
                .hasSameSizeAs(first(PHOTOS).slotted());
        Piece bare = piece(grid(2, 2, 10, 5), 1);
        assertThat(first(applied(bare, new WordsEdit.AddLetters(first(bare).id(), "Ah", "Kalam")))
                        .frames())
                .as("empty cells give way")
                .hasSize(2);
        for (String wrong : List.of(" ", "x".repeat(41), "風")) {
            assertThatThrownBy(() -> applied(PHOTOS, new WordsEdit.AddLetters(PAGE, wrong, "Alegreya")))
                    .isInstanceOf(EditRefusedException.class)
                    .satisfies(refused ->
                            assertThat(((EditRefusedException) refused).field()).isEqualTo("word"));
        }
    }

    /** All lines have room at the size that is wished, and one less would not do; the upper side and the width stay. */
    @Test
    void aFrameIsMadeAsHighAsItsWords() {
        Piece added = applied(
                PHOTOS, add(WordsPlace.FREE, "Eleven days of wind, and every kite that we had went up. ".repeat(4)));
        UUID id = words(added).id();
        Piece low = applied(added, move(added, id, free(20, 30, 60, 8)), size(added, 14));
        Piece high = applied(low, new WordsEdit.HeightOfWords(PAGE, List.of(id)));
        Placement.Free place = (Placement.Free) words(high).placement();
        TextStyle style = words(high).ownWords().orElseThrow().style();
        FrameScene shown = new SceneResolver(Pieces.facts())
                .resolve(high, first(high)).frames().stream()
                        .filter(frame -> frame.frameId().equals(id))
                        .findFirst()
                        .orElseThrow();
        var set = shown.resolved().words().orElseThrow();
        assertThat(set.allShown()).isTrue();
        assertThat(set.sizePt()).isEqualTo(14);
        assertThat(place.box().mm().height()).isCloseTo(set.lines().size() * style.lineMm(), within(0.001));
        assertThat(set.lines().size()).isGreaterThan(5);
        assertThat(place.box().y()).isEqualTo(mm(30));
        assertThat(place.box().width()).isEqualTo(mm(60));
        checkRefused(
                PHOTOS,
                new WordsEdit.HeightOfWords(PAGE, List.of(frame(PHOTOS, 0))),
                "itemIds",
                Reason.SELECT_WORDS_FIRST);
    }
}
