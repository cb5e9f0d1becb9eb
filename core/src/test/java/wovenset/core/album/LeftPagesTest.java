package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.album.Albums.after;
import static wovenset.core.album.Albums.album;
import static wovenset.core.album.Albums.chaptered;
import static wovenset.core.album.Albums.flowed;
import static wovenset.core.album.Albums.gathered;
import static wovenset.core.album.Albums.numbers;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.mm;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.edit.apply.Refusals;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Album;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.PieceCopy;
import wovenset.core.piece.Spreads;
import wovenset.core.piece.Waiting;
import wovenset.core.said.Reason;

/** What lay on pages that left an album, and the sides of those that come after pages put in, moved or taken out. */
class LeftPagesTest {
    private static final Album TURNED = new Album(
            2,
            2,
            false,
            false,
            false,
            new Margins(mm(10), /* right= */ mm(8), mm(10), /* left= */ mm(20)),
            mm(4),
            List.of());

    private static List<Page> waiting(Piece piece) {
        return piece.album().flatMap(Album::waiting).map(Waiting::pages).orElse(List.of());
    }

    private static List<String> words(List<Page> pages) {
        return pages.stream()
                .flatMap(page -> page.frames().stream())
                .flatMap(frame -> frame.ownWords().stream())
                .map(words -> words.text())
                .toList();
    }

    private static Piece worded(Piece album, int page, String text) {
        UUID id = album.pages().get(page).id();
        return after(album, new WordsEdit.AddWords(id, WordsEdit.WordsPlace.FREE, Optional.of(text)));
    }

    @Test
    void thingsOfAPageWithoutPhotosWaitAndAreLaidOnAnotherPage() {
        Piece gathered = gathered(8);
        Piece album = worded(flowed(gathered, chaptered(gathered, album(2, 2), 3, "Two")), 1, "Tea at the pier");
        List<UUID> out = List.of(entry(album, 3), entry(album, 4));
        Piece aside = after(album, new AlbumEdit.SetAside(out, true));
        assertThat(numbers(aside)).containsExactly(List.of(1, 2), List.of(5, 6), List.of(7, 8));
        assertThat(words(waiting(aside))).as("but for the chapter's title").containsExactly("Tea at the pier");
        Piece removed = after(album, new EntryEdit.RemoveEntries(out));
        assertThat(words(waiting(removed))).containsExactly("Tea at the pier");
        Piece again = flowed(aside, album(3, 3));
        assertThat(waiting(again)).as("however it flows").isEqualTo(waiting(aside));
        Page third = again.pages().get(1);
        UUID left = waiting(again).get(0).id();
        Piece laid = after(again, new AlbumEdit.LayWaiting(left, third.id()));
        assertThat(waiting(laid)).isEmpty();
        assertThat(words(List.of(laid.pages().get(1)))).contains("Tea at the pier");
        assertThat(laid.pages().get(1).flow()).isEqualTo(Page.Flow.FLOWED);
        assertThat(laid.pages().get(1).frames()).containsAll(third.frames());
        assertThat(waiting(after(again, new AlbumEdit.LeaveWaiting(left)))).isEmpty();
        Refusals.checkRefused(laid, new AlbumEdit.LeaveWaiting(left), "waitingId", Reason.WAITING_GONE);
        Piece copy = PieceCopy.of(again, "copy", UUID::randomUUID);
        assertThat(words(waiting(copy))).containsExactly("Tea at the pier");
        assertThat(waiting(copy).get(0).id()).isNotEqualTo(left);
    }

    /** A photo that lay freely on the page waits, too; taken out of the piece it leaves an empty frame. */
    @Test
    void aPhotoThatIsGoneIsNotLaid() {
        Piece album = flowed(gathered(4), album(2, 2));
        Page page = album.pages().get(0);
        Frame free = Frame.of(
                new UUID(5, 5),
                free(10, 10, 40, 40),
                album.styles().usual().id(),
                new Fill.OwnPhoto(entry(album, 4), Crop.CENTRED));
        Piece strewn = after(album, new ItemEdit.AddItems(page.id(), List.of(free), List.of()));
        Piece aside = after(strewn, new AlbumEdit.SetAside(List.of(entry(album, 1), entry(album, 2)), true));
        Piece without = after(aside, new EntryEdit.RemoveEntries(List.of(entry(album, 4))));
        UUID target = without.pages().get(0).id();
        UUID left = waiting(without).get(0).id();
        Piece laid = after(without, new AlbumEdit.LayWaiting(left, target));
        assertThat(laid.pages().get(0).frames())
                .filteredOn(frame -> !frame.isSlotted())
                .singleElement()
                .matches(Frame::isEmpty);
        assertThat(after(aside, new AlbumEdit.LayWaiting(left, target))
                        .pages()
                        .get(0)
                        .frames())
                .filteredOn(frame -> !frame.isSlotted())
                .singleElement()
                .matches(frame -> !frame.isEmpty());
    }

