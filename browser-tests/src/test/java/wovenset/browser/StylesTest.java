package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** Frame styles: made, named, put on, kept from a frame, worn everywhere, taken along to another piece. */
@ExtendWith(TestServer.class)
class StylesTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static double bandWidth(Room room, int frame) {
        return room.scene()
                .path("frames")
                .get(frame - 1)
                .path("bands")
                .get(0)
                .path("width")
                .asDouble();
    }

    private static Locator cards(Room room, String label) {
        return room.page
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName(label))
                .getByRole(AriaRole.BUTTON);
    }

    @Test
    void aStyleIsMadeNamedPutOnAndWornEverywhere() {
        Room room = Room.placed(browser.window(), "Three kites", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
        room.step("Dress");
        room.button("Another style like this one").click();
        assertThat(cards(room, "Frame styles")).hasCount(2);
        room.set("Name", "Wide");
        room.set("Border width", "6");
        assertThat(room.button("Undo: Change the frames")).isEnabled();
        assertThat(bandWidth(room, 1)).isZero();
        room.frame(2).click();
        Locator wide = room.buttonLike("^Wide, put on");
        String look = room.frame(2).getAttribute("data-look");
        wide.hover();
        assertThat(room.frame(2)).not().hasAttribute("data-look", look);
        assertThat(bandWidth(room, 2)).isZero();
        wide.click();
        room.saved();
        assertThat(room.buttonLike("^Wide, worn")).hasAttribute("aria-pressed", "true");
        assertThat(bandWidth(room, 2)).isEqualTo(6000);

        room.set("Border width", "9");
        assertThat(room.page.getByText("Differs from “Wide” in:")).isVisible();
        room.type("Keep this look as a style", "wide");
        assertThat(room.page.getByText("Another style is called “wide”.")).isVisible();
        room.type("Keep this look as a style", "Widest");
        assertThat(room.buttonLike("^Widest, worn")).isVisible();
        assertThat(room.page.getByText("Differs from")).hasCount(0);
        room.toPage();
        room.buttonLike("^Widest, ").click();
        room.button("Put “Widest” on all frames").click();
        room.saved();
        assertThat(IntStream.rangeClosed(1, 3).mapToDouble(frame -> bandWidth(room, frame)))
                .containsOnly(9000.0);
        room.button("Delete the style Widest").click();
        room.saved();
        assertThat(cards(room, "Frame styles")).hasCount(2);
        assertThat(bandWidth(room, 1)).isNotEqualTo(9000);
        room.button("Undo: Delete the style Widest").click();
        assertThat(cards(room, "Frame styles")).hasCount(3);
        assertThat(bandWidth(room, 1)).isEqualTo(9000);
    }

    @Test
    void aLookPickedUpInOnePieceIsPutOnInAnother() {
        Page window = browser.window();
        Room second = Room.placed(window, "Second", "kite-03.jpg");
        String address = window.url();
        Room first = Room.placed(window, "First", "kite-01.jpg");
        first.step("Dress");
        first.set("Border width", "7");
        assertThat(first.button("Undo: Change the frames")).isEnabled();
        first.frame(1).click();
        first.button("Pick up this look").click();
        // Within the application, so that the window goes on.
        first.page.getByText("‹ Shelf").click();
        first.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open Second"))
                .click();
        second.ready();
        assertThat(second.page)
                .hasURL(Pattern.compile(".*/pieces/" + address.replaceAll(".*/pieces/([0-9a-f-]+).*", "$1") + ".*"));
        second.step("Dress");
        second.frame(1).click();
        second.frame(1).press("Shift+U");
        assertThat(second.buttonLike("^Frame 2, worn")).isVisible();
        assertThat(bandWidth(second, 1)).isEqualTo(7000);
        assertThat(styles(second))
                .extracting(style -> style.path("name").asString())
                .containsExactly("Frame", "Frame 2");
        second.button("Undo: Keep the style Frame 2").click();
        second.saved();
        assertThat(bandWidth(second, 1)).isZero();
        assertThat(styles(second)).as("the style came in the same step").hasSize(1);
    }

    @Test
    void aPrintIsTornAndTornAgain() {
        Room room = Room.placed(browser.window(), "Torn", "kite-01.jpg");
        room.step("Dress");
        room.frame(1).click();
        String whole = room.frame(1).getAttribute("data-look");
        room.field("Form").selectOption("torn");
        assertThat(room.button("Tear it again")).isVisible();
        assertThat(room.frame(1)).not().hasAttribute("data-look", whole);
        String torn = room.frame(1).getAttribute("data-look");
        room.button("Tear it again").click();
        assertThat(room.frame(1)).not().hasAttribute("data-look", torn);
        room.saved();
        String again = room.frame(1).getAttribute("data-look");
        room.field("left").click();
        assertThat(room.field("left")).not().isChecked();
        assertThat(room.frame(1)).not().hasAttribute("data-look", again);
        room.button("Undo: Change the form of a frame").click();
        assertThat(room.field("left")).isChecked();
        assertThat(room.frame(1)).hasAttribute("data-look", again);
    }

    private static JsonNode first(Room room, String field) {
        return room.scene().path("frames").get(0).path(field);
    }

    /** Styles that ship are tried on the page and put on; one that was changed is kept, used elsewhere, taken along as a file. */
    @Test
    void aStyleIsChosenKeptInTheLibraryAndUsedInAnotherPiece() {
        Room room = Room.placed(browser.window(), "With styles", "kite-01.jpg", "kite-02.jpg");
        room.step("Dress");
        room.buttonLike("^A style for all frames").click();
        assertThat(cards(room, "Come with Wovenset")).hasCount(20);
        room.button("Try them on the page instead").click();
        String look = room.frame(2).getAttribute("data-look");
        room.buttonLike("^Wide foot, ").hover();
        assertThat(room.frame(2)).not().hasAttribute("data-look", look);
        assertThat(first(room, "footMm").asDouble()).isZero();
        room.field("Page colour").hover();
        assertThat(room.frame(2)).hasAttribute("data-look", look);
        room.buttonLike("^Wide foot, ").click();
        assertThat(room.button("Undo: Put Wide foot on all frames")).isEnabled();
        assertThat(first(room, "footMm").asDouble()).isPositive();
        room.button("Put the styles away").click();
        room.set("Border width", "5");
        assertThat(room.button("Undo: Change the frames")).isEnabled();
        room.button("Keep it in the library").click();
        assertThat(room.page.getByText("Kept in the library, for all pieces.")).isVisible();

        Room other = Room.placed(browser.window(), "Elsewhere", "kite-03.jpg");
        other.step("Dress");
        other.buttonLike("^A style for all frames").click();
        assertThat(cards(other, "From the library")).hasCount(2);
        Download saved = other.page.waitForDownload(
                () -> other.page.getByLabel("Save Wide foot as a file").click());
        assertThat(saved.suggestedFilename()).isEqualTo("Wide foot.style.json");
        other.button("Take Wide foot out of the library").click();
        assertThat(cards(other, "Come with Wovenset")).hasCount(20);
        other.page.getByLabel("Style file").setInputFiles(saved.path());
        assertThat(cards(other, "From the library")).hasCount(2);
        other.page
                .getByLabel("Style file")
                .setInputFiles(new FilePayload(
                        "milk.json", "application/json", "{\"milk\": 2}".getBytes(StandardCharsets.UTF_8)));
        assertThat(other.page.getByText("milk.json: This file is no frame style"))
                .isVisible();
        other.buttonLike("^Wide foot, ").click();
        assertThat(other.button("Undo: Put Wide foot on all frames")).isEnabled();
        assertThat(bandWidth(other, 1)).isEqualTo(5000);
        other.set("Border width", "8");
        assertThat(other.page.getByText("The library’s “Wide foot” is another by now."))
                .isVisible();
        other.button("Take the library’s").click();
        assertThat(other.page.getByText("Kept in the library, for all pieces.")).isVisible();
        assertThat(bandWidth(other, 1)).isEqualTo(5000);
        other.buttonLike("^A style for all frames").click();
        other.button("Take Wide foot out of the library").click();
        assertThat(other.page.getByText("Pieces that use it keep it.")).isVisible();
    }

    private static List<JsonNode> styles(Room room) {
        return TestServer.api()
                .piece(room.id())
                .path("head")
                .path("styles")
                .path("frames")
                .valueStream()
                .toList();
    }

    @Test
    void theWholePieceTriesALookWearsItKeepsItAndAnotherTakesIt() {
        Room room = Room.placed(browser.window(), "Looks", "kite-01.jpg", "kite-02.jpg");
        room.step("Dress");
        room.button("Title on top").click();
        room.page.keyboard().type("Two kites");
        room.page.keyboard().press("Escape");
        room.saved();
        room.toPage();
        room.button("A look for the whole piece").click();
        Locator slate = room.button("Slate roof");
        assertThat(slate.locator("img")).isVisible();
        String look = room.frame(1).getAttribute("data-look");
        slate.hover();
        assertThat(room.frame(1)).not().hasAttribute("data-look", look);
        room.page.mouse().move(900, 400);
        assertThat(room.frame(1)).hasAttribute("data-look", look);
        slate.click();
        assertThat(room.button("Undo: Let all look like Slate roof")).isEnabled();
        assertThat(slate).hasAttribute("aria-pressed", "true");
        assertThat(room.button("White page")).hasAttribute("aria-pressed", "false");
        assertThat(room.field("Page is")).hasValue("SLATE");
        room.type("Keep how this piece looks", "Our roof");
        assertThat(room.button("Forget Our roof")).isVisible();
        room.type("Keep how this piece looks", "our roof");
        assertThat(room.page.getByText("Another look is called “our roof”.")).isVisible();

        Room other = Room.placed(browser.window(), "Another", "kite-03.jpg");
        other.step("Dress");
        other.button("A look for the whole piece").click();
        other.button("Our roof").click();
        assertThat(other.button("Undo: Let all look like Our roof")).isEnabled();
        assertThat(other.field("Page is")).hasValue("SLATE");
        other.button("Forget Our roof").click();
        assertThat(other.button("Our roof")).hasCount(0);
        assertThat(other.field("Page is")).hasValue("SLATE");
    }
}
