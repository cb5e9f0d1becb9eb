package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.server.testing.TestServer;

/** The shape of the room: typing, the address, the size of the page, looking closely. */
@ExtendWith(TestServer.class)
class RoomTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private Room twoPhotos(String name) {
        return Room.placed(browser.window(), name, "kite-01.jpg", "kite-02.jpg");
    }

    @Test
    void typingIsNeverTurnedIntoCommands() {
        Room room = twoPhotos("Typing");
        room.frame(1).click();
        room.field("Caption").fill("First");
        room.field("Caption").press("Enter");
        assertThat(room.frame(2)).hasAttribute("aria-pressed", "true");
        assertThat(room.field("Caption")).isFocused();
        room.page.keyboard().type("Tall as the lighthouse, 4 of us");
        room.page.keyboard().press("Enter");
        room.saved();
        // After the last one the words stay marked, and letters are still letters.
        assertThat(room.field("Caption")).isFocused();
        room.page.keyboard().press("t");
        room.page.keyboard().press("4");
        assertThat(room.field("Caption")).hasValue("t4");
        room.page.keyboard().press("Escape");
        assertThat(room.field("Caption")).hasValue("Tall as the lighthouse, 4 of us");
        assertThat(room.buttonLike("lies freely$")).hasCount(0);
        assertThat(room.button("Arrange")).hasAttribute("aria-current", "step");
        // A field that is taken undoes the piece's last step; one that is being typed in its own.
        room.page.keyboard().press("Control+z");
        assertThat(room.page.getByText("Undone: Write a caption")).isVisible();
        room.page.keyboard().press("Control+z");
        assertThat(room.button("Redo: Write a caption")).isEnabled();
        assertThat(room.page.getByText("Undone: Write a caption")).hasCount(1);
    }

    @Test
    void drawingEndsWithEscapeAndLettersCanBeSwitchedOff() {
        Room room = twoPhotos("Escape");
        room.frame(1).focus();
        room.page.keyboard().press("f");
        Locator drawing = room.page.getByText("Drag on the page to draw a frame");
        assertThat(drawing).isVisible();
        room.part("Frames by hand");
        room.button("Draw a frame").focus();
        room.page.keyboard().press("Escape");
        assertThat(drawing).hasCount(0);
        room.button("Keys").click();
        room.page.getByLabel("Single letters and figures are keys").click();
        room.page.keyboard().press("Escape");
        room.frame(1).focus();
        room.page.keyboard().press("f");
        room.page.keyboard().press("5");
        assertThat(drawing).hasCount(0);
        assertThat(room.button("Arrange")).hasAttribute("aria-current", "step");
    }

    @Test
    void aCropByKeyIsStoredThoughItsFrameIsLeftAtOnce() {
        Room room = twoPhotos("Leaving a crop");
        room.frame(1).dblclick();
        assertThat(room.page.getByTestId("crop")).isFocused();
        room.page.keyboard().press("+");
        room.step("Gather");
        assertThat(room.button("Undo: Change a crop")).isEnabled();
        room.saved();
        assertThat(room.stored()
                        .path("items")
                        .get(0)
                        .path("fill")
                        .path("crop")
                        .path("zoom")
                        .asDouble())
                .isGreaterThan(1.04);
    }

    @Test
    void whatWasSaidInAPieceStaysThere() {
        Room room = twoPhotos("Notices");
        room.frame(1).press("Delete");
        assertThat(room.page.getByText("The frame is empty now")).isVisible();
        room.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("‹ Shelf"))
                .click();
        assertThat(room.button("New piece").first()).isVisible();
        assertThat(room.page.getByText("The frame is empty now")).hasCount(0);
    }

    @Test
    void unequalColumnsAreSaidToBeAndOneCellIsOne() {
        Room room = twoPhotos("Columns");
        room.set("Column widths", "1, 2");
        assertThat(room.page.getByText("4 cells of different widths.")).isVisible();
        room.set("Column widths", "");
        room.set("Rows", "1");
        room.set("Columns", "2");
        assertThat(room.page.getByText("2 cells of")).isVisible();
    }

    @Test
    void aLengthTakenInTheNewPieceDoesNotStartIt() {
        Page page = browser.window();
        page.navigate(TestServer.address());
        Room room = new Room(page);
        room.button("New piece").first().click();
        room.type("Width", "12in");
        assertThat(room.field("Width")).hasValue(Pattern.compile("^30\\.48"));
        assertThat(page.getByText("What will you hold?")).isVisible();
    }

    /** Station and page are steps of the browser's history; what is selected and how near it is seen come back by reloading. */
    @Test
    void theAddressTellsWhereOneIs() {
        Room room = twoPhotos("Address");
        Page page = room.page;
        room.button("Add a page").click();
        room.saved();
        room.button("Page 2").click();
        assertThat(page.getByText("page 2 of 2")).isVisible();
        room.step("Dress");
        page.goBack();
        assertThat(room.button("Arrange")).hasAttribute("aria-current", "step");
        assertThat(page.getByText("page 2 of 2")).isVisible();
        page.goBack();
        assertThat(page.getByText("page 1 of 2")).isVisible();
        page.goForward();
        page.goForward();
        assertThat(room.button("Dress")).hasAttribute("aria-current", "step");
        assertThat(page.getByText("page 2 of 2")).isVisible();
        room.button("Page 1").click();
        room.frame(2).click();
        room.button("actual size").click();
        assertThat(page).hasURL(Pattern.compile("/dress\\?on=.*&zoom="));
        BoundingBox bench = page.locator("[data-place=bench]").boundingBox();
        BoundingBox selected = room.frame(2).boundingBox();
        assertThat(selected.x + selected.width / 2)
                .as("what is selected comes to the middle")
                .isCloseTo(bench.x + bench.width / 2, within(4.0));
        page.reload();
        room.ready();
        assertThat(room.button("Dress")).hasAttribute("aria-current", "step");
        assertThat(room.frame(2)).hasAttribute("aria-pressed", "true");
        assertThat(room.button("actual size")).hasAttribute("aria-pressed", "true");
        assertThat(page.getByTestId("page").boundingBox().width)
                .as("300 mm at 96 CSS pixels an inch")
                .isBetween(1133.0, 1135.0);
    }

    /** The page is large at the sizes that browsers leave, and a selected photo's words are in sight. */
    @ParameterizedTest
    @CsvSource({"1280, 800, 740", "1280, 640, 560", "1024, 768, 480", "1920, 1080, 1200", "853, 533, 420"})
    void thePageIsLargeAndTheCaptionInSight(int width, int height, int wide) {
        Room room = twoPhotos("Size " + width + " " + height);
        room.page.setViewportSize(width, height);
        room.button("Add a page").click();
        room.saved();
        BoundingBox page = room.page.getByTestId("page").boundingBox();
        assertThat(page.width).isGreaterThanOrEqualTo(wide);
        assertThat(page.x + page.width).isLessThan(width);
        if (width >= 1000) {
            room.frame(1).click();
            assertThat(room.field("Caption")).isInViewport();
            room.step("Dress");
            assertThat(room.field("Caption")).isInViewport();
        }
        room.button("Close the run of pages").click();
        room.buttonLike("^2 photos").click();
        room.page.waitForFunction(
                "w => document.querySelector('[data-testid=page]').getBoundingClientRect().width > w", page.width);
        if (width == 1280 && height == 800) {
            assertThat(room.page.getByTestId("page").boundingBox().width).isGreaterThanOrEqualTo(860);
        }
    }

    @Test
    void whoLooksCloselySeesThePageDrawnFinelyAndAllOfItAgain() {
        Room room = twoPhotos("Close");
        Page page = room.page;
        BoundingBox before = page.getByTestId("page").boundingBox();
        BoundingBox frame = room.frame(1).boundingBox();
        double x = frame.x + frame.width / 4;
        double y = frame.y + frame.height / 4;
        page.mouse().move(x, y);
        page.keyboard().down("Control");
        page.mouse().wheel(0, -900);
        page.keyboard().up("Control");
        page.waitForFunction(
                "w => document.querySelector('[data-testid=page]').getBoundingClientRect().width > 4 * w",
                before.width);
        BoundingBox near = page.getByTestId("page").boundingBox();
        assertThat((x - near.x) / near.width)
                .as("what is under the pointer stays there")
                .isCloseTo((x - before.x) / before.width, within(0.002));
        assertThat(page.getByTestId("fine")).isVisible();
        page.mouse().wheel(120, 80);
        page.waitForFunction(
                "x => document.querySelector('[data-testid=page]').getBoundingClientRect().x < x - 100", near.x);
        page.mouse().click(x, y);
        page.keyboard().press("0");
        page.waitForFunction(
                "w => Math.abs(document.querySelector('[data-testid=page]').getBoundingClientRect().width - w) < 1",
                before.width);
        assertThat(page.getByTestId("fine")).hasCount(0);
        assertThat(room.buttonLike("^Page width")).isVisible();
        page.keyboard().down(" ");
        assertThat(room.buttonLike("^Page width")).hasCount(0);
        page.keyboard().up(" ");
        assertThat(room.buttonLike("^Page width")).isVisible();
    }

    @Test
    void sixGoesRoundSlipBenchTrayAndRun() {
        Room room = twoPhotos("Round");
        room.field("Rows").focus();
        room.page.keyboard().press("F6");
        assertThat(room.frame(1)).isFocused();
        room.page.keyboard().press("F6");
        assertThat(room.buttonLike("^2 photos")).isFocused();
        room.button("Open the run of pages").click();
        room.buttonLike("^2 photos").focus();
        room.page.keyboard().press("F6");
        assertThat(room.button("Page 1")).isFocused();
        room.page.keyboard().press("F6");
        assertThat(room.button("Arrange")).isFocused();
    }
}
