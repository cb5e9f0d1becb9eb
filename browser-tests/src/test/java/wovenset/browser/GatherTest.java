package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class GatherTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static List<String> order(Page page) {
        return page.locator("main li > button[data-drop]").all().stream()
                .map(photo -> photo.getAttribute("aria-label").replaceAll(",.*", ""))
                .toList();
    }

    @Test
    void refusedFilesAreNamedWithTheReasonWhileTheOthersGoOn() throws IOException {
        Room room = Room.start(browser.window(), "Refused");
        room.step("Gather");
        byte[] good = Files.readAllBytes(Room.PHOTOS.resolve("kite-04.jpg"));
        room.page.getByLabel("Photo files").setInputFiles(new FilePayload[] {
            new FilePayload("letter.jpg", "image/jpeg", "Dear aunt".getBytes(StandardCharsets.UTF_8)),
            new FilePayload("good.jpg", "image/jpeg", good),
            new FilePayload("again.jpg", "image/jpeg", good),
            new FilePayload("cut.jpg", "image/jpeg", Arrays.copyOf(good, 9000)),
        });
        assertThat(room.page.getByText("1 brought in, 1 there already, 2 refused"))
                .isVisible();
        assertThat(room.page.getByText(Pattern.compile("letter.jpg.*This is not a picture")))
                .isVisible();
        assertThat(room.page.getByText(Pattern.compile("cut.jpg.*cut short"))).isVisible();
        assertThat(room.page.getByText("1 photo, 1 not placed")).isVisible();
    }

    @Test
    void captionsOfAllComeFromAPatternAndThenFromATable() {
        Room room = Room.start(browser.window(), "Captions of all", "pot-01.jpg", "pot-02.jpg", "pot-03.jpg");
        room.step("Gather");
        room.part("Captions of all photos");
        room.field("Each photo’s words").fill("{number}. ");
        room.button("{file}").click();
        Locator samples = room.page.getByLabel("How the first ones will read");
        assertThat(samples.getByText("2. pot-02")).isVisible();
        room.button("Write all 3").click();
        assertThat(room.page.getByText("3 photos captioned.")).isVisible();
        assertThat(room.button("Undo: Caption 3 photos")).isEnabled();
        String table = "photo,name,price\npot-03.jpg,Egg cup,6\npot-01.jpg,Wide bowl,32\npot-77.jpg,Lost,1\n";
        room.page
                .getByLabel("Table of words")
                .setInputFiles(new FilePayload("prices.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
        assertThat(samples.getByText("Egg cup · 6")).isVisible();
        assertThat(room.page.getByText("Line 4: no photo is called “pot-77.jpg”"))
                .isVisible();
        room.button("Write all 2").click();
        assertThat(room.page.getByText("2 photos captioned.")).isVisible();
        JsonNode entries = TestServer.api().piece(room.id()).path("entries");
        assertThat(entries.valueStream().map(entry -> entry.path("caption").asString()))
                .containsExactly("Wide bowl · 32", "2. pot-02", "Egg cup · 6");
        room.field("Each photo’s words").fill("{cost}");
        assertThat(room.page.getByText(Pattern.compile("Nothing is called “cost” here")))
                .isVisible();
    }

    @Test
    void aTableIsTypedAndItsWordsFollowIt() {
        Room room = Room.start(browser.window(), "A table typed", "pot-01.jpg", "pot-02.jpg", "pot-03.jpg");
        Page page = room.page;
        room.step("Gather");
        room.part("Captions of all photos");
        room.button("Type a table of your own …").click();
        assertThat(room.field("name of photo 1")).isFocused();
        for (String name : new String[] {"Wide bowl", "Small bowl", "Egg cup"}) {
            page.keyboard().type(name);
            page.keyboard().press("Enter");
        }
        assertThat(row(page, 3)).containsText("Egg cup");
        room.field("price of photo 1").focus();
        page.evaluate(
                "() => document.activeElement.dispatchEvent(new ClipboardEvent('paste', { bubbles: true, cancelable: true,"
                        + " clipboardData: (() => { const data = new DataTransfer(); data.setData('text/plain', '32 €\\n18 €\\n'); return data })() }))");
        assertThat(row(page, 2)).containsText("Small bowl · 18 €");
        room.field("price of photo 2").fill("20 €");
        page.keyboard().press("Enter");
        assertThat(row(page, 2)).containsText("Small bowl · 20 €");
        room.field("Name of column 2").fill("net");
        page.keyboard().press("Enter");
        assertThat(room.field("How a row reads")).hasValue("{name} · {net}");
        // A line by hand stays, says so, and comes back.
        page.keyboard().press("Escape");
        room.buttonLike("^Type them one by one").click();
        room.field("Caption of photo 3, pot-03.jpg").fill("Sold");
        page.keyboard().press("Escape");
        page.keyboard().press("Escape");
        room.button("Your own table …").click();
        room.button("Add a column").click();
        assertThat(room.field("number of photo 3")).isVisible();
        assertThat(row(page, 3)).containsText("Egg cup");
        room.button("Take out the column number").click();
        assertThat(room.field("number of photo 3")).hasCount(0);
        assertThat(room.field("How a row reads")).hasValue("{name} · {net}");
        room.button("Undo: Change the table").click();
        assertThat(room.field("number of photo 3")).isVisible();
        page.reload();
        room.part("Captions of all photos");
        assertThat(page.getByLabel("How the first ones will read").getByText("Wide bowl · 32 €"))
                .isVisible();
    }

    private static Locator row(Page page, int photo) {
        return page.getByRole(AriaRole.ROW).nth(photo);
    }

    @Test
    void theTrayIsPutInOrderByKeyAndByDragging() {
        Room room = Room.start(browser.window(), "Order of the tray", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
        room.step("Arrange");
        assertThat(tray(room)).hasCount(3);
        room.buttonLike("^Place kite-01.jpg").press("Alt+ArrowRight");
        room.saved();
        assertThat(inTray(room)).containsExactly("kite-02.jpg", "kite-01.jpg", "kite-03.jpg");
        assertThat(room.buttonLike("^Place kite-01.jpg")).isFocused();
        room.page.keyboard().press("Alt+ArrowRight");
        room.saved();
        assertThat(inTray(room)).containsExactly("kite-02.jpg", "kite-03.jpg", "kite-01.jpg");
        room.drag(room.buttonLike("^Place kite-01.jpg"), room.buttonLike("^Place kite-02.jpg"));
        room.saved();
        assertThat(inTray(room)).containsExactly("kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
    }

    private static Locator tray(Room room) {
        return room.page.locator("[data-drop^='tray:']");
    }

    private static List<String> inTray(Room room) {
        return tray(room).all().stream()
                .map(photo -> photo.getAttribute("aria-label").replaceAll("^Place ([^,]+),.*", "$1"))
                .toList();
    }

    @Test
    void selectedPhotosAreLaidAsPrintsInOneSizeAndTheOthersInAnother() {
        Room room = Room.start(browser.window(), "Prints", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg");
        room.step("Gather");
        room.buttonLike("^kite-01.jpg,").click();
        room.buttonLike("^kite-02.jpg,")
                .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        room.part("Prints of exact size");
        room.set("Print width", "13 cm");
        room.set("Print height", "9 cm");
        room.button("Lay the 2 selected as prints").click();
        assertThat(room.frames()).hasCount(2);
        room.step("Gather");
        room.set("Print width", "400");
        room.button("Lay the 2 that wait as prints").click();
        assertThat(room.page.getByText(Pattern.compile("The sheet has room for prints of 280.mm × 180.mm at most")))
                .isVisible();
        room.type("Print width", "60");
        room.type("Print height", "90");
        room.button("Lay the 2 that wait as prints").click();
        assertThat(room.frames()).hasCount(4);
        assertThat(room.stored().path("items").valueStream().map(item -> {
                    JsonNode box = item.path("placement").path("box");
                    return Math.max(
                            box.path("width").asInt(), box.path("height").asInt());
                }))
                .containsExactly(130_000, 130_000, 90_000, 90_000);
        room.button("Undo: Lay 2 prints").click();
        assertThat(room.frames()).hasCount(2);
    }

    @Test
    void aFolderWithFoldersInItIsBroughtInAndItsPhotosPlaced(@TempDir Path folder) throws IOException {
        Files.createDirectories(folder.resolve("from the phone/deeper"));
        List<String> formats = List.of("webp", "tiff", "gif", "bmp", "png");
        for (String format : formats) {
            Files.write(
                    folder.resolve("from the phone/kite." + format),
                    TestPhotos.file(TestPhotos.scene(640, 480, format.hashCode()), format));
        }
        Files.write(folder.resolve("from the phone/deeper/last.jpg"), TestPhotos.jpeg(640, 480, 7001));
        Files.writeString(folder.resolve("shopping list.txt"), "clay, glaze");
        Room room = Room.start(browser.window(), "Folder");
        room.step("Gather");
        room.page.getByLabel("Photo folder").setInputFiles(folder);
        assertThat(room.page.getByText("6 brought in, 1 refused")).isVisible();
        assertThat(room.page.getByText(Pattern.compile("shopping list.txt.*This is not a picture")))
                .isVisible();
        room.step("Arrange");
        room.button("Add a page").click();
        room.saved();
        room.buttonLike("^Flow 6 waiting").click();
        room.saved();
        room.painted();
        for (int page = 1; page <= 2; page++) {
            room.button("Page " + page).click();
            assertThat(room.page.getByTestId("sprite")).hasCount(page == 1 ? 4 : 2);
            room.painted();
        }
        assertThat(room.page.getByText("cannot be read")).hasCount(0);
    }

    @Test
    void filesAreDroppedOnTheTable() throws IOException {
        Room room = Room.start(browser.window(), "Dropped");
        room.page.navigate(room.page.url() + "/gather");
        assertThat(room.page.getByText("No photos yet")).isVisible();
        String base64 = Base64.getEncoder().encodeToString(Files.readAllBytes(Room.PHOTOS.resolve("kite-04.jpg")));
        room.page.evaluate(
                """
                (base64) => {
                  const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))
                  const dataTransfer = new DataTransfer()
                  dataTransfer.items.add(new File([bytes], 'dropped.jpg', { type: 'image/jpeg' }))
                  const target = document.querySelector('main')
                  for (const type of ['dragover', 'drop']) target.dispatchEvent(new DragEvent(type, { dataTransfer, bubbles: true, cancelable: true }))
                }""",
                base64);
        assertThat(room.page.getByText("1 brought in")).isVisible();
        assertThat(room.page.getByText("Lunch on the checked cloth")).isVisible();
    }

    @Test
    void theTableIsOrderedByHandAndByTime() {
        Room room = Room.start(browser.window(), "Table", "kite-14.jpg", "kite-04.jpg", "kite-08.jpg");
        Page page = room.page;
        page.navigate(page.url() + "/gather");
        assertThat(page.locator("main li")).hasCount(3);
        assertThat(order(page)).containsExactly("kite-14.jpg", "kite-04.jpg", "kite-08.jpg");
        assertThat(page.getByTitle(Pattern.compile("Saturday,? 11 July 2026"))).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("In order of time"))
                .click();
        assertThat(page.locator("main li").first()).containsText("Lunch");
        assertThat(order(page)).containsExactly("kite-04.jpg", "kite-08.jpg", "kite-14.jpg");
        page.locator("main li > button[data-drop]").first().focus();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.locator("main li").first()).containsText("The box kite");
        page.keyboard().press("Alt+ArrowRight");
        assertThat(page.locator("main li").nth(1)).containsText("Weather coming in");
        page.keyboard().press("Alt+ArrowLeft");
        assertThat(page.locator("main li").nth(1)).containsText("Lunch");
        room.drag(
                page.locator("main li > button[data-drop]").nth(2),
                page.locator("main li > button[data-drop]").nth(0));
        assertThat(page.locator("main li").first()).containsText("Weather coming in");
        page.reload();
        assertThat(page.locator("main li")).hasCount(3);
        assertThat(order(page)).containsExactly("kite-14.jpg", "kite-08.jpg", "kite-04.jpg");
    }

    @Test
    void takingAPhotoOutSaysWhereItWasUsedAndCanBeUndone() {
        Room room = Room.start(browser.window(), "Take out", "kite-04.jpg", "kite-08.jpg");
        room.buttonLike("^Flow 2 waiting").click();
        room.saved();
        Page page = room.page;
        page.navigate(page.url() + "/gather");
        Locator photos = page.locator("main li");
        assertThat(photos.first()).containsText("page 1");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take kite-04.jpg out"))
                .click();
        assertThat(page.getByText("kite-04.jpg is taken out. It was on page 1; its frame is empty now."))
                .isVisible();
        assertThat(photos).hasCount(1);
        page.getByRole(AriaRole.STATUS)
                .getByText("Undo", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(photos).hasCount(2);
        assertThat(photos.first()).containsText("page 1");
        photos.first().getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText(Pattern.compile("11 July 2026.*12:31 \\(UTC \\+ 1\\)")))
                .isVisible();
    }

    @Test
    void captionsAreTypedOneAfterTheOther() {
        Room room = Room.start(browser.window(), "Typed", "kite-04.jpg", "kite-05.jpg", "kite-09.jpg", "kite-13.jpg");
        Page page = room.page;
        page.navigate(page.url() + "/gather");
        assertThat(page.locator("main li")).hasCount(4);
        room.part("Captions of all photos");
        room.buttonLike("^Type them one by one").click();
        assertThat(page.getByText("3 of 4 have no words yet.")).isVisible();
        // The first photo brings words of its own.
        assertThat(room.field("Caption of photo 2, kite-05.jpg")).isFocused();
        for (String words : new String[] {"Blue and yellow", "Over the dunes", "Two at once"}) {
            page.keyboard().type(words);
            page.keyboard().press("Enter");
        }
        assertThat(page.getByText("All photos have words.")).isVisible();
        page.keyboard().press("Control+ArrowUp");
        assertThat(room.field("Caption of photo 3, kite-09.jpg")).isFocused();
        page.keyboard().type("Over");
        page.keyboard().press("Escape");
        assertThat(room.field("Caption of photo 3, kite-09.jpg")).hasValue("Over the dunes");
        // The photo moves in the order, and what is typed goes on in it.
        page.keyboard().press("Alt+ArrowUp");
        assertThat(room.field("Caption of photo 2, kite-09.jpg")).isFocused();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(room.field("Caption of photo 3, kite-09.jpg")).isFocused();
        page.keyboard().press("Escape");
        assertThat(page.getByText("All photos have words.")).hasCount(0);
        assertThat(page.locator("main li").nth(2)).containsText("Over the dunes");
        page.reload();
        assertThat(page.locator("main li").nth(3)).containsText("Two at once");
    }

    @Test
    void aScanOfTwoPrintsBecomesTwoPhotos() {
        Room room = Room.start(browser.window(), "Scan");
        TestServer.api().bring(room.id(), Map.of("album page.jpg", TestPhotos.scan()));
        room.page.reload();
        room.step("Gather");
        room.buttonLike("^album page.jpg,").click();
        room.button("A scan of several prints …").click();
        Locator prints = room.page.getByLabel("Prints", new Page.GetByLabelOptions().setExact(true));
        assertThat(prints.getByRole(AriaRole.LISTITEM)).hasCount(2);
        room.button("Another print").click();
        room.button("Leave out print 3").click();
        room.buttonLike("^Lower right corner of print 1").press("ArrowLeft");
        room.button("Make 2 photos").click();
        assertThat(room.buttonLike("^album page, print 1.jpg,")).isVisible();
        assertThat(room.buttonLike("^album page, print 2.jpg,")).isVisible();
        room.saved();
        JsonNode entries = TestServer.api().piece(room.id()).path("entries");
        assertThat(entries.valueStream().map(entry -> entry.path("aside").asBoolean()))
                .containsExactly(true, false, false);
        room.page.keyboard().press("Control+z");
        assertThat(room.buttonLike("^album page, print 1.jpg,")).hasCount(0);
        assertThat(TestServer.api().piece(room.id()).path("entries")).hasSize(1);
    }

    /** 2.4 m of sofa: two thirds are 160 cm, less two gaps of 5 cm; a third of that is 50 cm. */
    @Test
    void aSetForTheWallIsSizedFilledAndDressedAtOnce() {
        Room room = Room.start(browser.window(), "Over the sofa");
        TestServer.api()
                .bring(
                        room.id(),
                        Map.of(
                                "1.jpg", TestPhotos.jpeg(900, 600, 71),
                                "2.jpg", TestPhotos.jpeg(600, 900, 72),
                                "3.jpg", TestPhotos.jpeg(800, 800, 73)));
        room.page.reload();
        room.step("Gather");
        room.part("A set for the wall");
        room.type("Wall or sofa, wide", "240 cm");
        room.type("Apart", "5 cm");
        room.field("Shape").selectOption("square");
        room.field("Finish").selectOption("TWO_TONES");
        assertThat(room.page.getByText("together 1600")).isVisible();
        room.button("Make this set").click();
        assertThat(room.page.getByText("page 1 of 3")).isVisible();
        room.saved();
        JsonNode format = TestServer.api().piece(room.id()).path("head").path("format");
        assertThat(format.path("width").asLong()).isEqualTo(500_000);
        assertThat(format.path("height").asLong()).isEqualTo(500_000);
        room.step("Gather");
        room.page
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("One photo over all"))
                .click();
        room.button("Make this set").click();
        room.saved();
        room.page.keyboard().press("Control+z");
        room.page.keyboard().press("Control+z");
        assertThat(room.page.getByText(Pattern.compile("^300 × 200"))).isVisible();
        room.saved();
        assertThat(TestServer.api().piece(room.id()).path("pages")).hasSize(1);
    }
}
