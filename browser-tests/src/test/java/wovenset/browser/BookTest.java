package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** An album as a book: spreads, all pages at once, numbers, a cover; and the photos that come into it. */
@ExtendWith(TestServer.class)
class BookTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static Room album(Page window, String name) {
        Room room = Room.start(
                window, name, "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg", "kite-05.jpg", "kite-08.jpg");
        room.step("Gather");
        room.part("An album of these photos");
        room.field("On each page").selectOption("2");
        assertThat(room.page.getByText("3 pages, at most 2 on each.")).isVisible();
        room.button("Make the album").click();
        assertThat(room.button("Undo: Make an album of 3 pages")).isEnabled();
        room.painted();
        return room;
    }

    private static JsonNode piece(Room room) {
        return TestServer.api().piece(room.id());
    }

    private static List<Integer> photosOfPages(Room room) {
        return piece(room)
                .path("pages")
                .valueStream()
                .map(page -> page.path("entries").size())
                .toList();
    }

    @Test
    void aPhotoLiesAcrossTheFoldAndTheFacingPageBesideIt() {
        Room room = album(browser.window(), "Across");
        Page page = room.page;
        room.toPageOf(2);
        room.painted();
        room.frame(1).click();
        room.button("Lay it across the fold").click();
        assertThat(room.button("Undo: Lay a photo across the fold")).isEnabled();
        assertThat(page.getByText("page 4 of 5")).isVisible();
        room.painted();
        room.button("The page that faces this one").click();
        assertThat(page.getByTestId("facing")).isVisible();
        room.frame(1).click();
        room.set("Enlarged (%)", "20");
        assertThat(room.button("Undo: Move a picture behind its frames")).isEnabled();
        JsonNode left = TestServer.api()
                .page(room.id(), 3)
                .path("page")
                .path("pictures")
                .get(0);
        JsonNode right = TestServer.api()
                .page(room.id(), 4)
                .path("page")
                .path("pictures")
                .get(0);
        long apart = left.path("box").path("x").asLong()
                - right.path("box").path("x").asLong();
        assertThat(apart)
                .isEqualTo(piece(room).path("head").path("format").path("width").asLong());
        page.keyboard().press("Escape");
        page.getByTestId("facing").click();
        assertThat(page.getByText("page 5 of 5")).isVisible();
        room.button("The page that faces this one").click();
        assertThat(page.getByTestId("facing")).hasCount(0);
    }

    @Test
    void pagesAreFoundMovedAndNumberedAllAtOnceAndLeafedThrough() {
        Room room = album(browser.window(), "All at once");
        Page page = room.page;
        room.part("Pages of words");
        room.button("A title page in front").click();
        assertThat(room.button("Undo: Add a title page")).isEnabled();
        assertThat(page.getByText("page 1 of 4")).isVisible();
        room.step("Dress");
        room.part("Page numbers");
        room.field("Numbers stand").selectOption("at the foot, outside");
        assertThat(room.button("Undo: Change the page numbers")).isEnabled();
        room.button("All pages at once (O)").click();
        Locator spreads = page.getByLabel("Spreads").getByRole(AriaRole.BUTTON);
        assertThat(spreads).hasCount(4);
        room.field("Find pages by words, chapters, days or numbers").fill("all at once");
        assertThat(page.getByText("1 of 4 pages")).isVisible();
        room.field("Find pages by words, chapters, days or numbers").fill("");
        List<Integer> before = photosOfPages(room);
        assertThat(before).containsExactly(0, 2, 2, 2);
        spreads.nth(0).click();
        room.button("To the end").click();
        assertThat(room.button("Undo: Move a page")).isEnabled();
        assertThat(photosOfPages(room)).containsExactly(2, 2, 2, 0);
        room.button("Leaf through").click();
        Locator book = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Leafing through"));
        assertThat(book.getByText("Page 4 of 4")).isVisible();
        page.keyboard().press("Home");
        assertThat(book.getByText("Page 1 of 4")).isVisible();
        page.keyboard().press("ArrowRight");
        assertThat(book.getByText("Pages 2 and 3 of 4")).isVisible();
        page.keyboard().press("Escape");
        assertThat(book).hasCount(0);
        spreads.nth(3).focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("page 4 of 4")).isVisible();
        assertThat(room.buttonLike("words, All at once")).isVisible();
    }

    @Test
    void wordsStandAmongPhotosAndPagesComeFromAnotherPiece() {
        Room room = album(browser.window(), "Told");
        Page page = room.page;
        room.toPageOf(2);
        room.painted();
        room.frame(1).click();
        room.part("In the album");
        room.button("Words behind this photo").click();
        assertThat(room.button("Undo: Add words")).isEnabled();
        assertThat(room.field("Words on the page")).isFocused();
        page.keyboard().type("Three days of wind");
        page.keyboard().press("Escape");
        assertThat(room.button("Undo: Write")).isEnabled();
        JsonNode items = TestServer.api().page(room.id(), 1).path("page").path("items");
        assertThat(items.valueStream()
                        .map(item -> item.path("fill").path("kind").asString()))
                .contains("words", "ownPhoto");
        assertThat(piece(room).path("pages").get(1).path("flow").asString()).isEqualTo("FLOWED");
        String told = room.id();

        Room other = Room.start(page, "Retold", "kite-01.jpg");
        other.step("Gather");
        other.button("From another piece").click();
        page.getByLabel("Other pieces")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Told")))
                .click();
        page.getByLabel("Pages of Told")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Page 2"))
                .click();
        other.button("Take the page, after page 1").click();
        assertThat(other.button("Undo: Take over a page")).isEnabled();
        assertThat(page.getByText("page 2 of 2")).isVisible();
        assertThat(other.id()).isNotEqualTo(told);
        assertThat(TestServer.api().page(other.id(), 1).path("page").path("items"))
                .hasSize(items.size());
        other.button("Undo: Take over a page").click();
        assertThat(other.button("Redo: Take over a page")).isEnabled();
        assertThat(piece(other).path("pages")).hasSize(1);
    }

    @Test
    void whatLayOnAPageWhosePhotosGoWaitsInTheTray() {
        Room room = album(browser.window(), "Waiting");
        Page page = room.page;
        room.toPageOf(2);
        room.painted();
        room.page
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Text").setExact(true))
                .click();
        assertThat(room.field("Words on the page")).isFocused();
        page.keyboard().type("Tea at the pier");
        page.keyboard().press("Escape");
        assertThat(room.button("Undo: Write")).isEnabled();
        room.step("Gather");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Choose").setExact(true))
                .click();
        Locator photos = page.locator("main ul button[aria-pressed]");
        photos.nth(2).click();
        photos.nth(3).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        room.button("Set aside 2").click();
        assertThat(room.button("Undo: Set 2 photos aside")).isEnabled();
        room.step("Arrange");
        room.button("1 thing waits").click();
        assertThat(page.getByText("“Tea at the pier”")).isVisible();
        room.button("Lay here").click();
        assertThat(room.button("Undo: Lay a thing that waited")).isEnabled();
        assertThat(room.button("1 thing waits")).isHidden();
        assertThat(photosOfPages(room)).containsExactly(2, 2);
        room.button("Undo: Lay a thing that waited").click();
        assertThat(room.button("1 thing waits")).isVisible();
    }

    @Test
    void aCoverIsAsWideAsItsPagesAreThick() {
        Room room = album(browser.window(), "Bound");
        Page page = room.page;
        String album = room.id();
        room.step("Gather");
        room.part("A cover for it");
        room.set("Boards, both", "5");
        assertThat(page.getByText(Pattern.compile("^3 pages make a spine of 5.3")))
                .isVisible();
        room.button("Make a cover").click();
        assertThat(page.getByText("The cover", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(room.id()).isNotEqualTo(album);
        room.painted();
        long width = piece(room).path("head").path("format").path("width").asLong();
        room.set("Pages of it", "83");
        assertThat(room.button("Undo: Fit the spine")).isEnabled();
        assertThat(piece(room).path("head").path("format").path("width").asLong() - width)
                .as("40 sheets more")
                .isEqualTo(40 * 150);
        room.button("Fit it to the 3 pages there are now").click();
        assertThat(room.field("Pages of it")).hasValue("3");
    }

    @Test
    void photosAreChosenByKeyComparedDatedAndChangePlaces() {
        Room room = Room.start(browser.window(), "Choosing", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
        Page page = room.page;
        room.step("Gather");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Choose").setExact(true))
                .click();
        assertThat(page.getByText(Pattern.compile("^3 of 3 kept; 0 groups look alike, 0 blurred")))
                .isVisible();
        Locator photos = page.locator("main ul button[aria-pressed]");
        photos.nth(1).focus();
        page.keyboard().press("x");
        assertThat(page.getByText(Pattern.compile("^2 of 3 kept"))).isVisible();
        page.keyboard().press("ArrowRight");
        assertThat(photos.nth(2)).isFocused();
        room.field("The table shows").selectOption("what is set aside");
        assertThat(photos).hasCount(1);
        room.field("The table shows").selectOption("all photos");
        assertThat(photos).hasCount(3);
        photos.nth(0).click();
        photos.nth(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        room.button("Compare two").click();
        assertThat(page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Comparing two photos")))
                .isFocused();
        page.keyboard().press("2");
        assertThat(page.getByText(Pattern.compile("^1 of 3 kept"))).isVisible();
        room.button("Dates").click();
        room.field("Taken").fill("sommer 1974");
        room.button("Date 2").click();
        assertThat(page.getByText(Pattern.compile("^“sommer 1974” is no date"))).isVisible();
        room.field("Taken").fill("summer 1974");
        room.button("Date 2").click();
        assertThat(room.button("Undo: Date 2 photos")).isEnabled();
        assertThat(piece(room).path("entries").get(2).path("taken").asString()).startsWith("1974-07-15");
        String first = piece(room).path("entries").get(0).path("photo").asString();
        room.button("Change places, words stay").click();
        assertThat(room.button("Undo: Put another photo in its place")).isEnabled();
        assertThat(piece(room).path("entries").get(2).path("photo").asString()).isEqualTo(first);
    }
}
