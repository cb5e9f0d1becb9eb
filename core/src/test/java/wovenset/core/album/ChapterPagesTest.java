package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.album.Albums.after;
import static wovenset.core.album.Albums.album;
import static wovenset.core.album.Albums.chaptered;
import static wovenset.core.album.Albums.flowed;
import static wovenset.core.album.Albums.gathered;
import static wovenset.core.album.Albums.numbers;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.mm;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Placement;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Ground;
import wovenset.core.testing.Pieces;

/** Pages for titles, right-hand beginnings, pages of words between photos, and moving pages, photos and chapters. */
class ChapterPagesTest {
    private static Album beginning(Album album, boolean openings, boolean onRight) {
        return new Album(
                album.least(),
                album.most(),
                album.singles(),
                openings,
                onRight,
                album.margins(),
                album.gap(),
                album.chapters());
    }

    private static List<Page.Flow> flows(Piece piece) {
        return piece.pages().stream().map(Page::flow).toList();
    }

    private static List<Integer> order(Piece piece) {
        return piece.entries().list().stream()
                .map(one -> Pieces.number(one.photo()))
                .toList();
    }

    private static String words(Piece piece, int page) {
        return piece.pages().get(page).frames().stream()
                .flatMap(frame -> frame.ownWords().stream())
                .map(words -> words.text())
                .collect(Collectors.joining("|"));
    }

    @Test
    void aChapterWithATitleOpensWithAPageForItThatKeepsWhatIsDoneToIt() {
        Piece gathered = gathered(12);
        Album across = chaptered(gathered, album(4, 4), 1, "Arrival", 5, "The long beach", 9, "");
        Album opening = beginning(across, true, false);
        Piece opened = flowed(gathered, opening);
        assertThat(numbers(opened))
                .containsExactly(
                        List.of(), List.of(1, 2, 3, 4), List.of(), List.of(5, 6, 7, 8), List.of(9, 10, 11, 12));
        assertThat(words(opened, 0)).isEqualTo("Arrival");
        assertThat(words(opened, 1)).isEmpty();
        assertThat(opened.pages().get(2).flow()).isEqualTo(Page.Flow.OPENING);
        assertThat(opened.pages()).extracting(Page::numbered).containsExactly(false, true, false, true, true);
        UUID page = opened.pages().get(2).id();
        Ground.Covered dark = new Ground.Covered(new Paint.Solid(Rgb.INK));
        Piece touched = after(
                opened,
                new PageEdit.SetGround(List.of(page), dark),
                new WordsEdit.WriteWords(page, new UUID(9, 5), "Sand"));
        Piece other = flowed(
                touched, beginning(chaptered(gathered, album(2, 2), 1, "Arrival", 5, "Sand", 9, ""), true, false));
        assertThat(other.page(page).orElseThrow().ground()).isEqualTo(dark);
        assertThat(words(other, 3)).isEqualTo("Sand");
        Piece closed = flowed(touched, across);
        assertThat(flows(closed)).containsOnly(Page.Flow.FLOWED);
        assertThat(words(closed, 1)).as("written on the page").isEqualTo("Sand");
        assertThat(closed.pages().get(1).frame(new UUID(9, 5)).orElseThrow().placement())
                .isInstanceOf(Placement.Across.class);
    }

    @Test
    void aTitleDeletedOnThePageDoesNotComeBack() {
        Piece gathered = gathered(6);
        Piece album = flowed(gathered, chaptered(gathered, album(2, 2), 1, "Arrival", 5, "Sand"));
        Piece without =
                after(album, new ItemEdit.RemoveItems(album.pages().get(2).id(), List.of(new UUID(9, 5))));
        Piece again = flowed(without, without.album().orElseThrow());
        assertThat(words(again, 0)).isEqualTo("Arrival");
        assertThat(words(again, 2)).isEmpty();
    }

    @Property(tries = 30)
    void chaptersBeginOnTheRightIfWished(@ForAll Random random, @ForAll @IntRange(min = 3, max = 40) int photos) {
        Piece gathered = gathered(photos);
        int second = 2 + random.nextInt(photos - 1);
        Album wished = beginning(
                chaptered(gathered, album(2, 4), 1, "One", second, random.nextBoolean() ? "Two" : ""),
                random.nextBoolean(),
                true);
        Piece flowed = flowed(gathered, wished);
        for (Chapter chapter : wished.chapters()) {
            int begins = IntStream.range(0, flowed.pages().size())
                    .filter(i -> flowed.pages().get(i).frame(chapter.id()).isPresent()
                            || flowed.slottedEntries(flowed.pages().get(i)).contains(chapter.first()))
                    .findFirst()
                    .orElseThrow();
            assertThat(begins % 2).as("counted from 0").isZero();
        }
        assertThat(flowed(flowed, wished).pages()).isEqualTo(flowed.pages());
        assertThat(flowed(flowed, beginning(wished, false, false)).pages())
                .noneMatch(page -> page.items().isEmpty());
    }

