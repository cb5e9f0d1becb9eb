package wovenset.browser;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;

/** Takes the pictures of the main views from a running demo: {@code ./wovenset screenshots}. Nothing is changed there. */
public final class Screenshots {
    private final Page page;
    private final String address;
    private final Path folder;

    private Screenshots(Page page, String address, Path folder) {
        this.page = page;
        this.address = address;
        this.folder = folder;
    }

    /** @param args the address of the running demo, and the folder for the pictures */
    public static void main(String[] args) {
        try (Browser.Running running = Browser.Running.start()) {
            new Screenshots(window(running, ColorScheme.LIGHT), args[0], Path.of(args[1])).takeAll();
            new Screenshots(window(running, ColorScheme.DARK), args[0], Path.of(args[1])).takeDark();
        }
    }

    private static Page window(Browser.Running running, ColorScheme scheme) {
        return running.browser()
                .newContext(new NewContextOptions()
                        .setViewportSize(Browser.WIDTH, Browser.HEIGHT)
                        .setColorScheme(scheme)
                        .setReducedMotion(ReducedMotion.REDUCE))
                .newPage();
    }

    private void takeAll() {
        page.navigate(address);
        take("shelf");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New piece"))
                .first()
                .click();
        page.getByPlaceholder("Summer by the sea").fill("Grandmother's garden");
        take("new-piece");
        Room kites = open("The kite summer");
        kites.painted();
        take("arrange");
        kites.frame(6).click();
        take("frame");
        kites.step("Gather");
        take("gather");
        kites.step("Check");
        take("check");
        kites.frame(8).click();
        kites.frame(8).press("Enter");
        take("crop");
        Room lookbook = open("Saltmarsh Pottery, autumn lookbook");
        lookbook.button("Page 3").click();
        lookbook.step("Dress");
        lookbook.frame(2).click();
        take("dress");
        lookbook.step("Make");
        lookbook.button("Make the file").click();
        page.getByText("autumn lookbook, 4 pages.pdf").first().waitFor();
        page.waitForFunction("() => document.querySelector('progress') === null");
        take("make");
        takeCutOut();
        takeStyles();
        takeCard();
        takeWords();
        takeArrangements();
        takeLook();
        takeAlbum();
    }

    /** A bottle that stands with others, as it is cut out of its photo. */
    private void takeCutOut() {
        Room pots = open("Four of the autumn firing");
        pots.step("Arrange");
        pots.painted();
        pots.frame(1).click();
        pots.button("Change it by strokes").click();
        page.getByRole(AriaRole.APPLICATION).waitFor();
        page.waitForFunction("() => document.querySelector('[role=application]').ariaBusy === 'false'");
        take("cut-out");
        page.keyboard().press("Escape");
    }

    /** A title being written over frames with a shadow; both are taken back. */
    private void takeWords() {
        Room kites = open("The kite summer");
        kites.step("Dress");
        kites.set("Shadow (%)", "50");
        kites.painted();
        kites.button("Title on top").click();
        kites.field("Words on the page").press("End");
        kites.saved();
        take("words");
        page.keyboard().press("Escape");
        undo(kites, 2);
    }

    /** The styles at hand, large on a photo of the page. */
    private void takeStyles() {
        Room lookbook = open("Saltmarsh Pottery, autumn lookbook");
        lookbook.button("Page 2").click();
        lookbook.step("Dress");
        lookbook.buttonLike("^A style for all frames").click();
        lookbook.buttonLike("^Walnut frame, ").hover();
        page.waitForFunction("() => [...document.querySelectorAll('[role=dialog] li img')].length >= 18"
                + " && [...document.querySelectorAll('[role=dialog] li img')].every(one => one.complete)");
        take("styles");
        page.keyboard().press("Escape");
    }

    /** A card with a photo in a ring, its ribbon selected. */
    private void takeCard() {
        Room card = open("A card from Hale Point");
        card.step("Dress");
        card.painted();
        card.frame(2).click();
        card.buttonLike("^Typeface").waitFor();
        take("card");
    }

    private void takeAlbum() {
        Room album = open("Six weeks at Hale Point, the album");
        album.button("Page 6").click();
        album.painted();
        album.button("All pages at once (O)").click();
        page.waitForFunction(
                """
                () => {
                  const pages = [...document.querySelectorAll('[aria-label=Spreads] img')]
                  return pages.length > 8 && pages.every(one => one.complete && one.naturalWidth > 0)
                }
                """);
        take("album");
        page.keyboard().press("Escape");
        album.button("The page that faces this one").click();
        page.getByTestId("facing").locator("img").waitFor();
        album.painted();
        take("spread");
        album.button("The page that faces this one").click();
    }

    /** Pages as they could be; each is taken back afterwards. */
    private void takeArrangements() {
        Room kites = open("The kite summer");
        takeProposals(kites);
        kites.part("Patterns");
        kites.button("Use Courtyard, 13 frames").scrollIntoViewIfNeeded();
        kites.button("Use Courtyard, 13 frames").click();
        kites.saved();
        kites.painted();
        take("patterns");
        undo(kites, 1);
    }

    /** The whole piece trying a look on. */
    private void takeLook() {
        Room kites = open("The kite summer");
        kites.step("Dress");
        kites.button("A look for the whole piece").click();
        Locator slate = kites.button("Slate roof");
        slate.locator("img").waitFor();
        page.waitForFunction("() => [...document.querySelectorAll('section li img')].every(one => one.complete)");
        slate.evaluate("button => button.closest('section').scrollIntoView({ block: 'start' })");
        String before = kites.frame(1).getAttribute("data-look");
        // By focus, for the pointer goes away before the picture is taken.
        page.mouse().move(Browser.WIDTH - 1, 2);
        slate.focus();
        page.waitForFunction("before => document.querySelector('[data-frame]').dataset.look !== before", before);
        kites.painted();
        take("look");
    }

    private void undo(Room room, int steps) {
        for (int i = 0; i < steps; i++) {
            page.keyboard().press("Control+z");
            room.saved();
        }
        page.reload();
        room.ready();
    }

    private void takeProposals(Room kites) {
        kites.buttonLike("^Propose for \\d+ photos").click();
        kites.buttonLike("^Arrangement 1:").waitFor();
        take("proposals");
        page.keyboard().press("Escape");
    }

    private void takeDark() {
        open("The kite summer");
        take("arrange-dark");
    }

    private Room open(String name) {
        page.navigate(address);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Open " + name).setExact(true))
                .click();
        return new Room(page).ready();
    }

    /** Waits until every picture on the page has loaded, then takes it. */
    private void take(String name) {
        page.waitForLoadState();
        // A pointer left over a frame would show its hover.
        page.mouse().move(Browser.WIDTH - 1, 2);
        page.waitForFunction(
                "() => document.fonts.status === 'loaded' && document.images.length > 0 && [...document.images].every(i => i.loading === 'lazy' || i.complete && i.naturalWidth > 0)");
        page.waitForTimeout(500);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
