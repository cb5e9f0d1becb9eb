package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.album.Albums.FACTS;
import static wovenset.core.album.Albums.after;
import static wovenset.core.album.Albums.album;
import static wovenset.core.album.Albums.chaptered;
import static wovenset.core.album.Albums.flowed;
import static wovenset.core.album.Albums.gathered;
import static wovenset.core.testing.Pieces.entry;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.piece.Piece;

class PageFinderTest {
    private static final Piece ALBUM = written();

    private static Piece written() {
        Piece gathered = gathered(12);
        Piece flowed = flowed(gathered, chaptered(gathered, album(2, 2), 1, "Arrival", 5, "Café by the sea"));
        return after(
                flowed,
                new EntryEdit.CaptionEntry(entry(flowed, 4), "The line snapped twice"),
                new PageEdit.AddWordsPage(PageEdit.AddWordsPage.What.TEXT, Optional.empty(), "For Ada and Jón"));
    }

    private static List<Integer> found(String text) {
        return PageFinder.find(ALBUM, text, FACTS).stream()
                .map(id -> ALBUM.indexOf(id) + 1)
                .toList();
    }

    @Test
    void pagesAreFoundByWordsChaptersAndNumbers() {
        assertThat(found("SNAPPED line")).containsExactly(3);
        assertThat(found("snapped never")).isEmpty();
        assertThat(found("cafe")).containsExactly(4);
        assertThat(found("jon")).containsExactly(1);
        assertThat(found(" 5 ")).containsExactly(5);
        assertThat(found("99")).isEmpty();
        assertThat(found("  ")).isEmpty();
    }

    /** Photos 1 to 9 were taken from 9 in the morning of 1 July 2026 on, five hours from the fifth. */
    @Test
    void pagesAreFoundByTheDaysOfTheirPhotos() {
        assertThat(found("1 July 2026")).containsExactly(2, 3, 4, 5, 6, 7);
        assertThat(found("2026-07-01")).hasSize(6);
        assertThat(found("wednesday")).hasSize(6);
        assertThat(found("2 July")).isEmpty();
    }
}
