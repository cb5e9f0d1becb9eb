package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** Light, colour and treatments of photos, as a person changes them. */
@ExtendWith(TestServer.class)
class LightTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static JsonNode adjusted(Room room, int frame) {
        return TestServer.api()
                .page(room.id(), 0)
                .path("page")
                .path("items")
                .get(frame)
                .path("fill")
                .path("adjusted");
    }

    @Test
    void aPhotoIsPutRightTreatedComparedAndTheOthersLikeIt() {
        Room room = Room.placed(browser.window(), "Light", "kite-01.jpg", "kite-02.jpg");
        Page page = room.page;
        room.painted();
        room.frame(1).click();
        room.part("Light and colour");
        room.button("Put right by itself").click();
        assertThat(room.button("Undo: Put the light of a photo right")).isEnabled();
        assertThat(adjusted(room, 0).path("amounts")).isNotEmpty();
        assertThat(adjusted(room, 1).isMissingNode() || adjusted(room, 1).isNull())
                .isTrue();
        Locator sharper = room.field("Sharper (%)");
        sharper.focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Enter");
        assertThat(room.button("Undo: Change light or colour")).isEnabled();
        assertThat(adjusted(room, 0).path("amounts").path("SHARPEN").asDouble()).isEqualTo(5);

        room.part("Treatment");
        Locator cards = page.getByLabel("Treatments").getByRole(AriaRole.BUTTON);
        assertThat(cards).hasCount(17);
        Locator two = page.getByLabel("Treatments")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Two colours"));
        two.focus();
        page.keyboard().press("Enter");
        assertThat(room.button("Undo: Treat a photo")).isEnabled();
        assertThat(two).hasAttribute("aria-pressed", "true");
        assertThat(adjusted(room, 0).path("treatment").path("colours")).hasSize(2);
        room.set("Strength (%)", "60");
        assertThat(adjusted(room, 0).path("treatment").path("strength").asDouble())
                .isEqualTo(60);

        room.button("Before and after, side by side").click();
        Locator beside = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Before and after"));
        assertThat(beside.getByRole(AriaRole.IMG)).hasCount(2);
        page.keyboard().press("Escape");
        assertThat(beside).isHidden();

        room.button("this page").click();
        assertThat(room.button("Undo: Change light or colour")).isEnabled();
        room.saved();
        assertThat(adjusted(room, 1)).isEqualTo(adjusted(room, 0));
        room.button("this page").click();
        assertThat(page.getByText("The others are changed like this already.")).isVisible();
        room.button("As it was").click();
        assertThat(room.button("Undo: Leave light and colour as they were")).isEnabled();
        assertThat(adjusted(room, 0).isMissingNode() || adjusted(room, 0).isNull())
                .isTrue();
    }

    @Test
    void aPhotoIsMadeUpOfTheOthers() {
        Room room = Room.placed(browser.window(), "Mosaic", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg");
        room.painted();
        room.frame(1).click();
        room.part("Mosaic");
        room.button("Make it up of the other photos").press("Enter");
        assertThat(room.buttonLike("^Undo: Make a mosaic of [0-9,]+ tiles")).isEnabled();
        room.saved();
        room.painted();
        room.set("Tiles across", "20");
        assertThat(room.page.getByText("tiles of 3 photos")).isVisible();
        room.page.getByLabel("Tint of the photo, slider").press("ArrowRight");
        assertThat(room.button("Undo: Shade the mosaic")).isEnabled();
        room.saved();
        JsonNode mosaic = TestServer.api()
                .page(room.id(), 0)
                .path("page")
                .path("items")
                .get(0)
                .path("fill")
                .path("mosaic");
        assertThat(mosaic.path("weave").path("across").asInt()).isEqualTo(20);
        assertThat(mosaic.path("tint").asDouble()).isEqualTo(0.36);
        assertThat(mosaic.path("photos")).hasSize(3);
        room.button("Show the photo itself again").click();
        assertThat(room.button("Undo: End the mosaic")).isEnabled();
    }

    @Test
    void onePhotoIsSeenThroughTwoFramesAndLetGoByOneKey() {
        Room room = Room.placed(browser.window(), "Windows", "kite-01.jpg", "kite-02.jpg");
        Page page = room.page;
        room.painted();
        room.frame(1).click();
        room.frame(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        room.button("One photo through all of them (W)").click();
        assertThat(room.button("Undo: Show one photo through 2 frames")).isEnabled();
        JsonNode shown = TestServer.api().page(room.id(), 0).path("page");
        assertThat(shown.path("pictures")).hasSize(1);
        assertThat(page.getByText("2 photos, 1 not placed")).isVisible();
        room.painted();
        room.frame(2).click();
        room.set("Enlarged (%)", "20");
        assertThat(room.button("Undo: Move a picture behind its frames")).isEnabled();
        room.frame(2).focus();
        page.keyboard().press("w");
        assertThat(room.button("Undo: Let a frame go")).isEnabled();
        page.keyboard().press("w");
        assertThat(room.button("Undo: Show one photo through 2 frames")).isEnabled();
        assertThat(TestServer.api().page(room.id(), 0).path("page").path("pictures"))
                .hasSize(1);
    }
}
