package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class FreeFramesTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private Room twoPhotos(String name) {
        return Room.placed(browser.window(), name, "kite-01.jpg", "kite-02.jpg");
    }

    /** The frames of the first page, those in groups, too, from back to front. */
    private static List<JsonNode> frames(Room room) {
        return inside(room.stored().path("items")).toList();
    }

    private static Stream<JsonNode> inside(JsonNode items) {
        return items.valueStream()
                .flatMap(item -> item.has("children") ? inside(item.path("children")) : Stream.of(item));
    }

    /** The places of the frames that lie freely, from back to front. */
    private static List<JsonNode> spots(Room room) {
        return frames(room).stream()
                .map(frame -> frame.path("placement"))
                .filter(placement -> placement.has("box"))
                .toList();
    }

    /** A point of the page on the screen, from page millimetres. */
    private static double[] at(Room room, double x, double y) {
        BoundingBox page = room.page.getByTestId("page").boundingBox();
        return new double[] {page.x + x * page.width / 300, page.y + y * page.width / 300};
    }

    private static void drag(Room room, double fromX, double fromY, double toX, double toY) {
        double[] from = at(room, fromX, fromY);
        double[] to = at(room, toX, toY);
        room.page.mouse().move(from[0], from[1]);
        room.page.mouse().down();
        room.page.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(6));
    }

    private static void drop(Room room, String done) {
        room.page.mouse().up();
        assertThat(room.button("Undo: " + done)).isEnabled();
        room.saved();
    }

    private static long um(JsonNode spot, String field) {
        return spot.path("box").path(field).asLong();
    }

    /** With Shift the middle of what is drawn lies where the drag began. */
    @Test
    void aFrameIsDrawnFromItsMiddle() {
        Room room = twoPhotos("From the middle");
        room.part("Frames by hand");
        room.button("Draw a frame").click();
        assertThat(room.page.getByText("Drag on the page to draw a frame")).isVisible();
        room.page.keyboard().down("Shift");
        drag(room, 150, 100, 172, 114);
        drop(room, "Draw a frame");
        room.page.keyboard().up("Shift");
        JsonNode drawn = spots(room).get(0);
        assertThat(um(drawn, "x") + um(drawn, "width") / 2.0).isCloseTo(150_000, within(700.0));
        assertThat(um(drawn, "y") + um(drawn, "height") / 2.0).isCloseTo(100_000, within(700.0));
        assertThat((double) um(drawn, "width")).isCloseTo(44_000, within(1500.0));
        assertThat((double) um(drawn, "height")).isCloseTo(28_000, within(1500.0));
    }

    @Test
    void aFrameIsTakenOutMovedSizedAndTurnedByMouse() {
        Room room = twoPhotos("By mouse");
        room.frame(1).click();
        room.button("Take it out").click();
        room.saved();
        room.set("Frame width", "80mm");
        room.set("Frame height", "60mm");
        room.set("From left", "100mm");
        room.set("From top", "60mm");
        assertThat(room.field("From top")).hasValue("60\u2009mm");
        assertThat(room.buttonLike("80.?×.?60.*lies freely$")).isVisible();
        JsonNode start = spots(room).get(0);
        drag(room, 140, 90, 150.6, 99.5);
        assertThat(room.page.getByTestId("snap").first()).isAttached();
        assertThat(room.page.getByTestId("distance").first()).isVisible();
        drop(room, "Move a frame");
        JsonNode moved = spots(room).get(0);
        assertThat(um(moved, "x")).as("the centre was set to the page's centre").isEqualTo(110_000);
        assertThat(um(moved, "y")).isEqualTo(70_000);
        assertThat(um(moved, "width")).isEqualTo(um(start, "width"));
        // A corner keeps the proportion and the opposite corner.
        drag(room, 190, 130, 210, 145);
        drop(room, "Size a frame");
        JsonNode sized = spots(room).get(0);
        assertThat(um(sized, "x")).isEqualTo(110_000);
        assertThat(um(sized, "y")).isEqualTo(70_000);
        assertThat((double) um(sized, "width") / um(sized, "height")).isCloseTo(80.0 / 60, within(0.001));
        assertThat(um(sized, "width")).isGreaterThan(90_000);
        // The hook turns it about its centre; the photo's window is drawn turned.
        BoundingBox hook = room.page.locator("[data-handle=turn]").boundingBox();
        room.page.mouse().move(hook.x + 12, hook.y + 12);
        room.page.mouse().down();
        room.page.mouse().move(hook.x + 62, hook.y + 30, new Mouse.MoveOptions().setSteps(5));
        drop(room, "Turn a frame");
        JsonNode turned = spots(room).get(0);
        assertThat(turned.path("turnDegrees").asDouble()).isBetween(10.0, 60.0);
        assertThat(um(turned, "x") + um(turned, "width") / 2)
                .isCloseTo(um(sized, "x") + um(sized, "width") / 2, within(2L));
        room.painted();
        // Escape leaves a drag, and nothing is stored.
        drag(room, 150, 105, 80, 60);
        room.page.keyboard().press("Escape");
        room.page.mouse().up();
        assertThat(spots(room).get(0)).isEqualTo(turned);
        room.page.keyboard().press("Control+z");
        assertThat(room.button("Redo: Turn a frame")).isEnabled();
        assertThat(spots(room).get(0)).isEqualTo(sized);
    }

    @Test
    void aFrameIsMovedSizedTurnedLockedCopiedAndTakenAwayByKeyboard() {
        Room room = twoPhotos("By keyboard");
        room.frame(1).focus();
        room.page.keyboard().press("t");
        assertThat(room.button("Undo: Take out a frame")).isEnabled();
        room.saved();
        Locator free = room.buttonLike("lies freely$");
        JsonNode start = spots(room).get(0);
        free.focus();
        room.page.keyboard().press("ArrowRight");
        room.page.keyboard().press("Shift+ArrowDown");
        room.page.keyboard().press("Alt+ArrowLeft");
        room.saved();
        JsonNode moved = spots(room).get(0);
        assertThat(um(moved, "x") - um(start, "x")).isEqualTo(900);
        assertThat(um(moved, "y") - um(start, "y")).isEqualTo(10_000);
        room.page.getByLabel("bottom right").focus();
        room.page.keyboard().press("Enter");
        room.set("Frame turn (°)", "30");
        assertThat(room.button("Undo: Turn a frame")).isEnabled();
        assertThat(spots(room).get(0).path("turnDegrees").asDouble()).isEqualTo(30);
        room.set("Frame turn (°)", "0");
        assertThat(room.field("Frame turn (°)")).hasValue("0");
        room.saved();
        assertThat(um(spots(room).get(0), "x"))
                .as("turned about the same point and back")
                .isCloseTo(um(moved, "x"), within(2L));
        free.focus();
        room.page.keyboard().press("Control+c");
        room.page.keyboard().press("Control+v");
        assertThat(room.button("Undo: Add a frame")).isEnabled();
        room.saved();
        assertThat(spots(room)).hasSize(2);
        assertThat(um(spots(room).get(1), "x")).isEqualTo(um(spots(room).get(0), "x"));
        room.page.keyboard().press("l");
        assertThat(room.buttonLike(", locked$")).hasCount(1);
        room.buttonLike(", locked$").focus();
        room.page.keyboard().press("Delete");
        assertThat(room.page.getByText("Delete again takes the frame away")).isVisible();
        room.buttonLike("empty.*, locked$").press("Delete");
        assertThat(room.page.getByText("is locked; unlock it first")).isVisible();
        room.page.keyboard().press("l");
        assertThat(room.buttonLike(", locked$")).hasCount(0);
        room.buttonLike("empty.*lies freely$").press("Delete");
        assertThat(room.button("Undo: Delete a frame")).isEnabled();
        assertThat(room.buttonLike("lies freely$")).hasCount(1);
        free.press("t");
        assertThat(room.button("Undo: Give back a frame")).isEnabled();
        room.saved();
        assertThat(spots(room)).isEmpty();
    }

    @Test
    void severalAreSelectedByMarqueeAndShiftAndLinedUpGroupedAndSized() {
        Room room = twoPhotos("Several");
        room.frame(1).click();
        room.page.keyboard().press("Control+a");
        assertThat(room.page.getByText("4 frames")).isVisible();
        room.toPage();
        room.part("Frames by hand");
        room.button("Release all frames").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(2);
        room.frame(1).click();
        room.frame(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(room.page.getByText("2 frames", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        room.set("Width × height", "7 × 5 cm");
        assertThat(room.button("Undo: Size 2 frames")).isEnabled();
        assertThat(spots(room)).allSatisfy(spot -> assertThat(List.of(um(spot, "width"), um(spot, "height")))
                .containsExactly(70_000L, 50_000L));
        room.button("Duplicate along the row (Ctrl D)").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(4);
        // A band drawn over the page takes hold of all that it touches.
        drag(room, 3, 3, 297, 190);
        room.page.mouse().up();
        assertThat(room.page.getByText("4 frames", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        room.button("Line up top edges").click();
        assertThat(room.button("Undo: Line up 4 frames")).isEnabled();
        room.button("Even across").click();
        assertThat(room.button("Undo: Make gaps even")).isEnabled();
        room.saved();
        List<Long> lefts =
                spots(room).stream().map(spot -> um(spot, "x")).sorted().toList();
        assertThat(lefts.get(1) - lefts.get(0)).isCloseTo(lefts.get(3) - lefts.get(2), within(2L));
        assertThat(spots(room).stream().map(spot -> um(spot, "y")).distinct()).hasSize(1);
        room.button("Group (G)").click();
        assertThat(room.button("Undo: Group 4 frames")).isEnabled();
        room.toPage();
        // One of a group brings the others with it.
        room.frame(1).click();
        assertThat(room.page.getByText("4 frames", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        room.page.keyboard().press("Shift+G");
        assertThat(room.button("Undo: Ungroup 4 frames")).isEnabled();
    }

    @Test
    void framesAndGuidesAreDrawnOnThePageAndOrderedFrontToBack() {
        Room room = twoPhotos("Drawn");
        room.part("Frames by hand");
        room.part("Guides");
        room.part("What lies on the page");
        BoundingBox edge = room.page.getByTestId("guide-edge-left").boundingBox();
        double[] guide = at(room, 60, 50);
        room.page.mouse().move(edge.x + edge.width / 2, guide[1]);
        room.page.mouse().down();
        room.page.mouse().move(guide[0], guide[1], new Mouse.MoveOptions().setSteps(5));
        drop(room, "Add a guide");
        assertThat(room.page.getByTestId("guide")).hasCount(1);
        JsonNode page = room.stored();
        assertThat(page.path("guides").get(0).path("at").asDouble()).isCloseTo(60_000, within(700.0));
        room.button("Draw a frame").click();
        assertThat(room.page.getByText("Drag on the page to draw a frame")).isVisible();
        drag(room, 20, 40, 60.8, 90);
        drop(room, "Draw a frame");
        JsonNode drawn = spots(room).get(0);
        assertThat(um(drawn, "x") + um(drawn, "width"))
                .as("its edge was set to the guide")
                .isEqualTo(page.path("guides").get(0).path("at").asLong());
        room.toPage();
        room.button("Put one in the middle").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(2);
        Locator list = room.page.getByLabel("Frames from front to back").getByRole(AriaRole.LISTITEM);
        assertThat(list.first()).hasText(Pattern.compile("6\\. empty"));
        room.button("To the back").click();
        assertThat(room.button("Undo: Change the order of frames")).isEnabled();
        assertThat(list.last()).hasText(Pattern.compile("1\\. empty.*free", Pattern.DOTALL));
        assertThat(frames(room).get(0).path("placement").has("box")).isTrue();
        // Dragged to the first row, it lies in front of all others.
        room.drag(list.last().getByRole(AriaRole.BUTTON).first(), list.first());
        assertThat(list.first()).hasText(Pattern.compile("6\\. empty.*free", Pattern.DOTALL));
        room.toPage();
        room.button("Take out guide 1").click();
        assertThat(room.page.getByTestId("guide")).hasCount(0);
    }

    @Test
    void framesDifferFromTheOthersPropertyByPropertyAndThoseAlikeAreSelectedTogether() {
        Room room = twoPhotos("Borders");
        room.frame(1).click();
        room.frame(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        Locator border = room.page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Border"));
        Locator width = border.getByLabel("Border width", new Locator.GetByLabelOptions().setExact(true));
        width.fill("4mm");
        width.press("Enter");
        assertThat(room.button("Undo: Change the border of 2 frames")).isEnabled();
        assertThat(width).hasValue("4\u2009mm");
        room.saved();
        assertThat(frames(room).subList(0, 2))
                .allSatisfy(frame -> assertThat(frame.path("style").path("differences"))
                        .singleElement()
                        .satisfies(one -> assertThat(one.path("width").asLong()).isEqualTo(4_000)));
        width.fill("9cm");
        width.press("Enter");
        assertThat(room.page.getByText("no room for the photo")).isVisible();
        assertThat(room.page.getByText("no room for the photo")).isInViewport();
        room.frame(3).click();
        room.frame(2).focus();
        room.page.keyboard().press("a");
        assertThat(room.page.getByText("2 frames", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        room.button("Put back width").press("Enter");
        assertThat(room.button("Undo: Put back the look of 2 frames")).isEnabled();
        room.saved();
        assertThat(frames(room))
                .allMatch(frame -> frame.path("style").path("differences").isEmpty());
        border.getByLabel("Form").selectOption("ellipse");
        assertThat(room.button("Undo: Change the form of 2 frames")).isEnabled();
        border.getByLabel("Solid (%)").fill("60");
        border.getByLabel("Solid (%)").press("Enter");
        assertThat(room.button("Undo: Change how solid 2 frames are")).isEnabled();
        room.painted();
    }

    @Test
    void aSelectedFrameIsMeasuredAndItsDistancesAreTyped() {
        Room room = twoPhotos("Measured");
        room.frame(2).click();
        assertThat(room.buttonLike("^Left of the frame")).hasCount(0);
        room.button("Take it out").click();
        room.saved();
        room.type("From left", "150");
        assertThat(room.button("Undo: Move a frame")).isEnabled();
        room.type("Frame width", "60");
        room.buttonLike("^Right of the frame: 90.mm$").click();
        room.type("Right of the frame", "50");
        assertThat(room.buttonLike("^Right of the frame: 50.mm$")).isVisible();
        room.buttonLike("^Width of the frame: 60.mm$").click();
        room.type("Width of the frame", "70");
        // What is typed is summed before it is sent; the line has the number when it is stored.
        assertThat(room.buttonLike("^Width of the frame: 70.mm$")).isVisible();
        JsonNode spot = spots(room).get(0);
        assertThat(um(spot, "x")).isEqualTo(190_000);
        assertThat(um(spot, "width")).isEqualTo(70_000);
        room.buttonLike("^Left of the frame").click();
        room.type("Left of the frame", "5");
        assertThat(room.buttonLike("^Left of the frame: 5.mm$")).isVisible();
        double gap = room.scene().path("frames").get(0).path("box").path("x").asDouble()
                + room.scene().path("frames").get(0).path("box").path("width").asDouble()
                + 5;
        assertThat(um(spots(room).get(0), "x") / 1000.0).isEqualTo(gap, within(0.01));
    }

    @Test
    void aFrameIsDraggedByTouch() {
        Room room = twoPhotos("Touch");
        room.frame(1).click();
        room.button("Take it out").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(1);
        room.saved();
        JsonNode before = spots(room).get(0);
        double x = um(before, "x") / 1000.0 + um(before, "width") / 2000.0;
        double y = um(before, "y") / 1000.0 + um(before, "height") / 2000.0;
        touch(room, at(room, x, y), at(room, x + 37.3, y + 21.7));
        assertThat(room.button("Undo: Move a frame")).isEnabled();
        room.saved();
        JsonNode after = spots(room).get(0);
        assertThat((um(after, "x") - um(before, "x")) / 1000.0).isCloseTo(37.3, within(3.0));
        assertThat((um(after, "y") - um(before, "y")) / 1000.0).isCloseTo(21.7, within(3.0));
    }

    /** A finger that is put down, drawn along in small steps, and lifted. */
    @Test
    void severalAreTakenHoldOfByFinger() {
        Room room = Room.placed(browser.touchWindow(), "Fingers", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
        Locator several = room.buttonLike("^Take hold of several");
        several.tap();
        room.frame(1).tap();
        room.frame(3).tap();
        assertThat(heading(room, "2 frames")).isVisible();
        room.buttonLike("^Take 2 out").tap();
        room.saved();
        // Those that lie freely are in front of the cells, and counted after them.
        Locator first = room.buttonLike("^Frame \\d: kite-01.jpg");
        Locator second = room.buttonLike("^Frame \\d: kite-02.jpg");
        second.tap();
        assertThat(heading(room, "3 frames")).isVisible();
        first.tap();
        assertThat(heading(room, "2 frames")).isVisible();
        assertThat(first).hasAttribute("aria-pressed", "false");
        several.tap();
        first.tap();
        assertThat(first).hasAttribute("aria-pressed", "true");
        assertThat(second).hasAttribute("aria-pressed", "false");
    }

    private static Locator heading(Room room, String name) {
        return room.page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    private static void touch(Room room, double[] from, double[] to) {
        CDPSession finger = room.page.context().newCDPSession(room.page);
        for (int step = 0; step <= 6; step++) {
            JsonObject point = new JsonObject();
            point.addProperty("x", from[0] + (to[0] - from[0]) * step / 6);
            point.addProperty("y", from[1] + (to[1] - from[1]) * step / 6);
            JsonArray points = new JsonArray();
            points.add(point);
            finger.send("Input.dispatchTouchEvent", touchEvent(step == 0 ? "touchStart" : "touchMove", points));
        }
        finger.send("Input.dispatchTouchEvent", touchEvent("touchEnd", new JsonArray()));
        finger.detach();
    }

    private static JsonObject touchEvent(String type, JsonArray points) {
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        return event;
    }

    @Test
    void framesAreMadePlacedAndOrderedByKeyboardAlone() {
        Room room = twoPhotos("Keys only");
        room.part("Frames by hand");
        room.part("Guides");
        room.part("What lies on the page");
        room.button("Release all frames").press("Enter");
        assertThat(room.buttonLike("lies freely$")).hasCount(2);
        room.button("Put one in the middle").press("Enter");
        assertThat(room.buttonLike("lies freely$")).hasCount(3);
        assertThat(room.field("From left")).hasValue("100\u2009mm");
        room.set("Frame width", "4in");
        assertThat(room.field("Frame width")).hasValue("101.6\u2009mm");
        room.button("Line up right edges").press("Enter");
        assertThat(room.button("Undo: Line up a frame")).isEnabled();
        room.saved();
        assertThat(um(spots(room).get(2), "x")).isEqualTo(300_000 - 101_600);
        room.button("To the back").press("Enter");
        assertThat(room.button("Undo: Change the order of frames")).isEnabled();
        room.toPage();
        room.button("Upright guide").press("Enter");
        room.set("Guide 1, from left", "75mm");
        assertThat(room.page.getByTestId("guide")).hasCount(1);
        room.buttonLike("empty.*lies freely$").focus();
        room.page.keyboard().press("Control+a");
        room.page.keyboard().press("Control+x");
        assertThat(room.frames()).hasCount(0);
        room.page.keyboard().press("Control+v");
        assertThat(room.frames()).hasCount(3);
        room.page.keyboard().press("g");
        assertThat(room.button("Undo: Group 3 frames")).isEnabled();
    }

    @Test
    void aCollageTurnedIntoASquareStaysComposedAndCropsKeepTheirSubject() {
        Room room = Room.start(browser.window(), "Square", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg");
        room.buttonLike("^Flow 4 waiting").click();
        room.saved();
        room.button("Propose for 4 photos").click();
        room.buttonLike("^Arrangement 1:").click();
        assertThat(room.button("Undo: Arrange the page")).isEnabled();
        room.saved();
        room.frame(4).click();
        room.button("Take it out").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(1);
        JsonNode free = spots(room).get(0);
        room.toPage();
        room.set("Width", "400mm");
        room.set("Height", "400mm");
        assertThat(room.page.getByText("400 × 400\u2009mm").first()).isVisible();
        room.painted();
        JsonNode scene = room.scene();
        for (JsonNode frame : scene.path("frames")) {
            JsonNode box = frame.path("box");
            assertThat(box.path("x").asDouble()).isGreaterThan(-0.01);
            assertThat(box.path("x").asDouble() + box.path("width").asDouble()).isLessThan(400.01);
            assertThat(box.path("y").asDouble() + box.path("height").asDouble()).isLessThan(400.01);
        }
        JsonNode now = spots(room).get(0);
        assertThat((double) um(now, "width") / um(now, "height"))
                .as("a frame taken out keeps its proportion")
                .isCloseTo((double) um(free, "width") / um(free, "height"), within(0.001));
        for (int i = 0; i < 3; i++) {
            assertThat(scene.path("frames")
                            .get(i)
                            .path("photo")
                            .path("crop")
                            .path("aim")
                            .asString())
                    .isEqualTo("SUBJECT");
        }
    }
}
