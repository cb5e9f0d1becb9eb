package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** An album as a person makes it, and changes their mind about. */
@ExtendWith(TestServer.class)
class AlbumTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static Room gathered(Page window, String name) {
        Room room = Room.start(
                window, name, "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg", "kite-05.jpg", "kite-08.jpg");
        room.step("Gather");
        room.part("An album of these photos");
        return room;
    }

    private static void always(Room room, String photos) {
        room.field("On each page").selectOption(new SelectOption().setLabel("always " + photos));
    }

    private static List<Integer> photosOfPages(Room room) {
        return TestServer.api()
                .piece(room.id())
                .path("pages")
                .valueStream()
                .map(page -> page.path("entries").size())
                .toList();
    }

    /** Crop, words and pin stand whatever the pages come to; a look beforehand says what changes. */
    @Test
    void whatWasDoneByHandStandsWhateverThePagesComeTo() {
        Room room = gathered(browser.window(), "Two a page, and one");
        Page page = room.page;
        always(room, "2");
        assertThat(page.getByText("3 pages, at most 2 on each.")).isVisible();
        room.button("Make the album").click();
        assertThat(room.button("Undo: Make an album of 3 pages")).isEnabled();
        assertThat(page.getByTestId("page")).isVisible();
        room.painted();
        room.frame(1).dblclick();
        assertThat(page.getByTestId("crop")).isFocused();
        page.keyboard().press("+");
        page.keyboard().press("Escape");
        assertThat(room.button("Undo: Change a crop")).isEnabled();
        room.saved();
        JsonNode before = room.stored().path("items").get(0);
        room.toPageOf(2);
        page.getByLabel(Pattern.compile("^Pinned: stays as it is")).click();
        assertThat(room.button("Undo: Pin a page")).isEnabled();
        room.step("Gather");
        always(room, "1");
        assertThat(page.getByText(Pattern.compile("^\\d of \\d pages change; 1 pinned stays; 5 pages then\\.")))
                .isVisible();
        room.button("Let it flow anew").click();
        assertThat(room.button("Undo: Let the album flow anew")).isEnabled();
        assertThat(photosOfPages(room)).containsExactly(1, 1, 2, 1, 1);
        assertThat(room.stored().path("items").get(0).path("fill")).isEqualTo(before.path("fill"));
        always(room, "2");
        room.button("Let it flow anew").click();
        assertThat(page.getByText("Nothing changes; 1 pinned stays.")).isVisible();
        assertThat(photosOfPages(room)).containsExactly(2, 2, 2);
        assertThat(room.stored().path("items").get(0).path("fill")).isEqualTo(before.path("fill"));
    }

    /** By keyboard alone: an album, a crop and a caption, another fullness and back. */
    @Test
    void anAlbumIsMadeAndChangedWithoutAMouse() {
        Room room = Room.start(
                browser.window(), "Without a mouse", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg");
        Page page = room.page;
        room.tabTo(room.button("Gather"));
        page.keyboard().press("Enter");
        room.tabTo(room.button("An album of these photos"));
        page.keyboard().press("Enter");
        flow(room, "always 2", "Make the album");
        assertThat(room.button("Undo: Make an album of 2 pages")).isEnabled();
        room.painted();
        room.tabTo(room.frame(1));
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("crop")).isFocused();
        page.keyboard().press("+");
        page.keyboard().press("Escape");
        assertThat(room.button("Undo: Change a crop")).isEnabled();
        page.keyboard().press("F2");
        assertThat(room.field("Caption of frame 1")).isFocused();
        // From right to left, with a combined emoji: letters that the chosen face lacks come from others.
        page.keyboard().insertText("طائرة ورقية 🪁 over the dunes");
        page.keyboard().press("Escape");
        assertThat(room.button("Undo: Write a caption")).isEnabled();
        room.saved();
        JsonNode before = room.stored().path("items").get(0);
        JsonNode caption =
                TestServer.api().piece(room.id()).path("entries").get(0).path("caption");
        room.tabTo(room.button("Gather"));
        page.keyboard().press("Enter");
        flow(room, "always 1", "Let it flow anew");
        assertThat(page.getByText("Nothing changes.")).isVisible();
        assertThat(photosOfPages(room)).containsExactly(1, 1, 1, 1);
        flow(room, "always 2", "Let it flow anew");
        assertThat(page.getByText("Nothing changes.")).isVisible();
        assertThat(photosOfPages(room)).containsExactly(2, 2);
        assertThat(room.stored().path("items").get(0)).isEqualTo(before);
        assertThat(TestServer.api().piece(room.id()).path("entries").get(0).path("caption"))
                .isEqualTo(caption);
        assertThat(caption.asString()).startsWith("طائرة");
    }

    private static void flow(Room room, String fullness, String button) {
        room.tabTo(room.field("On each page"));
        room.page.keyboard().type(fullness);
        room.tabTo(room.button(button));
        room.page.keyboard().press("Enter");
    }

    /** Found by their days; a title is typed in the list, and another one on the page itself. */
    @Test
    void chaptersAreFoundTitledAndBegunByHand() {
        Room room = Room.start(
                browser.window(),
                "Chapters",
                "kite-01.jpg",
                "kite-02.jpg",
                "kite-03.jpg",
                "kite-11.jpg",
                "kite-12.jpg",
                "kite-13.jpg");
        Page page = room.page;
        room.step("Gather");
        room.part("An album of these photos");
        always(room, "3");
        room.button("Chapters by days and places").click();
        assertThat(room.field("Title of chapter 2")).hasValue("19 July");
        room.field("Title of chapter 1").fill("The dunes");
        assertThat(page.getByText("2 pages, at most 3 on each.")).isVisible();
        room.button("Make the album").click();
        assertThat(room.button("Undo: Make an album of 2 pages")).isEnabled();
        room.painted();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("The dunes")))
                        .first())
                .isVisible();
        room.step("Gather");
        page.locator("main li").nth(4).getByRole(AriaRole.BUTTON).first().click();
        room.button("Begin one at kite-12.jpg").click();
        assertThat(room.field("Title of chapter 3")).isVisible();
        room.button("Join chapter 2 with the one before").click();
        assertThat(room.field("Title of chapter 3")).hasCount(0);
        room.button("Let it flow anew").click();
        assertThat(room.button("Undo: Let the album flow anew")).isEnabled();
        assertThat(photosOfPages(room)).containsExactly(4, 2);
    }

    @Test
    void aPhotoTakenOutLeavesNoHoleAndComesBack() {
        Room room = gathered(browser.window(), "Out and back");
        Page page = room.page;
        always(room, "3");
        room.button("Make the album").click();
        assertThat(room.button("Undo: Make an album of 2 pages")).isEnabled();
        room.painted();
        assertThat(room.frames()).hasCount(3);
        room.frame(2).press("Delete");
        assertThat(page.getByText("The photo is out of the album, and the page has closed up."))
                .isVisible();
        assertThat(room.frames()).hasCount(2);
        assertThat(photosOfPages(room)).containsExactly(2, 3);
        room.step("Gather");
        room.button("Take back the 1 that is out").click();
        assertThat(room.button("Undo: Take a photo back")).isEnabled();
        room.button("Let it flow anew").click();
        assertThat(room.button("Undo: Let the album flow anew")).isEnabled();
        assertThat(photosOfPages(room)).containsExactly(3, 3);
    }
}
