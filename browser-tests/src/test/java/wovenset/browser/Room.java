package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

/** The workroom as a person sees it: finds things by the names that are shown or read out. */
final class Room {
    static final Path PHOTOS = Path.of("../demo/photos");

    final Page page;

    Room(Page page) {
        this.page = page;
    }

    /** Opens a piece of the demo. */
    static Room openDemo(Page page, String name) {
        page.navigate(TestServer.address());
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open " + name))
                .click();
        return new Room(page).ready();
    }

    /** Starts a piece of 300 × 200 mm over the API and opens it, with these demo photos brought in. */
    static Room start(Page page, String name, String... photos) {
        var api = TestServer.api();
        String id = api.startPiece(name, 300, 200).path("id").asString();
        for (String photo : photos) {
            try {
                api.bring(id, Map.of(photo, Files.readAllBytes(PHOTOS.resolve(photo))), "start");
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        page.navigate(TestServer.address() + "/pieces/" + id);
        return new Room(page).ready();
    }

    /** The same with the photos in the page's frames. */
    static Room placed(Page page, String name, String... photos) {
        Room room = start(page, name, photos);
        room.buttonLike("^Flow " + photos.length + " waiting").click();
        room.saved();
        return room;
    }

    /** Goes on by Tab until this has the focus. */
    void tabTo(Locator wanted) {
        wanted.waitFor();
        for (int i = 0; i < 250 && !(Boolean) wanted.evaluate("one => one === document.activeElement"); i++) {
            page.keyboard().press("Tab");
        }
        assertThat(wanted).isFocused();
    }

    /** The first page as it is stored. */
    JsonNode stored() {
        return TestServer.api().page(id(), 0).path("page");
    }

    /** The first page's scene. */
    JsonNode scene() {
        return TestServer.api().page(id(), 0).path("scene");
    }

    Room ready() {
        assertThat(page.getByTestId("page")).isVisible();
        return this;
    }

    String id() {
        return page.url().replaceAll(".*/pieces/([0-9a-f-]+).*", "$1");
    }

    Locator radio(String name) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator buttonLike(String pattern) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(pattern)));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    Locator frame(int number) {
        return buttonLike("^Frame " + number + ":");
    }

    Locator frames() {
        return page.locator("[data-frame]");
    }

    /** The photo that a frame shows, by its file's name; empty if none. */
    String shown(int frame) {
        String said = frame(frame).getAttribute("aria-label");
        return said.contains(": empty") ? "" : said.replaceAll("^Frame \\d+: ([^,]+),.*", "$1");
    }

    void step(String name) {
        Locator station = page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
        station.click();
        // Stations have parts in common: what is typed meanwhile would be typed into the one that is left.
        assertThat(station).hasAttribute("aria-current", "step");
    }

    /** Lets go of what is selected, so that the slip speaks of the page. */
    void toPage() {
        buttonLike("^(the page|page \\d+) ›$").click();
    }

    /** Lays another page on the bench. */
    void toPageOf(int number) {
        button("Page " + number).click();
        assertThat(page.getByText("page " + number + " of").first()).isVisible();
        ready();
    }

    /** Unfolds a part of the slip. */
    void part(String name) {
        Locator part = page.getByLabel("Slip", new Page.GetByLabelOptions().setExact(true))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
        if ("false".equals(part.getAttribute("aria-expanded"))) {
            part.click();
        }
    }

    /** Types into a field and takes it. */
    void set(String label, String text) {
        type(label, text);
        saved();
    }

    /** The same, where it may be refused. */
    void type(String label, String text) {
        field(label).fill(text);
        field(label).press("Enter");
    }

    void saved() {
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    /** Presses at the middle of one thing, moves over to another in small steps, and lets go. */
    void drag(Locator from, Locator to) {
        from.scrollIntoViewIfNeeded();
        BoundingBox start = from.boundingBox();
        BoundingBox end = to.boundingBox();
        page.mouse().move(start.x + start.width / 2, start.y + start.height / 2);
        page.mouse().down();
        page.mouse().move(end.x + end.width / 2, end.y + end.height / 2, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
    }

    /** Every frame on the bench shows its present look, and no picture is about to be replaced. */
    void painted() {
        page.waitForFunction(
                """
                () => {
                  const images = [...document.querySelectorAll('[data-testid=page] img')]
                  const sprites = [...document.querySelectorAll('[data-testid=sprite]')]
                  const looks = [...document.querySelectorAll('[data-testid=page] [data-look]')]
                  return images.every(i => i.complete && i.naturalWidth > 0)
                    && looks.every(look => sprites.some(i => i.dataset.shows === look.dataset.look))
                }""");
    }

    /** Makes the file with the settings that stand and saves it. */
    Download make() {
        Locator made = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("\\.(pdf|jpg|png|zip)$")));
        int before = made.count();
        button("Make the file").click();
        assertThat(made).hasCount(before + 1);
        return page.waitForDownload(made.first()::click);
    }

    static Path[] photos(String start, int count) {
        try (Stream<Path> files = Files.list(PHOTOS)) {
            return files.filter(file -> file.getFileName().toString().startsWith(start))
                    .sorted()
                    .limit(count)
                    .toArray(Path[]::new);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<String> names(Path[] files) {
        return Stream.of(files).map(file -> file.getFileName().toString()).toList();
    }
}
