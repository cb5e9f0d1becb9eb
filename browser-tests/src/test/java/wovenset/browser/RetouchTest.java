package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** What a person does by hand to a photo in its frame. */
@ExtendWith(TestServer.class)
class RetouchTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static JsonNode cutOut(Room room) {
        return retouched(room).path("cutOut");
    }

    private static JsonNode retouched(Room room) {
        return TestServer.api()
                .page(room.id(), 0)
                .path("page")
                .path("items")
                .get(0)
                .path("fill")
                .path("retouched");
    }

    private static Locator photo(Page page) {
        return page.getByRole(AriaRole.APPLICATION);
    }

    /** Shares of the photo. */
    private static void stroke(Page page, double fromX, double fromY, double toX, double toY) {
        assertThat(photo(page)).hasAttribute("aria-busy", "false");
        BoundingBox box = photo(page).boundingBox();
        page.mouse().move(box.x + fromX * box.width, box.y + fromY * box.height);
        page.mouse().down();
        page.mouse().move(box.x + toX * box.width, box.y + toY * box.height, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
    }

    @Test
    void aBowlIsCutOutByStrokesAndThrowsAShadow() {
        Room room = Room.placed(browser.window(), "Cut out", "pot-01.jpg");
        Page page = room.page;
        room.painted();
        room.frame(1).click();
        room.part("Cut out");
        room.button("Cut out by strokes").click();
        stroke(page, 0.35, 0.4, 0.7, 0.45);
        assertThat(room.button("Undo: Mark what is cut out")).isEnabled();
        JsonNode first = cutOut(room);
        assertThat(first.path("from").asString()).isEqualTo("STROKES");

        // By the keys alone: another stroke takes a corner away, and is undone.
        page.keyboard().press("4");
        photo(page).focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Enter");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Enter");
        assertThat(room.button("Undo: Brush the cut-out")).isEnabled();
        assertThat(cutOut(room).path("brushed").path("packed").asString()).isNotEmpty();
        page.keyboard().press("z");
        assertThat(room.button("Undo: Mark what is cut out")).isEnabled();
        assertThat(cutOut(room)).isEqualTo(first);
        page.keyboard().press("Escape");
        assertThat(photo(page)).hasCount(0);

        page.getByLabel("A shadow on the ground").click();
        assertThat(room.button("Undo: Change the cut-out")).isEnabled();
        room.set("Length of the shadow (%)", "45");
        assertThat(cutOut(room).path("shadow").path("length").asDouble()).isEqualTo(0.45);
        page.reload();
        room.painted();
        assertThat(cutOut(room).path("labels")).isEqualTo(first.path("labels"));
        room.button("Show the whole photo").click();
        assertThat(room.button("Undo: Show the whole photo")).isEnabled();
    }

    @Test
    void twoPotsStandTogether() {
        Room room = Room.placed(browser.window(), "Together", "pot-01.jpg", "pot-17.jpg");
        Page page = room.page;
        room.painted();
        for (int frame = 1; frame <= 2; frame++) {
            room.frame(frame).click();
            if (frame == 1) {
                room.part("Cut out");
            }
            room.button("Cut out by strokes").click();
            stroke(page, 0.46, 0.42, 0.54, 0.5);
            assertThat(photo(page)).hasAttribute("aria-busy", "false");
            page.keyboard().press("Escape");
            assertThat(photo(page)).hasCount(0);
        }
        room.frame(1).click();
        room.frame(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        room.radio("2").click();
        room.button("Stand them together").click();
        assertThat(room.button("Undo: Stand 2 together")).isEnabled();
        JsonNode stood = TestServer.api().page(room.id(), 0).path("page");
        List<Integer> feet = stood.path("items")
                .valueStream()
                .map(item -> item.path("placement").path("box").path("y").asInt()
                        + item.path("placement").path("box").path("height").asInt())
                .toList();
        assertThat(feet.get(0)).as("one stands behind, higher").isLessThan(feet.get(1) - 10_000);
        assertThat(stood.path("arrangement").path("kind").asString()).isEqualTo("byHand");
        for (JsonNode item : stood.path("items")) {
            assertThat(item.path("fill")
                            .path("retouched")
                            .path("cutOut")
                            .path("shadow")
                            .path("length")
                            .asDouble())
                    .isEqualTo(0.22);
        }
        page.keyboard().press("Control+z");
        assertThat(room.button("Undo: Mark what is cut out")).isEnabled();
    }

    @Test
    void aPhotoShownWholeGoesOnInItsFrame() {
        Room room = Room.placed(browser.window(), "Goes on", "kite-02.jpg");
        Page page = room.page;
        room.painted();
        room.frame(1).click();
        room.radio("Whole photo").click();
        assertThat(page.getByText("short above and below")).isVisible();
        room.radio("Goes on").click();
        assertThat(room.button("Undo: Let a photo go on")).isEnabled();
        assertThat(retouched(room).path("sampled").path("above")).isNotEmpty();
        room.radio("Mirrored").click();
        room.saved();
        assertThat(retouched(room).path("extended").asBoolean()).isTrue();
        assertThat(retouched(room).has("sampled")).isFalse();
        // By the keys alone it is taken back, and bare again.
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(room.radio("Left bare")).isChecked();
    }

    @Test
    void whereNobodyIsThatIsSaid() {
        Room room = Room.placed(browser.window(), "Nobody", "kite-02.jpg");
        room.painted();
        room.frame(1).click();
        room.part("Cut out");
        room.button("Cut out the person").click();
        assertThat(room.page.getByText("Nobody was found in this photo.")).isVisible();
        assertThat(cutOut(room).isMissingNode() || cutOut(room).isNull()).isTrue();
    }

    @Test
    void aSpotIsMendedAndTakenBackAndASlantedBoardIsFaced() {
        Room room = Room.placed(browser.window(), "By hand", "pot-18.jpg");
        Page page = room.page;
        room.painted();
        room.frame(1).click();
        room.part("Put right by hand");
        room.button("Spots and red eyes").click();
        stroke(page, 0.3, 0.3, 0.32, 0.3);
        assertThat(room.button("Undo: Mend a photo")).isEnabled();
        page.keyboard().press("2");
        stroke(page, 0.6, 0.6, 0.6, 0.6);
        assertThat(page.getByLabel("Mended").getByRole(AriaRole.LISTITEM)).hasCount(2);
        assertThat(retouched(room).path("mends").get(0).path("like").path("x").isNumber())
                .isTrue();
        room.button("Take back mend 1").click();
        assertThat(room.button("Undo: Take a mend back")).isEnabled();
        assertThat(retouched(room).path("mends").get(0).path("kind").asString()).isEqualTo("RED_EYE");
        page.keyboard().press("Escape");

        room.button("Face a slanted thing").click();
        Locator corner = room.buttonLike("^Upper left corner");
        corner.focus();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("ArrowDown");
        BoundingBox right = room.buttonLike("^Lower right corner").boundingBox();
        page.mouse().move(right.x + right.width / 2, right.y + right.height / 2);
        page.mouse().down();
        page.mouse().move(right.x + 60, right.y + 40, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        room.button("Face it").click();
        assertThat(room.button("Undo: Face a slanted thing")).isEnabled();
        JsonNode plane = retouched(room).path("plane");
        assertThat(plane.path("corners").get(0).path("x").asDouble()).isEqualTo(0.25, within(1e-9));
        assertThat(plane.path("corners").get(0).path("y").asDouble()).isEqualTo(0.205, within(1e-9));
        assertThat(plane.path("corners").get(2).path("x").asDouble()).isGreaterThan(0.82);
        room.button("A slanted thing is faced").click();
        room.button("As it was taken").click();
        assertThat(room.button("Undo: Show the photo as it was taken")).isEnabled();
    }
}
