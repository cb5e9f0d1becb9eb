package wovenset.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.Likeness;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** What is seen on the bench is what is made. */
@ExtendWith(TestServer.class)
class FidelityTest {
    @RegisterExtension
    final Browser browser = new Browser();

    @ParameterizedTest
    @CsvSource({
        "The kite summer, 1, false",
        "'Saltmarsh Pottery, autumn lookbook', 3, false",
        "'Saltmarsh Pottery, autumn lookbook', 2, true"
    })
    void theBenchAndTheExportedPageAgree(String name, int number, boolean round) throws IOException {
        Page page = browser.window();
        Room room = Room.openDemo(page, name);
        if (round) {
            JsonNode piece = TestServer.api()
                    .post("/api/pieces/" + room.id() + "/copy", "")
                    .json();
            String id = piece.path("id").asString();
            JsonNode style = piece.path("head").path("styles").path("frames").get(0);
            Map<String, Object> band = Map.of("width", 2500, "colour", "#2f4b7c", "side", "INSIDE");
            Map<String, Object> frames =
                    Map.of("id", style.path("id"), "name", "Frame", "bands", List.of(band), "cornerRadius", 12_000);
            Map<String, Object> captions =
                    Map.of("show", "WRITTEN", "typeface", "Kalam", "sizePt", 14, "colour", "#a4373a", "lines", 1);
            Map<String, Object> ground = Map.of("colour", "#e6dfd0");
            TestServer.api().edit(id, 1, "setFrameStyle", "style", frames);
            TestServer.api().edit(id, 2, "setCaptionStyle", "captions", captions);
            assertThat(TestServer.api()
                            .edit(id, 3, "setCommonGround", "ground", ground)
                            .status())
                    .isEqualTo(200);
            page.navigate(TestServer.address() + "/pieces/" + id);
            room.ready();
        }
        if (number > 1) {
            room.button("Page " + number).click();
        }
        // The frame that has the focus wears a ring; the bench itself does not.
        page.evaluate("() => document.activeElement.blur()");
        room.painted();
        var style = (Map<?, ?>)
                page.evaluate(
                        """
                () => { const p = document.querySelector('[data-testid=page]'); const r = p.getBoundingClientRect();
                  return { x: r.x, y: r.y, width: parseFloat(p.style.width), height: parseFloat(p.style.height) } }""");
        double width = ((Number) style.get("width")).doubleValue();
        double height = ((Number) style.get("height")).doubleValue();
        JsonNode format = TestServer.api().piece(room.id()).path("head").path("format");
        double ppi = width / (format.path("width").asDouble() / 25_400);
        BufferedImage made = export(room.id(), number - 1, ppi);
        assertThat(Math.abs(made.getWidth() - width)).isLessThan(1);
        assertThat(Math.abs(made.getHeight() - height)).isLessThan(1);
        byte[] picture = page.screenshot(new Page.ScreenshotOptions()
                .setClip(
                        ((Number) style.get("x")).doubleValue(),
                        ((Number) style.get("y")).doubleValue(),
                        made.getWidth(),
                        made.getHeight()));
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(picture));
        assertThat(Likeness.of(seen, made)).isGreaterThanOrEqualTo(0.98);
    }

    private static BufferedImage export(String piece, int page, double ppi) throws IOException {
        Api api = TestServer.api();
        byte[] png = api.made(api.make(piece, "PNG", List.of(page), ppi));
        return ImageIO.read(new ByteArrayInputStream(png));
    }
}
