package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** What a person does by hand to a photo in its frame. */
@ExtendWith(TestServer.class)
class CutOutTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static JsonNode cutOut(Room room) {
        return TestServer.api()
                .page(room.id(), 0)
                .path("page")
                .path("items")
                .get(0)
                .path("fill")
                .path("retouched")
                .path("cutOut");
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
    void whereNobodyIsThatIsSaid() {
        Room room = Room.placed(browser.window(), "Nobody", "kite-02.jpg");
        room.painted();
        room.frame(1).click();
        room.part("Cut out");
        room.button("Cut out the person").click();
        assertThat(room.page.getByText("Nobody was found in this photo.")).isVisible();
        assertThat(cutOut(room).isMissingNode() || cutOut(room).isNull()).isTrue();
    }
}
