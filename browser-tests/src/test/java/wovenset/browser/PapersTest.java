package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** Papers under pictures, photos as grounds, boxes and lines, styles that words share. */
@ExtendWith(TestServer.class)
class PapersTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static JsonNode last(Room room) {
        JsonNode items = room.stored().path("items");
        return items.get(items.size() - 1);
    }

    private static Locator papers(Room room, String name) {
        return room.page
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Papers"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    /** They are tried by a look, changed for all that lie on them, and taken away again. */
    @Test
    void threePicturesLieOnTwoPapers() {
        Room room = Room.placed(browser.window(), "Triptych", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg");
        room.step("Dress");
        room.frame(1).click();
        for (int frame = 2; frame <= 3; frame++) {
            room.frame(frame).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        }
        int units = room.scene().path("units").size();
        room.part("Papers under it");
        papers(room, "Woad edge").hover();
        papers(room, "Cream on kraft").click();
        assertThat(room.button("Undo: Lay 3 pictures on papers")).isEnabled();
        assertThat(papers(room, "Cream on kraft")).hasAttribute("aria-pressed", "true");
        assertThat(room.scene().path("units").size()).isEqualTo(units + 1);
        room.set("Upper paper is seen by", "8");
        assertThat(room.button("Undo: Change the papers")).isEnabled();
        JsonNode item = room.stored().path("items").get(0);
        assertThat(item.path("kind").asString()).isEqualTo("group");
        assertThat(item.path("children").size()).isEqualTo(3);
        room.button("Another below").click();
        assertThat(room.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Third paper")))
                .isVisible();
        room.button("No papers").click();
        assertThat(room.button("Undo: Take the papers away")).isEnabled();
        assertThat(room.scene().path("units").size()).isEqualTo(units);
    }

    @Test
    void aPhotoCoversThePageSoftenedAndVeiled() {
        Room room = Room.placed(browser.window(), "Ground", "kite-01.jpg", "kite-02.jpg");
        room.step("Dress");
        room.button("A photo …").click();
        room.button("Cover the page with kite-02.jpg").click();
        assertThat(room.button("Undo: Change the ground")).isEnabled();
        assertThat(room.field("The ground of").locator("option:checked")).hasText("this page alone");
        room.set("Veil (%)", "70");
        assertThat(room.field("Veil (%)")).hasValue("70");
        room.saved();
        JsonNode ground = room.stored().path("ground");
        assertThat(ground.path("kind").asString()).isEqualTo("pictured");
        assertThat(ground.path("strength").asDouble()).isEqualTo(0.7);
        assertThat(ground.path("softness").asInt()).isPositive();
        room.button("No photo").click();
        assertThat(room.button("A photo …")).isVisible();
        room.saved();
        assertThat(room.stored().path("ground").path("kind").asString()).isEqualTo("common");
    }

    /** What is written beside a photo takes of its width; a photo that grows faint leaves its words as they are. */
    @Test
    void wordsStandBesideAPhotoThatGrowsFaint() {
        Room room = Room.placed(browser.window(), "Beside", "kite-01.jpg");
        room.step("Dress");
        room.field("Words stand").selectOption("with each photo, written or not");
        assertThat(room.button("Undo: Change the captions")).isEnabled();
        room.field("Where").selectOption("beside the photo, at its right");
        assertThat(room.field("Room beside the photo")).isVisible();
        room.saved();
        double before =
                room.scene().path("frames").get(0).path("box").path("width").asDouble();
        room.set("Room beside the photo", "6 cm");
        assertThat(room.field("Lines at most")).isHidden();
        double after =
                room.scene().path("frames").get(0).path("box").path("width").asDouble();
        assertThat(before - after).isCloseTo(20, within(0.01));
        room.set("Room beside the photo", "1 mm");
        assertThat(room.page.getByText("The room for words beside a photo is 8 to 300 mm wide."))
                .isVisible();
        room.frame(1).click();
        room.field("Grows faint").selectOption("towards a side");
        assertThat(room.button("Undo: Fade a frame")).isEnabled();
        room.field("Towards").selectOption("the right side");
        room.set("Solid until (%)", "30");
        assertThat(room.field("Solid until (%)")).hasValue("30");
        room.saved();
        JsonNode fading = room.stored().path("items").get(0).path("look").path("fading");
        assertThat(fading.path("towardsDegrees").asDouble()).isEqualTo(90);
        assertThat(fading.path("start").asDouble()).isEqualTo(0.3);
        room.field("Grows faint").selectOption("nowhere");
        assertThat(room.field("Towards")).isHidden();
    }

    @Test
    void aBoxAndALineArePutOnThePageAndDrawnOtherwise() {
        Room room = Room.placed(browser.window(), "Shapes", "kite-01.jpg");
        room.step("Dress");
        room.button("A line").click();
        assertThat(room.page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Line lies freely")))
                .isVisible();
        room.field("Drawn as").selectOption("dots");
        assertThat(room.button("Undo: Change a line")).isEnabled();
        assertThat(last(room).path("fill").path("rule").path("stroke").asString())
                .isEqualTo("DOTS");
        room.toPage();
        room.button("A box").click();
        room.field("Box is").selectOption("kraft paper");
        assertThat(room.button("Undo: Colour a box")).isEnabled();
        JsonNode box = room.stored().path("items").get(0);
        assertThat(box.path("fill").path("paint").path("material").asString()).isEqualTo("KRAFT");
        room.button("Take the box out").click();
        assertThat(room.button("A box")).isVisible();
    }

    private static void write(Room room, String text) {
        room.button("Text").click();
        Locator writing = room.field("Words on the page");
        assertThat(writing).isFocused();
        writing.fill(text);
        room.page.keyboard().press("Escape");
        assertThat(writing).hasCount(0);
    }

    /** Changed for one, then for all that share it. */
    @Test
    void wordsShareAStyle() {
        Room room = Room.placed(browser.window(), "Shared", "kite-01.jpg");
        room.step("Dress");
        write(room, "One");
        room.type("A style that others can share", "Heads");
        assertThat(room.field("Set like").locator("option:checked")).hasText("Heads");
        room.toPage();
        write(room, "Two");
        assertThat(room.field("Set like").locator("option:checked")).hasText("Heads");
        room.set("Size (pt)", "33");
        room.button("All like this").click();
        assertThat(room.button("Undo: Change the words in “Heads”")).isEnabled();
        JsonNode items = room.stored().path("items");
        for (int i = items.size() - 2; i < items.size(); i++) {
            assertThat(items.get(i).path("fill").path("style").path("sizePt").asDouble())
                    .isEqualTo(33);
        }
        assertThat(room.button("All like this")).hasCount(0);
    }

    /** Four pages become two sides of a sheet. */
    @Test
    void aFoldedCardIsStartedAndMadeAsASheet() throws IOException {
        Page page = browser.window();
        page.navigate(TestServer.address());
        Room room = new Room(page);
        room.button("New piece").first().click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("A card to post or to give"))
                .click();
        room.button("Folded: front, two inside, back").click();
        room.button("Start this piece").click();
        assertThat(page.getByText("No photos yet.")).isVisible();
        assertThat(page.getByText("page 1 of 4")).isVisible();
        room.step("Make");
        room.field("Sheets").selectOption("a card folded at the side");
        try (PDDocument made = Loader.loadPDF(room.make().path().toFile())) {
            assertThat(made.getNumberOfPages()).isEqualTo(2);
            assertThat(made.getPage(0).getTrimBox().getWidth() / 72 * 25.4).isCloseTo(296, within(0.1));
        }
    }
}
