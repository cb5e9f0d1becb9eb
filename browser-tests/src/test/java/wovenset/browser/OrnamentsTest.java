package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** Ornaments on a page, their colours, and words that run along a curve. */
@ExtendWith(TestServer.class)
class OrnamentsTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static JsonNode last(Room room) {
        JsonNode items = room.stored().path("items");
        return items.get(items.size() - 1);
    }

    /** What is only looked at goes again; a photo that is dropped on a ring fits it. */
    @Test
    void aRingIsTriedPutOnThePageColouredAndTakesAPhoto() {
        Room room = Room.start(browser.window(), "A ring", "kite-01.jpg", "kite-02.jpg");
        room.step("Dress");
        room.button("Berry ring").hover();
        assertThat(room.frames()).hasCount(5);
        room.page.mouse().move(Browser.WIDTH - 4, 4);
        assertThat(room.frames()).hasCount(4);
        room.button("Berry ring").click();
        assertThat(room.frames()).hasCount(5);
        room.drag(room.buttonLike("^Place kite-02.jpg"), room.frame(5));
        assertThat(room.buttonLike("^Frame 5: kite-02.jpg")).isVisible();
        room.button("Berries, colours to choose from").click();
        Locator ofPhoto = room.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("In this photo"));
        String colour = ofPhoto.getByRole(AriaRole.BUTTON).first().getAttribute("title");
        ofPhoto.getByRole(AriaRole.BUTTON).first().click();
        assertThat(room.button("Undo: Colour an ornament")).isEnabled();
        assertThat(last(room).path("outline").path("colours").get(2).asString()).isEqualTo(colour);
        room.part("Others in its place");
        room.button("Twine ring").click();
        assertThat(room.button("Undo: Exchange an ornament")).isEnabled();
        assertThat(last(room).path("outline").path("ring").asString()).isEqualTo("TWINE_RING");
        assertThat(last(room).path("fill").path("kind").asString()).isEqualTo("ownPhoto");
    }

    /** A drawing of one's own; what in it is no closed shape is told, and a file without one changes nothing. */
    @Test
    void aFrameTakesTheFormOfAnSvgFile() {
        Room room = Room.start(browser.window(), "Own form", "kite-01.jpg");
        room.step("Dress");
        room.frame(1).click();
        Locator file = room.page.getByLabel("SVG file with an outline");
        file.setInputFiles(svg("<text x='1' y='5'>Kites</text><path d='M10 0 L20 30 0 30 Z'/>"));
        assertThat(room.page.getByText("Not used of tent.svg: text.")).isVisible();
        assertThat(room.button("Undo: Change the form of a frame")).isEnabled();
        assertThat(room.field("Form").locator("option:checked")).hasText("tent");
        file.setInputFiles(svg("<text>only words</text>"));
        assertThat(room.page.getByText("There is no closed shape in this SVG file."))
                .isVisible();
        JsonNode outline = room.stored().path("items").get(0).path("outline");
        assertThat(outline.path("data").asString()).startsWith("M 0.5000 0.0000 L 0.0000 1.0000 L 1.0000 1.0000");
    }

    private static FilePayload svg(String content) {
        String text = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 30'>" + content + "</svg>";
        return new FilePayload("tent.svg", "image/svg+xml", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void wordsAreBentAndAnOrnamentLiesAsGlassOnWhatIsBehind() {
        Room room = Room.start(browser.window(), "Bent", "kite-01.jpg");
        room.step("Dress");
        room.button("Text").click();
        assertThat(room.field("Words on the page")).isFocused();
        room.page.keyboard().type("Over the gate");
        room.page.keyboard().press("Escape");
        assertThat(room.buttonLike("words, Over the gate")).isVisible();
        room.field("The line runs").selectOption("bent upwards");
        assertThat(room.button("Undo: Change how words look")).isEnabled();
        Locator bend = room.page.getByLabel("How much it is bent, slider");
        bend.scrollIntoViewIfNeeded();
        room.page.waitForResponse(answer -> answer.url().endsWith("/edits"), () -> bend.press("ArrowRight"));
        assertThat(last(room).path("fill").path("course").path("degrees").asInt())
                .isEqualTo(95);
        room.toPage();
        room.field("Put on the page").selectOption("tape, stamps, buttons");
        room.button("Postmark").click();
        assertThat(room.buttonLike("^Frame \\d+: Postmark")).isVisible();
        room.part("Solid or seen through");
        room.field("On what is behind").selectOption("as stained glass: darker");
        assertThat(room.button("Undo: Blend a frame")).isEnabled();
        room.painted();
        Object blended = room.page.evaluate(
                "() => getComputedStyle([...document.querySelectorAll('[data-testid=sprite]')].at(-1)).mixBlendMode");
        assertThat(blended).isEqualTo("multiply");
        room.buttonLike("^Frame \\d+: Postmark").press("Delete");
        assertThat(room.page.getByText("The ornament is gone.")).isVisible();
    }
}
