package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

/** From photos on a disk to a file for the print shop: by mouse, and again by keyboard alone. */
@ExtendWith(TestServer.class)
class WholePathTest {
    @RegisterExtension
    final Browser browser = new Browser();

    @Test
    void byMouse() throws IOException {
        Page page = browser.window();
        page.navigate(TestServer.address());
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New piece"))
                .click();
        Room room = new Room(page);
        page.getByPlaceholder("Summer by the sea").fill("Six kites");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^An album")))
                .click();
        room.button("30 × 30\u2009cm").click();
        room.field("Height").fill("20");
        room.buttonLike("^Margin").click();
        room.field("Margin").fill("35in/5 - 16cm");
        room.button("Start this piece").click();
        assertThat(page.getByText("No photos yet.")).isVisible();
        Path[] files = Room.photos("kite-", 6);
        FileChooser chooser = page.waitForFileChooser(room.button("Bring in photos")::click);
        chooser.setFiles(files);
        assertThat(page.getByText("6 brought in")).isVisible();

        room.step("Arrange");
        assertThat(room.field("Margin")).hasValue("1.78\u2009cm");
        room.set("Columns", "3");
        room.buttonLike("^Flow 6 waiting").click();
        room.saved();
        assertThat(room.frame(6)).hasAttribute("aria-label", Pattern.compile("kite-06"));
        room.drag(room.frame(1), room.frame(5));
        room.saved();
        assertThat(room.frame(1)).hasAttribute("aria-label", Pattern.compile("kite-05"));
        assertThat(room.shown(5)).isEqualTo("kite-01.jpg");
        room.drag(room.buttonLike("^Place kite-02"), room.frame(3));
        assertThat(room.frame(3)).hasAttribute("aria-label", Pattern.compile("kite-02"));

        cropByMouse(room);
        room.field("Caption").fill("Grounded, at last");
        room.field("Caption").blur();
        room.saved();

        room.frame(2).press("Escape");
        room.step("Dress");
        room.set("Border width", "2mm");
        room.step("Check");
        assertThat(page.getByText("to look at").or(page.getByText("Nothing found")))
                .isVisible();

        room.step("Make");
        checkPdf(room.make(), "Six kites, 1 page.pdf", 300);
        page.getByLabel("File", new Page.GetByLabelOptions().setExact(true)).selectOption("JPEG");
        room.set("Resolution (ppi)", "150");
        checkJpeg(room.make(), "Six kites, page 1, 1772 x 1181 px.jpg", 1772, 1181);

        page.reload();
        room.ready();
        assertThat(room.button("Undo: Change the frames")).isEnabled();
        room.button("Undo: Change the frames").click();
        assertThat(room.button("Undo: Write a caption")).isEnabled();
        assertThat(room.button("Redo: Change the frames")).isEnabled();
    }

    private static void cropByMouse(Room room) {
        room.frame(2).dblclick();
        Locator crop = room.page.getByTestId("crop");
        BoundingBox box = crop.boundingBox();
        room.page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        room.page.mouse().wheel(0, -400);
        assertThat(crop).hasAttribute("aria-label", Pattern.compile("zoom 1[5-9]\\d percent"));
        room.page.mouse().down();
        room.page
                .mouse()
                .move(box.x + box.width / 2 + 20, box.y + box.height / 2 + 10, new Mouse.MoveOptions().setSteps(5));
        room.page.mouse().up();
        room.button("Done").click();
        room.saved();
        assertThat(room.field("Centre across (%)")).not().hasValue("50");
        assertThat(room.field("Zoom (%)")).not().hasValue("100");
    }

