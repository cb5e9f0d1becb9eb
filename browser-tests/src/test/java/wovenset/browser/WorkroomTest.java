package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.Gson;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class WorkroomTest {
    @RegisterExtension
    final Browser browser = new Browser();

    @Test
    void eachStationHasItsOwnSlipAndNoPartOfAnother() {
        Room room = Room.start(browser.window(), "Steps", "kite-04.jpg");
        Locator parts = room.page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(3));
        List<String> arrange = List.of(
                "1 photo waits",
                "Proposals",
                "Grid",
                "Finished size",
                "Words",
                "Pages of words",
                "Frames by hand",
                "What lies on the page",
                "Patterns",
                "Order by colour",
                "Guides");
        Map<String, List<String>> slips = Map.of(
                "Arrange",
                arrange,
                "Dress",
                List.of(
                        "Page",
                        "A look for the whole piece",
                        "Frames",
                        "Words",
                        "Ornaments",
                        "Boxes and lines",
                        "Captions",
                        "Page numbers"),
                "Make",
                List.of("What to make", "Trim and bleed", "What to tell the shop", "Made"));
        room.button("Add a page").click();
        room.saved();
        for (String step : List.of("Arrange", "Dress", "Arrange", "Make", "Dress", "Arrange")) {
            room.step(step);
            assertThat(parts).hasText(slips.get(step).toArray(String[]::new));
            room.button(step.equals("Dress") ? "Page 2" : "Page 1").click();
            assertThat(parts).hasText(slips.get(step).toArray(String[]::new));
        }
    }

    @Test
    void dimensionLinesAreEditedAtThePage() {
        Room room = Room.start(browser.window(), "Dimensions");
        room.button("Page width: 300\u2009mm").click();
        Locator field = room.field("Page width");
        field.fill("furlongs");
        field.press("Enter");
        assertThat(room.page.getByText("“furlongs” is not a number")).isVisible();
        field.fill("35in/5 + 22.2mm");
        field.press("Enter");
        assertThat(room.button("Page width: 200\u2009mm")).isVisible();
        room.button("Gap between columns: 4\u2009mm").click();
        room.field("Gap between columns").fill("900");
        room.field("Gap between columns").press("Enter");
        assertThat(room.page.getByText("leave no room; at most")).isVisible();
        room.field("Gap between columns").fill("10");
        room.field("Gap between columns").press("Enter");
        assertThat(room.button("Cell width: 85\u2009mm")).isVisible();
        room.button("Cell width: 85\u2009mm").click();
        room.field("Cell width").fill("6cm");
        room.field("Cell width").press("Enter");
        assertThat(room.page.getByText("Left over: 50\u2009mm across")).isVisible();
        room.buttonLike("^Make the page 150 × ").click();
        assertThat(room.button("Page width: 150\u2009mm")).isVisible();
        room.step("Arrange");
        assertThat(room.page.getByText("Nothing is left over.")).isVisible();
    }

    @Test
    void theLaterWindowLearnsOfTheChangeAndOverwritesNothing() {
        Room one = Room.start(browser.window(), "Two windows", "kite-04.jpg");
        Page other = browser.window();
        other.navigate(one.page.url());
        Room two = new Room(other).ready();
        one.frame(1).click();
        one.field("Caption").fill("From the first window");
        one.field("Caption").press("Enter");
        one.saved();
        assertThat(other.getByText("This piece was changed in another window")).isVisible();
        two.frame(1).click();
        assertThat(two.field("Caption")).hasValue("From the first window");
        // Cut off from word of changes, a window still cannot overwrite.
        other.context().setOffline(true);
        one.field("Name of the piece").fill("Renamed meanwhile");
        one.field("Name of the piece").press("Enter");
        one.saved();
        other.context().setOffline(false);
        two.field("Caption").fill("From the second window");
        two.field("Caption").press("Enter");
        assertThat(two.field("Name of the piece")).hasValue("Renamed meanwhile");
    }

    @Test
    void tenTabsShareOneStreamSoThatEditsStillGoThrough() {
        Room first = Room.start(browser.window(), "Ten tabs");
        Room last = first;
        for (int tab = 1; tab < 10; tab++) {
            Page page = first.page.context().newPage();
            page.navigate(first.page.url());
            last = new Room(page).ready();
        }
        last.set("Name of the piece", "Renamed in the tenth tab");
        assertThat(first.field("Name of the piece")).hasValue("Renamed in the tenth tab");
        // The tab that listens for all is closed; another takes its place.
        Page second = first.page.context().pages().get(1);
        first.page.close();
        last.set("Name of the piece", "Renamed once more");
        assertThat(new Room(second).field("Name of the piece")).hasValue("Renamed once more");
    }

    @Test
    void dressShowsLiveAndIsStoredWhenLetGo() {
        Room room = Room.start(browser.window(), "Dress", "kite-04.jpg");
        room.buttonLike("^Flow|^Arrange").first().click();
        room.buttonLike("^Flow 1 waiting").click();
        room.saved();
        room.step("Dress");
        String before = room.page.getByTestId("sprite").first().getAttribute("data-shows");
        Locator slider = room.field("Corner radius, slider");
        slider.scrollIntoViewIfNeeded();
        BoundingBox box = slider.boundingBox();
        room.page.mouse().move(box.x + 4, box.y + box.height / 2);
        room.page.mouse().down();
        room.page.mouse().move(box.x + box.width / 2, box.y + box.height / 2, new Mouse.MoveOptions().setSteps(6));
        assertThat(room.page.getByTestId("sprite").first()).not().hasAttribute("data-shows", before);
        assertThat(radius(room)).as("not yet stored").isZero();
        room.page.mouse().up();
        assertThat(room.button("Undo: Change the frames")).isEnabled();
        assertThat(radius(room)).isPositive();
        room.type("Border width", "20cm");
        assertThat(room.page
                        .getByText("A border lies between nothing and 100\u2009mm.")
                        .first())
                .isVisible();
    }

    private static long radius(Room room) {
        return TestServer.api()
                .piece(room.id())
                .path("head")
                .path("styles")
                .path("frames")
                .get(0)
                .path("corners")
                .path("size")
                .asLong();
    }

    @Test
    void pagesAreMovedInTheRunByDraggingAndByKey() {
        Room room = Room.start(browser.window(), "Run");
        room.button("Add a page").click();
        room.saved();
        room.button("Add a page").click();
        room.saved();
        String first = pages(room).get(0);
        room.drag(room.button("Page 1"), room.button("Page 3"));
        assertThat(room.button("Undo: Move a page")).isEnabled();
        assertThat(pages(room)).last().isEqualTo(first);
        room.button("Page 3").press("Alt+ArrowLeft");
        room.saved();
        assertThat(pages(room)).element(1).isEqualTo(first);
        room.button("Delete this page").click();
        assertThat(room.page.getByText("is deleted; its photos wait in the tray"))
                .isVisible();
        room.page
                .getByRole(AriaRole.STATUS)
                .getByText("Undo", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(room.page.getByText("of 3")).isVisible();
    }

    private static List<String> pages(Room room) {
        return TestServer.api()
                .piece(room.id())
                .path("pages")
                .valueStream()
                .map(page -> page.path("id").asString())
                .toList();
    }

    @Test
    void sharpnessIsShownWhereAPhotoMeetsItsSize() {
        Room room = Room.start(browser.window(), "Sharpness", "kite-04.jpg");
        room.buttonLike("^Flow 1 waiting").click();
        room.frame(1).click();
        Locator slip = room.page.getByLabel("Slip", new Page.GetByLabelOptions().setExact(true));
        assertThat(slip.getByText(Pattern.compile("\\d+\u2009ppi$"))).isVisible();
        room.set("Zoom (%)", "400");
        assertThat(slip.getByText(Pattern.compile("\\d+\u2009ppi, too soft"))).isVisible();
        room.step("Check");
        assertThat(room.buttonLike("will print too soft")).isVisible();
        assertThat(room.buttonLike("is empty")).hasCount(3);
    }

    @Test
    void twoFingersZoomTheCrop() {
        Room room = Room.start(browser.touchWindow(), "Pinch", "kite-04.jpg");
        room.buttonLike("^Flow 1 waiting").tap();
        room.frame(1).tap();
        room.button("Crop on the page (Enter)").tap();
        BoundingBox box = room.page.getByTestId("crop").boundingBox();
        var session = room.page.context().newCDPSession(room.page);
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        for (int step = 0; step <= 10; step++) {
            touch(session, step == 0 ? "touchStart" : "touchMove", x - 15 - 4 * step, x + 15 + 4 * step, y);
        }
        session.send("Input.dispatchTouchEvent", json("touchEnd", List.of()));
        room.button("Done").tap();
        room.saved();
        assertThat(room.field("Zoom (%)")).hasValue(Pattern.compile("[23]\\d\\d|1[5-9]\\d|4\\d\\d"));
    }

    private static void touch(CDPSession session, String type, double left, double right, double y) {
        session.send(
                "Input.dispatchTouchEvent",
                json(type, List.of(Map.of("x", left, "y", y, "id", 0), Map.of("x", right, "y", y, "id", 1))));
    }

    private static JsonObject json(String type, List<Map<String, ? extends Number>> points) {
        return new Gson()
                .toJsonTree(Map.of("type", type, "touchPoints", points))
                .getAsJsonObject();
    }
}
