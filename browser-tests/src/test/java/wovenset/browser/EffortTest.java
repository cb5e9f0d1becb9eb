package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

/** What it takes to get from nothing to a file: a click, a key, a drag and a typed word count one each, the system's chooser nothing. */
@ExtendWith(TestServer.class)
class EffortTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private int effort;

    private Room shelf() {
        Page page = browser.window();
        page.navigate(TestServer.address());
        effort = 0;
        return new Room(page);
    }

    private void click(Locator thing) {
        thing.click();
        effort++;
    }

    private void key(Page page, String key) {
        page.keyboard().press(key);
        effort++;
    }

    private void begin(Room room, String intention) {
        click(room.button("New piece").first());
        Locator chosen = room.page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^" + intention)));
        if (!"true".equals(chosen.getAttribute("aria-checked"))) {
            click(chosen);
        }
        click(room.button("Start this piece"));
        assertThat(room.page.getByText("No photos yet.")).isVisible();
    }

    private void bring(Room room, Path... files) {
        FileChooser chooser = room.page.waitForFileChooser(() -> click(room.button("Bring in photos")));
        chooser.setFiles(files);
        assertThat(room.page.getByText(files.length + " brought in")).isVisible();
    }

    private Download made(Room room) {
        click(room.button("Make"));
        click(room.button("Make the file"));
        Locator made =
                room.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("\\.pdf$")));
        return room.page.waitForDownload(() -> click(made.first()));
    }

    private static int pages(Download file, double widthMm, double heightMm) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.path().toFile())) {
            var trim = document.getPage(0).getTrimBox();
            assertThat(trim.getWidth() * 25.4 / 72).isCloseTo(widthMm, within(0.02));
            assertThat(trim.getHeight() * 25.4 / 72).isCloseTo(heightMm, within(0.02));
            return document.getNumberOfPages();
        }
    }

    @Test
    void aWallOfSixteenPhotosWithCaptionsFromTheirNamesAndATitle() throws IOException {
        Room room = shelf();
        begin(room, "A wall piece");
        bring(room, Room.photos("kite-", 16));
        click(room.button("Captions from names"));
        assertThat(room.button("Captions from names")).hasCount(0);
        click(room.button("All 16 on this page"));
        assertThat(room.frames()).hasCount(16);
        click(room.button("Title on top"));
        assertThat(room.field("Words on the page")).isFocused();
        room.page.keyboard().type("Eleven days");
        effort += 2;
        key(room.page, "Escape");
        assertThat(room.buttonLike("words, Eleven days")).isVisible();
        room.painted();
        assertThat(pages(made(room), 900, 600)).isEqualTo(1);
        assertThat(effort).isLessThanOrEqualTo(20);
    }

    @Test
    void anAlbumOfTwentyFivePhotosTwoAPageWithATitlePageAndFiveCaptions() throws IOException {
        Room room = shelf();
        begin(room, "An album");
        Path[] photos = Stream.concat(Stream.of(Room.photos("kite-", 22)), Stream.of(Room.photos("pot-", 3)))
                .toArray(Path[]::new);
        bring(room, photos);
        room.field("On each page").selectOption("2");
        effort++;
        click(room.button("Make the album"));
        assertThat(room.page.getByText("page 1 of 12")).isVisible();
        click(room.button("Pages of words"));
        click(room.button("A title page in front"));
        assertThat(room.page.getByText("page 1 of 13")).isVisible();
        click(room.button("Gather"));
        click(room.button("Captions of all photos"));
        click(room.button("Type them one by one …"));
        for (int i = 0; i < 5; i++) {
            room.page.keyboard().type("Flight");
            effort++;
            key(room.page, "Enter");
        }
        assertThat(room.button("Undo: Write a caption")).isEnabled();
        key(room.page, "Escape");
        assertThat(pages(made(room), 210, 210)).isEqualTo(13);
        assertThat(effort).isLessThanOrEqualTo(25);
    }

    @Test
    void threeCanvasesFromOnePhoto() throws IOException {
        Room room = shelf();
        begin(room, "Several canvases");
        bring(room, Room.photos("kite-02", 1));
        click(room.button("3 canvases, a page each"));
        assertThat(room.page.getByText("page 1 of 3")).isVisible();
        room.painted();
        assertThat(pages(made(room), 400, 600)).isEqualTo(3);
        assertThat(effort).isLessThanOrEqualTo(15);
    }

    /** Four on each of two sheets, whichever way more of them fit. */
    @Test
    void eightPrintsToCutOnTwoSheets() throws IOException {
        Room room = shelf();
        begin(room, "Prints to cut");
        bring(room, Room.photos("kite-", 8));
        assertThat(room.field("Copies of each")).hasValue("1");
        click(room.buttonLike("^Flow \\d waiting into the frames"));
        click(room.button("Arrange"));
        assertThat(room.page.getByText("page 1 of 2")).isVisible();
        assertThat(room.frames()).hasCount(4);
        assertThat(pages(made(room), 210, 297)).isEqualTo(2);
        assertThat(effort).isLessThanOrEqualTo(15);
    }

    @Test
    void nineProductsWithTheirPrices() throws IOException {
        Room room = shelf();
        begin(room, "Products or prices");
        bring(room, Room.photos("pot-", 9));
        click(room.buttonLike("^Flow \\d waiting into the frames"));
        click(room.button("Arrange"));
        click(room.frame(1));
        click(room.field("Caption"));
        key(room.page, "Control+a");
        for (int i = 1; i <= 9; i++) {
            room.page.keyboard().type("Bowl " + i * 9);
            effort += 2;
            key(room.page, "Enter");
        }
        assertThat(room.frame(9)).hasAttribute("aria-pressed", "true");
        assertThat(pages(made(room), 210, 297)).isEqualTo(1);
        assertThat(effort).isLessThanOrEqualTo(40);
    }

    /** A round photo in a ring, a ribbon below it, and its title along the ribbon's curve. */
    @Test
    void aCardWithARingAndATitleOnARibbon() throws IOException {
        Room room = shelf();
        begin(room, "A card");
        bring(room, Room.photos("kite-04", 1));
        click(room.button("On this page"));
        assertThat(room.frames()).hasCount(1);
        click(room.button("Dress"));
        click(room.frame(1));
        room.field("Form").selectOption("in a ring");
        effort++;
        assertThat(room.field("Outer leaves")).isVisible();
        click(room.buttonLike("^the page"));
        room.field("Put on the page").selectOption("ribbons and labels for words");
        effort++;
        click(room.button("Arched ribbon"));
        assertThat(room.field("Words")).isFocused();
        room.page.keyboard().type("Eleven days");
        effort += 2;
        key(room.page, "Enter");
        assertThat(room.buttonLike("Arched ribbon, Eleven days")).isVisible();
        Download file = made(room);
        assertThat(pages(file, 148, 105)).isEqualTo(1);
        try (PDDocument document = Loader.loadPDF(file.path().toFile())) {
            assertThat(new PDFTextStripper().getText(document)).contains("Eleven days");
        }
        assertThat(effort).isLessThanOrEqualTo(25);
    }

    /** Goes on with Tab or F6 until this has the focus. */
    private void reach(Page page, Locator wanted, String key) {
        for (int i = 0; i < 40; i++) {
            if ((boolean) wanted.evaluate("(one) => one === document.activeElement")) {
                return;
            }
            key(page, key);
        }
        assertThat(wanted).isFocused();
    }

    /** By keyboard alone; the photos come by the system's chooser. */
    @Test
    void twelvePhotosWithoutAMouse() throws IOException {
        Room room = shelf();
        Page page = room.page;
        reach(page, room.button("New piece").first(), "Tab");
        key(page, "Enter");
        reach(page, room.button("Start this piece"), "Tab");
        key(page, "Enter");
        assertThat(page.getByText("No photos yet.")).isVisible();
        reach(page, room.button("Bring in photos"), "Tab");
        FileChooser chooser = page.waitForFileChooser(() -> key(page, "Enter"));
        chooser.setFiles(Room.photos("kite-", 12));
        assertThat(page.getByText("12 brought in")).isVisible();
        reach(page, room.button("All 12 on this page"), "Tab");
        key(page, "Enter");
        assertThat(room.frames()).hasCount(12);
        reach(page, room.button("Make"), "Tab");
        key(page, "Enter");
        reach(page, room.button("Make the file"), "Tab");
        key(page, "Enter");
        Locator made = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("\\.pdf$")))
                .first();
        assertThat(made).isVisible();
        reach(page, made, "Tab");
        Download file = page.waitForDownload(() -> key(page, "Enter"));
        assertThat(pages(file, 900, 600)).isEqualTo(1);
        assertThat(effort).isLessThanOrEqualTo(90);
    }
}