    @Test
    void byKeyboardAlone() throws IOException {
        Page page = browser.window();
        Keyboard keys = page.keyboard();
        page.navigate(TestServer.address());
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open The kite summer")))
                .isVisible();
        tabTo(page, "New piece");
        keys.press("Enter");
        assertThat(page.getByPlaceholder("Summer by the sea")).isFocused();
        keys.type("Keys only");
        keys.press("Enter");
        Room room = new Room(page);
        assertThat(page.getByText("No photos yet.")).isVisible();

        tabTo(page, "Bring in photos");
        FileChooser chooser = page.waitForFileChooser(() -> keys.press("Enter"));
        chooser.setFiles(Room.photos("pot-", 4));
        assertThat(page.getByText("4 brought in")).isVisible();
        tabTo(page, "Arrange");
        keys.press("Enter");
        room.ready();
        tabTo(page, "Flow 4 waiting into the frames");
        keys.press("Enter");
        assertThat(room.frame(4)).hasAttribute("aria-label", Pattern.compile("pot-04"));
        tabTo(page, "Rows");
        keys.press("ArrowUp");
        room.saved();
        assertThat(room.frames()).hasCount(6);

        tabTo(page, "Frame 1:");
        keys.press("Control+ArrowRight");
        assertThat(room.frame(2)).hasAttribute("aria-label", Pattern.compile("pot-01"));
        assertThat(room.frame(2)).isFocused();
        keys.press("+");
        keys.press("+");
        keys.press("]");
        keys.press("Shift+ArrowLeft");
        room.saved();
        assertThat(room.field("Zoom (%)")).hasValue("121");
        assertThat(room.field("Turn (°)")).hasValue("1");
        keys.press("Enter");
        assertThat(page.getByTestId("crop")).isFocused();
        keys.press("ArrowDown");
        keys.press("Enter");
        room.saved();
        assertThat(page.getByTestId("crop")).not().isVisible();
        room.frame(2).focus();
        keys.press("Shift+F6");
        tabTo(page, "Caption");
        keys.press("Control+a");
        keys.type("Tidepool bowl");
        keys.press("Enter");
        room.saved();
        // Enter goes on to the next photo's words.
        assertThat(room.field("Caption")).isFocused();
        assertThat(room.frame(3)).hasAttribute("aria-pressed", "true");
        room.frame(2).focus();
        assertThat(room.field("Caption")).hasValue("Tidepool bowl");

        room.frame(4).focus();
        keys.press("Delete");
        assertThat(room.frame(4)).hasAttribute("aria-label", Pattern.compile("empty"));
        keys.press("Control+z");
        assertThat(room.frame(4)).hasAttribute("aria-label", Pattern.compile("pot-04"));
        keys.press("Control+Shift+Z");
        assertThat(room.frame(4)).hasAttribute("aria-label", Pattern.compile("empty"));

        tabTo(page, "Copy this page");
        keys.press("Enter");
        assertThat(page.getByText("page 1 of 2")).isVisible();
        keys.press("PageDown");
        assertThat(page.getByText("page 2 of 2")).isVisible();
        keys.press("F6");
        keys.press("5");
        tabTo(page, "Make the file");
        keys.press("Enter");
        Locator made = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Keys only, 2 pages.pdf"));
        assertThat(made).isVisible();
        made.focus();
        checkPdf(page.waitForDownload(() -> keys.press("Enter")), "Keys only, 2 pages.pdf", 900);
        keys.press("F6");
        keys.press("?");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Keys").setExact(true)))
                .isVisible();
        keys.press("Escape");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Keys").setExact(true)))
                .not()
                .isVisible();
    }

    /** Presses Tab until the thing whose name starts so has the focus; all that it passes must show a focus ring. */
    private static void tabTo(Page page, String name) {
        for (int i = 0; i < 150; i++) {
            page.keyboard().press("Tab");
            String focused = (String)
                    page.evaluate(
                            "() => { const e = document.activeElement; return e === document.body ? '' : "
                                    + "(e.getAttribute('aria-label') || (e.labels && e.labels[0] && e.labels[0].textContent) || e.textContent || '').trim() }");
            if (focused.startsWith(name)) {
                Object ring = page.evaluate("() => getComputedStyle(document.activeElement).outlineStyle");
                assertThat(ring).as("focus ring of %s", name).isNotEqualTo("none");
                return;
            }
        }
        throw new AssertionError("Tab never came to " + name);
    }

    private static void checkPdf(Download download, String name, double widthMm) throws IOException {
        assertThat(download.suggestedFilename()).isEqualTo(name);
        try (PDDocument document = Loader.loadPDF(download.path().toFile())) {
            assertThat(document.getPage(0).getTrimBox().getWidth() * 25.4 / 72).isCloseTo(widthMm, within(0.01));
            assertThat(document.getPage(0).getMediaBox().getWidth() * 25.4 / 72).isCloseTo(widthMm + 6, within(0.01));
        }
    }

    private static void checkJpeg(Download download, String name, int width, int height) throws IOException {
        assertThat(download.suggestedFilename()).isEqualTo(name);
        var image = ImageIO.read(download.path().toFile());
        assertThat(image.getWidth()).isEqualTo(width);
        assertThat(image.getHeight()).isEqualTo(height);
    }
}
