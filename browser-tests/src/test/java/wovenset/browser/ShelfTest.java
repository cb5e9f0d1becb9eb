package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class ShelfTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static Locator open(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK,
                new Page.GetByRoleOptions().setName("Open " + name).setExact(true));
    }

    private static void choose(Page page, String piece, String what) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("More for " + piece).setExact(true))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(what))
                .click();
    }

    @Test
    void piecesStandInTrueProportion() {
        Page page = browser.window();
        page.navigate(TestServer.address());
        BoundingBox wall = open(page, "The kite summer").boundingBox();
        BoundingBox book = open(page, "Saltmarsh Pottery, autumn lookbook").boundingBox();
        assertThat(wall.width / book.width).isCloseTo(900 / 148.0, within(0.1));
        assertThat(wall.width / wall.height).isCloseTo(1.5, within(0.02));
    }

    @Test
    void aPieceIsRenamedCopiedTakenOffAndPutBack() {
        TestServer.api().startPiece("A postcard", 148, 105);
        Page page = browser.window();
        page.navigate(TestServer.address());
        choose(page, "A postcard", "Rename");
        page.getByLabel("New name").fill("A small card");
        page.keyboard().press("Enter");
        assertThat(open(page, "A small card")).isVisible();
        choose(page, "A small card", "Copy");
        assertThat(open(page, "A small card (copy)")).isVisible();
        choose(page, "A small card", "Delete");
        assertThat(page.getByText("“A small card” is off the shelf.")).isVisible();
        assertThat(open(page, "A small card")).not().isVisible();
        page.getByRole(AriaRole.STATUS)
                .getByText("Undo", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(open(page, "A small card")).isVisible();
    }

    @Test
    void piecesAreCalledWhatTheyWereBegunAsAndFoundByIt() {
        Page page = browser.window();
        page.navigate(TestServer.address());
        Room room = new Room(page);
        room.button("New piece").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^A card")))
                .click();
        room.field("Name").fill("Greetings from the coast");
        room.field("Name").press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/gather"));
        page.navigate(TestServer.address());
        Locator card = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Greetings from the coast"));
        assertThat(card.getByText(Pattern.compile("^Card, "))).isVisible();
        page.getByLabel("Which kind").selectOption("album");
        assertThat(open(page, "Saltmarsh Pottery, autumn lookbook")).isVisible();
        assertThat(card).hasCount(0);
        page.getByLabel("Which kind").selectOption("card");
        choose(page, "Greetings from the coast", "Copy");
        assertThat(open(page, "Greetings from the coast (copy)")).isVisible();
    }

    @Test
    void aDeletedPieceIsBroughtBackOrDeletedForGoodInTheStorage() {
        TestServer.api().startPiece("A bookmark", 40, 150);
        Page page = browser.window();
        page.navigate(TestServer.address());
        choose(page, "A bookmark", "Delete");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Storage"))
                .click();
        deleted(page, "Bring back").click();
        assertThat(page.getByText("“A bookmark” is back on the shelf.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the shelf"))
                .click();
        choose(page, "A bookmark", "Delete");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Storage"))
                .click();
        deleted(page, "Delete for good").click();
        deleted(page, "Keep it").click();
        deleted(page, "Delete for good").click();
        deleted(page, "Yes, delete it").click();
        assertThat(page.getByText("“A bookmark” is deleted for good.")).isVisible();
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("A bookmark")))
                .hasCount(0);
    }

    private static Locator deleted(Page page, String button) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("A bookmark"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
    }

    @Test
    void aPieceIsStartedInPixelsAtItsResolution() {
        Page page = browser.window();
        page.navigate(TestServer.address());
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("New piece").setExact(true))
                .click();
        Room room = new Room(page);
        room.field("Name").fill("For a screen");
        room.field("Unit").selectOption("PX");
        room.buttonLike("^Margin").click();
        room.field("Resolution (ppi)").fill("96");
        room.field("Resolution (ppi)").press("Tab");
        room.field("Width").fill("1920");
        room.field("Height").fill("1080px");
        room.field("Margin").fill("2 * 24");
        room.field("Bleed").fill("0");
        room.button("Start this piece").click();
        assertThat(page.getByText("No photos yet.")).isVisible();
        room.step("Arrange");
        assertThat(room.button("Page width: 1920\u2009px")).isVisible();
        var format = TestServer.api().piece(room.id()).path("head").path("format");
        assertThat(format.path("width").asLong()).isEqualTo(508_000);
        assertThat(format.path("height").asLong()).isEqualTo(285_750);
        room.step("Make");
        assertThat(room.field("Resolution (ppi)")).hasValue(Pattern.compile("96.*"));
        room.field("File").selectOption("PNG");
        assertThat(page.getByText("Each page 1920 × 1080 pixels")).isVisible();
    }

    @Test
    void aNewPieceNeedsASizeThatCanBeAndIsNamedByWhatItWillBe() {
        Page page = browser.window();
        page.navigate(TestServer.address());
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("New piece").setExact(true))
                .click();
        Room room = new Room(page);
        room.field("Width").fill("2 bananas");
        room.field("Width").press("Enter");
        assertThat(page.getByText("“bananas” is not a unit known here; use mm, cm, in, pt or px"))
                .isVisible();
        room.field("Width").fill("20cm - 2*8mm");
        room.field("Width").press("Tab");
        assertThat(room.field("Width")).hasValue("18.4\u2009cm");
        room.buttonLike("^Margin").click();
        room.field("Margin").fill("20cm");
        room.field("Margin").press("Tab");
        room.buttonLike("^Margin").click();
        room.button("Start this piece").click();
        // What is wrong in a folded part is unfolded.
        assertThat(page.getByText("nothing is left for photos")).isVisible();
        assertThat(room.field("Margin")).isVisible();
        room.button("Not now").click();
        assertThat(page.getByText("What will you hold?")).not().isVisible();
        room.button("New piece").first().click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^A card")))
                .click();
        room.field("Unit").selectOption("IN");
        assertThat(room.button("6 × 4\u2009in")).hasAttribute("aria-pressed", "true");
        assertThat(room.buttonLike("^Margin 0.25.in, bleed 0.125.in")).isVisible();
        room.button("Start this piece").click();
        assertThat(room.field("Name of the piece")).hasValue("Card");
    }

    @Test
    void aPieceThatIsGoneSaysSo() {
        Page page = browser.window();
        page.navigate(TestServer.address() + "/pieces/00000000-0000-0000-0000-000000000000");
        assertThat(page.getByText("This piece is no longer on the shelf.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the shelf"))
                .click();
        assertThat(open(page, "The kite summer")).isVisible();
    }
}
