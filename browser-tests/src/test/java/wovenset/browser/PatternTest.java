package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class PatternTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private Room sixPhotos(String name) {
        Room room = Room.start(
                browser.window(),
                name,
                "kite-01.jpg",
                "kite-02.jpg",
                "kite-03.jpg",
                "kite-04.jpg",
                "kite-05.jpg",
                "kite-06.jpg");
        room.set("Columns", "3");
        assertThat(room.frames()).hasCount(6);
        room.buttonLike("^Flow 6 waiting").click();
        room.saved();
        return room;
    }

    private static List<String> photos(Room room) {
        return IntStream.rangeClosed(1, room.frames().count())
                .mapToObj(room::shown)
                .toList();
    }

    private static JsonNode scene(Room room) {
        return room.scene();
    }

    @Test
    void aPatternIsUsedKeptSavedAsAFileAndBroughtInAgain() {
        Room room = sixPhotos("Pattern");
        room.part("Patterns");
        Locator patterns = room.page
                .getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.LISTITEM);
        assertThat(patterns).hasCount(12);
        room.button("Use Lintel, 4 frames").press("Enter");
        assertThat(room.page.getByText("1 → 2 pages.")).isVisible();
        room.button("Leave it as it is").click();
        assertThat(room.frames()).hasCount(6);
        room.button("Use Lintel, 4 frames").click();
        room.button("Let them flow").click();
        assertThat(room.page.getByText("of 2")).isVisible();
        assertThat(room.frames()).hasCount(4);
        room.painted();
        room.field("Name").fill("My lintel");
        room.button("Keep it").click();
        assertThat(patterns).hasCount(13);
        Download saved = room.page.waitForDownload(
                () -> room.page.getByLabel("Save My lintel as a file").click());
        assertThat(saved.suggestedFilename()).isEqualTo("My lintel.pattern.json");
        Path file = saved.path();
        room.button("Delete My lintel").click();
        assertThat(patterns).hasCount(12);
        room.page.getByLabel("Pattern file").setInputFiles(file);
        assertThat(room.page.getByText("The pattern “My lintel” was brought in."))
                .isVisible();
        assertThat(patterns).hasCount(13);
        room.page
                .getByLabel("Pattern file")
                .setInputFiles(new FilePayload(
                        "shopping.json", "application/json", "{\"milk\": 2}".getBytes(StandardCharsets.UTF_8)));
        assertThat(room.page.getByText("shopping.json: This file is no pattern"))
                .isVisible();
        room.button("Delete My lintel").press("Enter");
        assertThat(patterns).hasCount(12);
    }

    @Test
    void printsAreScatteredAndScatteredAgain() {
        Room room = sixPhotos("Scattered");
        List<String> before = photos(room);
        room.button("Scatter as prints").press("Enter");
        assertThat(room.button("Scatter again")).isVisible();
        room.painted();
        assertThat(photos(room)).isEqualTo(before);
        JsonNode first = scene(room);
        assertThat(first.path("frames")
                        .valueStream()
                        .map(frame -> Math.abs(frame.path("turnDegrees").asDouble())))
                .allMatch(turn -> turn <= 8)
                .anyMatch(turn -> turn > 1);
        room.button("Scatter again").click();
        assertThat(room.button("Undo: Scatter the prints")).isEnabled();
        room.saved();
        room.painted();
        assertThat(scene(room).path("frames")).isNotEqualTo(first.path("frames"));
        room.set("Turned up to (°)", "0");
        assertThat(room.field("Turned up to (°)")).hasValue("0");
        room.saved();
        assertThat(scene(room).path("frames").valueStream().map(frame -> frame.path("turnDegrees")
                        .asDouble()))
                .containsOnly(0.0);
        // A print that is taken out leaves the others where they lie, and goes back into its place.
        String lay = scene(room).path("frames").get(5).path("box").toString();
        room.frame(2).click();
        room.button("Take it out").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(1);
        room.saved();
        assertThat(scene(room).path("frames").get(4).path("box").toString()).isEqualTo(lay);
        room.buttonLike("lies freely$").press("t");
        assertThat(room.buttonLike("lies freely$")).hasCount(0);
        room.saved();
        assertThat(scene(room).path("frames").get(5).path("box").toString()).isEqualTo(lay);
        room.toPage();
        room.button("Back to a grid").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(0);
        assertThat(room.field("Columns")).isVisible();
    }

    @Test
    void photosAreOrderedByColourAndPinnedOnesStay() {
        Room room = sixPhotos("Colours");
        List<String> before = photos(room);
        room.frame(2).focus();
        room.page.keyboard().press("p");
        assertThat(room.button("Undo: Pin a photo")).isEnabled();
        room.page.reload();
        room.ready();
        room.toPage();
        room.part("Order by colour");
        assertThat(room.page.getByText("One photo is pinned and stays where it is."))
                .isVisible();
        room.button("Light to dark").click();
        assertThat(room.button("Undo: Run from light to dark")).isEnabled();
        room.saved();
        assertThat(photos(room)).containsExactlyInAnyOrderElementsOf(before).isNotEqualTo(before);
        assertThat(room.shown(2)).isEqualTo(before.get(1));
        room.button("Even out").press("Enter");
        assertThat(room.button("Undo: Even out the colours")).isEnabled();
        room.saved();
        assertThat(photos(room)).containsExactlyInAnyOrderElementsOf(before);
        assertThat(room.shown(2)).isEqualTo(before.get(1));
        room.frame(2).click();
        room.part("When arranged anew");
        room.field("Pinned to this frame").click();
        room.toPage();
        assertThat(room.page.getByText("Pinned photos stay in their frames.")).isVisible();
    }
}