    @Property(tries = 40)
    void pagesPutInMovedOrTakenOutLeaveSpreadsAndMarginsOnTheirSides(
            @ForAll Random random, @ForAll @IntRange(min = 6, max = 24) int photos) {
        Piece album = flowed(gathered(photos), TURNED);
        UUID across = album.entries().list().get(random.nextInt(photos)).id();
        Piece now = after(
                album,
                new AlbumEdit.LayAcross(
                        album.pages().get(random.nextInt(album.pages().size())).id(), across));
        for (int i = 0; i < 6; i++) {
            Piece before = now;
            now = turned(now, random);
            checkSides(now);
            if (now.pages().equals(before.pages())) {
                continue;
            }
            Piece anew = flowed(now, TURNED);
            checkSides(anew);
            assertThat(flowed(anew, TURNED).pages()).isEqualTo(anew.pages());
        }
    }

    private static Piece turned(Piece piece, Random random) {
        List<Page> singles =
                piece.pages().stream().filter(page -> page.pictures().isEmpty()).toList();
        UUID one = singles.get(random.nextInt(singles.size())).id();
        return switch (random.nextInt(4)) {
            case 0 -> after(piece, new PageEdit.AddPage(one));
            case 1 -> singles.size() < 2 ? piece : after(piece, new PageEdit.DeletePages(List.of(one)));
            case 2 -> after(piece, new PageEdit.CopyPages(List.of(one)));
            default -> moved(piece, one, random.nextInt(piece.pages().size()));
        };
    }

    /** Not between the two pages of a spread. */
    private static Piece moved(Piece piece, UUID one, int to) {
        List<Page> rest =
                piece.pages().stream().filter(page -> !page.id().equals(one)).toList();
        boolean between = to > 0
                && to < rest.size()
                && rest.get(to).pictures().stream()
                        .anyMatch(picture ->
                                rest.get(to - 1).picture(picture.id()).isPresent());
        return between ? piece : after(piece, new PageEdit.MovePages(List.of(one), to));
    }

    /** Pages before a chapter: it still begins on the right. */
    @Test
    void aChapterStaysOnTheRight() {
        Piece gathered = gathered(8);
        Album wished = new Album(2, 2, false, true, true, TURNED.margins(), TURNED.gap(), List.of());
        Piece album = flowed(gathered, chaptered(gathered, wished, 5, "Two"));
        assertThat(openings(album)).containsExactly(2);
        Piece added = after(album, new PageEdit.AddPage(album.pages().get(0).id()));
        assertThat(openings(added)).containsExactly(4);
        Piece twice = after(added, new PageEdit.AddPage(album.pages().get(0).id()));
        assertThat(openings(twice))
                .as("the page with nothing on it is gone again")
                .containsExactly(4);
        assertThat(twice.pages()).hasSize(added.pages().size());
        Piece back = after(
                twice, new PageEdit.DeletePages(List.of(twice.pages().get(1).id())));
        assertThat(back.pages().stream().map(Page::flow))
                .containsExactlyElementsOf(
                        added.pages().stream().map(Page::flow).toList());
    }

    private static List<Integer> openings(Piece piece) {
        return IntStream.range(0, piece.pages().size())
                .filter(i -> piece.pages().get(i).flow() == Page.Flow.OPENING)
                .boxed()
                .toList();
    }

    private static void checkSides(Piece piece) {
        List<Page> pages = piece.pages();
        assertThat(IntStream.range(0, pages.size())
                        .filter(i -> Spreads.across(pages, i).isPresent()))
                .as("the spread is one still")
                .hasSize(1);
        for (int i = 0; i < pages.size(); i++) {
            Page page = pages.get(i);
            if (page.flow() == Page.Flow.FLOWED && !page.slotted().isEmpty()) {
                assertThat(page.arrangement().margins()).isEqualTo(TURNED.margins(Spreads.isLeft(i)));
            }
        }
        assertThat(IntStream.range(1, pages.size())
                        .filter(i -> Openings.isBlank(pages.get(i)) && Openings.isBlank(pages.get(i - 1))))
                .as("never two pages with nothing on them after each other")
                .isEmpty();
    }
}
