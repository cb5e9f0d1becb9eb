package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** Words on the page: written where they stand, dressed, and printed as words; and the look of frames beside them. */
@ExtendWith(TestServer.class)
class WordsTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private Room photos(String name) {
        return Room.placed(browser.window(), name, "kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
    }

    private static JsonNode words(Room room) {
        for (JsonNode item : room.stored().path("items")) {
            if (item.path("fill").path("kind").asString("").equals("words")) {
                return item;
            }
        }
        throw new AssertionError("no words");
    }

    private static Locator writing(Room room) {
        return room.field("Words on the page");
    }

    @Test
    void aTitleTakesItsRoomAndIsPrintedAsWords() throws IOException {
        Room room = photos("Eleven days of wind");
        double before = room.scene().path("frames").get(0).path("box").path("y").asDouble();
        room.button("Title on top").click();
        assertThat(writing(room)).isFocused();
        assertThat(writing(room)).hasValue("Eleven days of wind");
        room.page.keyboard().type("Last boat home, 4 of us");
        room.page.keyboard().press("Escape");
        room.saved();
        assertThat(writing(room)).hasCount(0);
        assertThat(room.buttonLike("words, Last boat home, 4 of us.*across the page$"))
                .isFocused();
        assertThat(room.scene().path("frames").get(0).path("box").path("y").asDouble())
                .isGreaterThan(before + 5);
        room.painted();
        room.step("Make");
        Download file = room.make();
        try (PDDocument pdf = Loader.loadPDF(file.path().toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Last boat home, 4 of us");
        }
        room.step("Arrange");
        room.buttonLike("words, Last boat").press("Delete");
        room.saved();
        assertThat(room.scene().path("frames").get(0).path("box").path("y").asDouble())
                .isEqualTo(before);
    }

    @Test
    void aFrameOfWordsBecomesAsHighAsTheyNeed() {
        Room room = photos("As high as its words");
        room.button("Text").click();
        assertThat(writing(room)).isFocused();
        room.page.keyboard().type("Eleven days");
        room.page.keyboard().press("Escape");
        room.saved();
        double before = height(room);
        room.button("As high as its words").click();
        assertThat(room.button("Undo: Make a frame as high as the words")).isEnabled();
        room.saved();
        assertThat(height(room)).isLessThan(0.6 * before);
    }

    private static double height(Room room) {
        JsonNode items = room.stored().path("items");
        return items.get(items.size() - 1)
                .path("placement")
                .path("box")
                .path("height")
                .asDouble();
    }

    @Test
    void captionsAreWrittenBelowTheirPhotosOneAfterTheOther() {
        Room room = photos("Captions on the page");
        room.frame(1).click();
        BoundingBox frame = room.frame(1).boundingBox();
        room.page.mouse().dblclick(frame.x + frame.width / 2, frame.y + frame.height + 8);
        assertThat(room.field("Caption of frame 1")).isFocused();
        room.page.keyboard().type("Tall as 2");
        room.page.keyboard().press("Shift+Enter");
        room.page.keyboard().type("lighthouses");
        room.page.keyboard().press("Enter");
        assertThat(room.field("Caption of frame 2")).isFocused();
        room.page.keyboard().type("Taut");
        room.page.keyboard().press("Escape");
        room.saved();
        assertThat(room.frame(2)).isFocused();
        room.page.keyboard().press("F2");
        assertThat(room.field("Caption of frame 2")).hasValue("Taut");
        room.page.keyboard().type("Loose");
        // What is left by a press elsewhere is taken all the same.
        room.frame(3).click();
        room.saved();
        room.frame(2).click();
        assertThat(room.field("Caption")).hasValue("Loose");
        room.frame(1).click();
        assertThat(room.field("Caption")).hasValue("Tall as 2\nlighthouses");
    }

    @Test
    void aTextIsDressedMovedAndSharesItsLook() {
        Room room = photos("Texts");
        room.button("Text").click();
        assertThat(writing(room)).isFocused();
        room.page.keyboard().type("We flew");
        room.page.keyboard().press("Enter");
        room.page.keyboard().type("until the light went.");
        room.page.keyboard().press("Escape");
        room.saved();
        room.set("Size (pt)", "21");
        room.page.getByLabel("Bold").click();
        assertThat(room.page.getByLabel("Bold")).isChecked();
        room.buttonLike("^Typeface ").click();
        room.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Kalam"))
                .click();
        room.saved();
        JsonNode style = words(room).path("fill").path("style");
        assertThat(words(room).path("fill").path("text").asString()).isEqualTo("We flew\nuntil the light went.");
        assertThat(style.path("sizePt").asDouble()).isEqualTo(21);
        assertThat(style.path("weight").asString()).isEqualTo("BOLD");
        room.button("Pick up this look").click();
        room.button("the page ›").click();
        room.button("Line below").click();
        assertThat(writing(room)).isFocused();
        room.page.keyboard().press("Escape");
        room.saved();
        room.button("Put the look that was picked up on").click();
        room.saved();
        for (JsonNode item : room.stored().path("items")) {
            if (item.path("fill").path("kind").asString("").equals("words")) {
                assertThat(item.path("fill").path("style").path("typeface").asString())
                        .isEqualTo("Kalam");
            }
        }
        room.button("Across the top").click();
        room.saved();
        assertThat(room.buttonLike("words, Texts.*across the page$")).isVisible();
    }

    @Test
    void wordsStandInACellAndAnEmptyTextIsNotKept() {
        Room room = photos("Cells");
        room.frame(4).click();
        room.button("Write words in it").click();
        assertThat(writing(room)).isFocused();
        room.page.keyboard().type("No wind");
        room.page.keyboard().press("Escape");
        room.saved();
        assertThat(words(room).path("placement").path("kind").asString()).isEqualTo("inSlot");
        room.button("the page ›").click();
        int items = room.stored().path("items").size();
        room.button("Text").click();
        assertThat(writing(room)).isFocused();
        room.page.keyboard().press("Escape");
        assertThat(room.frames()).hasCount(items);
    }

    /** The vase on its dark wall fills the page: words over it are light, unless somebody darkens them. */
    @Test
    void wordsThatSinkIntoThePhotoBehindThemAreToldAndLiftedOut() {
        Room room = Room.start(browser.window(), "Sunk", "pot-06.jpg");
        room.button("On this page").click();
        assertThat(room.frames()).hasCount(1);
        room.step("Dress");
        room.button("Text").click();
        assertThat(writing(room)).isFocused();
        room.page.keyboard().type("Thrown in one breath");
        room.page.keyboard().press("Escape");
        Locator told = room.page.getByText("Close to what lies behind: hard to read there.");
        assertThat(room.field("Colour of the words")).isVisible();
        room.set("Colour of the words", "#3a2f2a");
        assertThat(told).isVisible();
        room.step("Check");
        assertThat(room.page.getByText("has words whose colour is too close to what lies behind them"))
                .isVisible();
        room.step("Dress");
        room.button("Take a colour that reads here").click();
        assertThat(told).isHidden();
        room.saved();
        assertThat(words(room).path("fill").path("style").path("colour").asString())
                .isEqualTo("#fffdf8");
    }

    /** One shadow for all while the slider moves; one frame's own is worn by another and put back. */
    @Test
    void aShadowIsSeenWhileItsSliderMovesAndALookIsPutOnOthers() {
        Room room = photos("Shadows");
        room.step("Dress");
        Locator slider = room.field("Shadow, slider");
        String before = room.frame(1).getAttribute("data-look");
        slider.scrollIntoViewIfNeeded();
        BoundingBox box = slider.boundingBox();
        room.page.mouse().move(box.x + 8, box.y + box.height / 2);
        room.page.mouse().down();
        room.page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        assertThat(room.frame(1)).not().hasAttribute("data-look", before);
        room.page.mouse().up();
        room.saved();
        room.page.getByLabel("Light comes from").selectOption("the right");
        room.saved();
        room.frame(1).click();
        room.set("Shadow (%)", "90");
        assertThat(room.button("Put back shadow")).isVisible();
        room.button("Pick up this look").click();
        room.frame(2).click();
        room.button("Put the look that was picked up on").click();
        room.saved();
        assertThat(room.field("Shadow (%)")).hasValue("90");
        room.button("Put back shadow").click();
        room.saved();
        assertThat(room.button("Put back shadow")).hasCount(0);
        assertThat(Integer.parseInt(room.field("Shadow (%)").inputValue())).isBetween(40, 60);
        assertThat(Pattern.matches("[0-9]+", room.field("Shadow (%)").inputValue()))
                .isTrue();
    }

    @Test
    void aWordOfPhotosIsMadeAndDressed() {
        Room room = Room.start(browser.window(), "Letters", "kite-01.jpg", "kite-02.jpg", "kite-04.jpg");
        room.step("Dress");
        room.set("Border width", "3");
        assertThat(room.button("Undo: Change the frames")).isEnabled();
        room.type("A word of photos", "sea");
        assertThat(room.button("Undo: Add “SEA” as frames")).isEnabled();
        assertThat(room.frames()).hasCount(3);
        room.painted();
        room.frame(2).click();
        assertThat(room.field("Form")).hasValue("traced");
        assertThat(room.field("Border width")).hasValue("3\u2009mm");
        room.toPage();
        room.type("A word of photos", "風");
        assertThat(room.page.getByText("The typeface has no “風”.").first()).isVisible();
    }

    @Test
    void wordsAreSpelledAndDatesWrittenInTheLanguageOfThePiece() {
        Room room = Room.placed(browser.window(), "Sprache", "kite-04.jpg");
        room.step("Dress");
        room.field("All words are in").selectOption("Deutsch");
        assertThat(room.button("Undo: Change the language")).isEnabled();
        room.frame(1).click();
        assertThat(room.field("Caption")).hasAttribute("lang", "de");
        room.step("Gather");
        room.part("Captions of all photos");
        room.field("Each photo’s words").fill("{date, EEEE, d. MMMM}");
        room.button("Write all 1").click();
        assertThat(room.page.locator("main li").first()).containsText("Samstag, 11. Juli");
    }

    @Test
    void lettersStandFurtherApart() {
        Room room = Room.placed(browser.window(), "Apart", "kite-04.jpg");
        room.step("Dress");
        room.button("Title on top").click();
        room.page.keyboard().type("Kites");
        room.page.keyboard().press("Escape");
        room.saved();
        room.set("Letter gap (%)", "30");
        assertThat(room.button("Undo: Change how words look")).isEnabled();
        room.page.reload();
        assertThat(room.field("Letter gap (%)")).hasValue("30");
        assertThat(TestServer.api().page(room.id(), 0).findValues("tracking"))
                .isNotEmpty()
                .allSatisfy(tracking -> assertThat(tracking.asDouble()).isEqualTo(0.3));
    }
}