    @Test
    void theMarginAtTheFoldLiesOnTheOtherSideOfALeftHandPage() {
        Album wished = new Album(
                2,
                2,
                false,
                false,
                false,
                new Margins(mm(10), /* right= */ mm(8), mm(10), /* left= */ mm(20)),
                mm(4),
                List.of());
        Piece flowed = flowed(gathered(8), wished);
        assertThat(flowed.pages().get(0).arrangement().margins().left()).isEqualTo(mm(20));
        assertThat(flowed.pages().get(1).arrangement().margins().left()).isEqualTo(mm(8));
        assertThat(flowed.pages().get(1).arrangement().margins().right()).isEqualTo(mm(20));
    }

    @Test
    void aPageOfWordsStaysRightBehindThePhotoThatItFollowed() {
        Piece album = flowed(gathered(10), album(2, 2));
        UUID second = album.pages().get(1).id();
        Piece worded = after(
                album,
                new PageEdit.AddWordsPage(PageEdit.AddWordsPage.What.TEXT, Optional.of(second), "The wind turned."),
                new PageEdit.AddWordsPage(PageEdit.AddWordsPage.What.TITLE, Optional.empty(), "Kites"));
        assertThat(words(worded, 0)).isEqualTo("Kites");
        assertThat(words(worded, 3)).isEqualTo("The wind turned.");
        assertThat(worded.pages()).extracting(Page::numbered).startsWith(false, true, true, true);
        Piece three = flowed(worded, album(3, 3));
        assertThat(numbers(three))
                .as("photos 4 and 5 never come together")
                .containsExactly(List.of(), List.of(1, 2, 3, 4), List.of(), List.of(5, 6, 7), List.of(8, 9, 10));
        assertThat(words(three, 2)).isEqualTo("The wind turned.");
    }

    /** The album has a photo across the fold there and nowhere else, on a spread however it flows. */
    @Test
    void aPhotoAcrossTheFoldStaysOnASpread() {
        Piece album = flowed(gathered(13), album(2, 2));
        Piece laid = after(album, new AlbumEdit.LayAcross(album.pages().get(1).id(), entry(album, 6)));
        assertThat(numbers(laid).stream().flatMap(List::stream).filter(number -> number == 6))
                .as("on its two pages")
                .hasSize(2);
        assertThat(laid.pages().stream().filter(page -> page.flow() == Page.Flow.PINNED))
                .as("where it was, the page has only closed up")
                .hasSize(2);
        for (Album wished : List.of(album(2, 2), album(1, 1), album(3, 3), album(2, 5))) {
            Piece again = flowed(laid, wished);
            List<List<Integer>> pages = numbers(again);
            int left = pages.indexOf(List.of(6));
            assertThat(left % 2).isEqualTo(1);
            assertThat(pages.get(left + 1)).containsExactly(6);
            assertThat(again.pages().get(left))
                    .isEqualTo(laid.pages().get(numbers(laid).indexOf(List.of(6))));
            assertThat(pages.stream().flatMap(List::stream).distinct()).hasSize(13);
            assertThat(flowed(again, wished).pages()).isEqualTo(again.pages());
        }
    }

    @Test
    void photosGoWithTheirPagesAndChaptersMoveAsAWhole() {
        Piece gathered = gathered(12);
        Piece album = flowed(gathered, chaptered(gathered, album(2, 2), 1, "One", 5, "Two", 9, "Three"));
        List<UUID> middle =
                List.of(album.pages().get(3).id(), album.pages().get(2).id());
        Piece moved = after(album, new PageEdit.MovePages(middle, 4));
        assertThat(order(moved)).containsExactly(1, 2, 3, 4, 9, 10, 11, 12, 5, 6, 7, 8);
        assertThat(numbers(flowed(moved, moved.album().orElseThrow()))).isEqualTo(numbers(moved));
        assertThat(moved.album().orElseThrow().chapters())
                .as("a whole chapter keeps its beginning")
                .isEqualTo(album.album().orElseThrow().chapters());
        Piece parted =
                after(album, new PageEdit.MovePages(List.of(album.pages().get(2).id()), 5));
        assertThat(parted.album().orElseThrow().chapters().get(1).first())
                .as("a part leaves it to the next photo")
                .isEqualTo(entry(parted, 7));
        Piece last = after(album, new AlbumEdit.MoveChapter(new UUID(9, 1), 2));
        assertThat(order(last)).containsExactly(5, 6, 7, 8, 9, 10, 11, 12, 1, 2, 3, 4);
        assertThat(words(last, 4)).isEqualTo("One");
        Piece photo = after(album, new AlbumEdit.MoveEntries(List.of(entry(album, 12)), 0));
        assertThat(numbers(photo).get(0)).contains(12);
        assertThat(flows(photo)).containsOnly(Page.Flow.FLOWED);
        assertThatThrownBy(() -> after(album, new AlbumEdit.MoveChapter(new UUID(9, 1), 3)))
                .isInstanceOf(EditRefusedException.class);
        assertThatThrownBy(() -> after(album, new AlbumEdit.MoveEntries(List.of(entry(album, 1)), 12)))
                .isInstanceOf(EditRefusedException.class);
    }

    @Test
    void severalPagesAreCopiedCoveredAndDeletedTogetherButNeverAll() {
        Piece album = flowed(gathered(8), album(2, 2));
        List<UUID> two = List.of(album.pages().get(2).id(), album.pages().get(0).id());
        Piece copied = after(album, new PageEdit.CopyPages(two));
        assertThat(numbers(copied).subList(3, 5)).containsExactly(List.of(1, 2), List.of(5, 6));
        Ground.Covered dark = new Ground.Covered(new Paint.Solid(Rgb.INK));
        Piece covered = after(album, new PageEdit.SetGround(two, dark), new PageEdit.NumberPages(two, false));
        assertThat(covered.pages().stream()
                        .filter(page -> page.ground().equals(dark) && !page.numbered())
                        .map(Page::id))
                .containsExactlyInAnyOrderElementsOf(two);
        assertThat(after(album, new PageEdit.DeletePages(two)).pages()).hasSize(2);
        List<UUID> all = album.pages().stream().map(Page::id).toList();
        assertThatThrownBy(() -> after(album, new PageEdit.DeletePages(all))).isInstanceOf(EditRefusedException.class);
        assertThatThrownBy(() -> after(album, new PageEdit.CopyPages(List.of())))
                .isInstanceOf(EditRefusedException.class);
    }

    @Property(tries = 30)
    void aPhotoSentToAPageComesOntoIt(@ForAll Random random, @ForAll @IntRange(min = 6, max = 40) int photos) {
        Piece album = flowed(gathered(photos), album(2, 4));
        UUID entry = album.entries().list().get(random.nextInt(photos)).id();
        int page = 1 + random.nextInt(album.pages().size());
        boolean alone = album.slottedEntries(album.pages().get(page - 1)).equals(List.of(entry));
        if (alone) {
            return;
        }
        Piece moved = after(album, new AlbumEdit.MoveToPage(List.of(entry), page));
        List<List<UUID>> shown =
                moved.pages().stream().map(moved::slottedEntries).toList();
        int now = IntStream.range(0, shown.size())
                .filter(i -> shown.get(i).contains(entry))
                .findFirst()
                .orElseThrow();
        // The album may have become a page shorter, and all that is behind the photo has come forward.
        assertThat(now + 1).isBetween(Math.min(page - 1, shown.size()), page);
    }

    @Test
    void aPageThatHasNoPhotoOrThatIsNotThereTakesNone() {
        Piece album = flowed(gathered(6), album(2, 2));
        UUID first = album.entries().list().get(0).id();
        assertThatThrownBy(() -> after(album, new AlbumEdit.MoveToPage(List.of(), 1)))
                .hasMessageContaining("CHOOSE_PHOTOS");
        assertThatThrownBy(() -> after(album, new AlbumEdit.MoveToPage(List.of(first), 4)))
                .hasMessageContaining("PAGE_PLACE");
        Piece empty = after(album, new PageEdit.AddPage(album.pages().get(2).id()));
        assertThatThrownBy(() -> after(empty, new AlbumEdit.MoveToPage(List.of(first), 4)))
                .hasMessageContaining("NO_PHOTO_BESIDE");
    }

    @Test
    void anotherSizeAndCaptionsForAllAreAnotherFlowAndNoHandWorkIsLost() {
        Piece album = flowed(gathered(20), album(2, 4));
        UUID pinned = album.pages().get(2).id();
        Piece begun = after(album, new AlbumEdit.PinPages(List.of(pinned), true));
        Piece upright = after(begun, new PieceEdit.SetFormat(Pieces.format(150, 300)));
        assertThat(upright.pages()).isEqualTo(flowed(upright, album(2, 4)).pages());
        assertThat(upright.page(pinned).orElseThrow().arrangement())
                .isEqualTo(begun.page(pinned).orElseThrow().arrangement());
        CaptionStyle all = begun.styles().captions().withShow(CaptionStyle.Show.ALWAYS);
        Piece captioned = after(begun, new PieceEdit.SetCaptionStyle(all));
        assertThat(captioned.pages()).isEqualTo(flowed(captioned, album(2, 4)).pages());
        assertThat(captioned.pages())
                .filteredOn(page -> page.flow() == Page.Flow.PINNED)
                .hasSize(1);
    }
}
