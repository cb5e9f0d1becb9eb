package wovenset.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.ItemLikeness;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** What is seen on the bench is what is made, item by item, on screens of one and of two dots to a pixel. */
@ExtendWith(TestServer.class)
class FidelityTest {
    private static final Map<String, Object> MARGINS =
            Map.of("top", 10_000, "right", 10_000, "bottom", 10_000, "left", 10_000);

    @RegisterExtension
    final Browser browser = new Browser();

    @ParameterizedTest
    @CsvSource({
        "The kite summer, 1, 1",
        "A card from Hale Point, 1, 1",
        "'Saltmarsh Pottery, autumn lookbook', 3, 1",
        "'Saltmarsh Pottery, autumn lookbook', 2, 2"
    })
    void theBenchAndTheExportedPageAgree(String name, int number, int dots) throws IOException {
        Room room = Room.openDemo(browser.window(dots), name);
        if (number > 1) {
            room.button("Page " + number).click();
        }
        checkAlike(room, number - 1, dots);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void turnedRoundedWholeBleedingAndClearPhotosAgree(int dots) throws IOException {
        Page page = browser.window(dots);
        Room room = new Room(page);
        page.navigate(TestServer.address() + "/pieces/" + odd());
        checkAlike(room.ready(), 0, dots);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void scatteredPrintsAgree(int dots) throws IOException {
        Page page = browser.window(dots);
        Room room = new Room(page);
        page.navigate(TestServer.address() + "/pieces/" + scattered());
        checkAlike(room.ready(), 0, dots);
    }

    private static Map<String, byte[]> photos() throws IOException {
        Map<String, byte[]> photos = new LinkedHashMap<>();
        for (int i = 1; i <= 4; i++) {
            photos.put("kite-0" + i + ".jpg", Files.readAllBytes(Room.PHOTOS.resolve("kite-0" + i + ".jpg")));
        }
        photos.put("clear.png", TestPhotos.clearPng(1200, 1000, 5));
        return photos;
    }

    /** A piece with these photos in a row, with borders on a coloured page. */
    private static String dressed(String name) throws IOException {
        Api api = TestServer.api();
        String id = api.startPiece(name, 300, 200).path("id").asString();
        api.bring(id, photos(), "start");
        edit(
                id,
                "setGridOfAll",
                "reflow",
                "ASK",
                "grid",
                Map.of("rows", 1, "columns", 5, "margins", MARGINS, "columnGap", 5000, "rowGap", 5000));
        edit(id, "flowEntries");
        JsonNode style =
                api.piece(id).path("head").path("styles").path("frames").get(0);
        Map<String, Object> shadow =
                Map.of("kind", "shadow", "height", 2000, "softness", 5000, "strength", 0.5, "colour", "#22293a");
        edit(id, "setFrameStyle", "style", Api.styled(style, 2500, "#2f4b7c", 12_000, shadow));
        edit(id, "setCommonGround", "pages", "BOTH", "ground", Map.of("kind", "solid", "colour", "#e6dfd0"));
        return id;
    }

    private static String odd() throws IOException {
        String id = dressed("Odd");
        JsonNode page = TestServer.api().page(id, 0).path("page");
        List<String> frames = frames(page);
        List<Object> moves = new ArrayList<>();
        double[][] places = {
            {20, 20, 80, 60, 20},
            {70, 50, 100, 70, 0},
            {190, 0, 110, 110, 0},
            {20, 130, 110, 55, -8},
            {200, 125, 70, 65, 0}
        };
        for (int i = 0; i < places.length; i++) {
            double[] at = places[i];
            Map<String, Object> box =
                    Map.of("x", 1000 * at[0], "y", 1000 * at[1], "width", 1000 * at[2], "height", 1000 * at[3]);
            moves.add(Map.of("itemId", frames.get(i), "to", Map.of("kind", "free", "box", box, "turnDegrees", at[4])));
        }
        String pageId = page.path("id").asString();
        edit(id, "releasePage", "pageId", pageId);
        edit(id, "moveItems", "pageId", pageId, "moves", moves);
        patch(id, pageId, frames.get(1), Map.of("kind", "setOutline", "outline", Map.of("kind", "ellipse")));
        patch(id, pageId, frames.get(1), Map.of("kind", "setBlend", "blend", "MULTIPLY"));
        patch(id, pageId, frames.get(0), Map.of("kind", "setOpacity", "opacity", 0.7));
        patch(
                id,
                pageId,
                frames.get(2),
                Map.of("kind", "differ", "difference", Map.of("kind", "bandWidth", "band", 0, "width", 0)));
        patch(
                id,
                pageId,
                frames.get(2),
                Map.of(
                        "kind",
                        "differ",
                        "difference",
                        Map.of("kind", "cornersCut", "corners", Map.of("cut", "ROUND", "size", 0))));
        patch(
                id,
                pageId,
                frames.get(3),
                Map.of(
                        "kind",
                        "setCrop",
                        "crop",
                        Map.of(
                                "focusX",
                                0.5,
                                "focusY",
                                0.5,
                                "zoom",
                                1,
                                "turnDegrees",
                                0,
                                "flipped",
                                false,
                                "fit",
                                "WHOLE",
                                "aim",
                                "SUBJECT")));
        patch(
                id,
                pageId,
                frames.get(4),
                Map.of("kind", "differ", "difference", Map.of("kind", "bandWidth", "band", 0, "width", 0)));
        return id;
    }

    private static String scattered() throws IOException {
        String id = dressed("Scattered");
        JsonNode page = TestServer.api().page(id, 0).path("page");
        List<String> frames = frames(page);
        Map<String, Object> recipe = Map.of("seed", 7, "cover", 0.8, "mostTurn", 20, "mostHidden", 0.2);
        edit(
                id,
                "scatter",
                "pageId",
                page.path("id").asString(),
                "margins",
                MARGINS,
                "recipe",
                recipe,
                "order",
                frames);
        return id;
    }

    private static List<String> frames(JsonNode page) {
        return page.path("items")
                .valueStream()
                .map(item -> item.path("id").asString())
                .toList();
    }

    private static void patch(String piece, String page, String frame, Map<String, Object> change) {
        edit(piece, "patchItems", "pageId", page, "itemIds", List.of(frame), "change", change);
    }

    private static void edit(String piece, String kind, Object... fields) {
        Api api = TestServer.api();
        Api.Answer answer = api.edit(piece, api.piece(piece).path("revision").asLong(), kind, fields);
        assertThat(answer.status()).as(kind + " " + new String(answer.bytes())).isEqualTo(200);
    }

    private static void checkAlike(Room room, int number, int dots) throws IOException {
        // The frame that has the focus or lies under the mouse wears a ring; the bench itself does not.
        room.page.mouse().move(2, 2);
        room.page.evaluate("() => document.activeElement.blur()");
        room.painted();
        var at = (Map<?, ?>)
                room.page.evaluate(
                        """
                () => { const p = document.querySelector('[data-testid=page]'); const r = p.getBoundingClientRect();
                  return { x: r.x, y: r.y, width: parseFloat(p.style.width) } }""");
        JsonNode shown = TestServer.api().page(room.id(), number).path("scene");
        double scale = dots * number(at, "width") / shown.path("widthMm").asDouble();
        BufferedImage made = export(room.id(), number, scale * 25.4);
        byte[] picture = room.page.screenshot(new Page.ScreenshotOptions()
                .setClip(
                        number(at, "x"),
                        number(at, "y"),
                        Math.floor((double) made.getWidth() / dots),
                        Math.floor((double) made.getHeight() / dots)));
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(picture));
        BufferedImage same = made.getSubimage(0, 0, seen.getWidth(), seen.getHeight());
        int items = 0;
        for (JsonNode frame : shown.path("frames")) {
            if (frame.path("photo").isObject()) {
                JsonNode ink = frame.path("bounds");
                ItemLikeness alike = ItemLikeness.of(
                        seen,
                        same,
                        (int) (ink.path("x").asDouble() * scale),
                        (int) (ink.path("y").asDouble() * scale),
                        (int) Math.ceil(ink.path("width").asDouble() * scale),
                        (int) Math.ceil(ink.path("height").asDouble() * scale));
                String which = "item " + ++items + " " + ink + " " + alike;
                assertThat(alike.similarity()).as(which).isGreaterThanOrEqualTo(0.98);
                assertThat(alike.colour()).as(which).isLessThanOrEqualTo(2);
                assertThat(alike.edges()).as(which).isLessThanOrEqualTo(0.5);
            }
        }
        assertThat(items).isPositive();
    }

    private static double number(Map<?, ?> values, String name) {
        return ((Number) values.get(name)).doubleValue();
    }

    private static BufferedImage export(String piece, int page, double ppi) throws IOException {
        Api api = TestServer.api();
        byte[] png = api.made(api.make(piece, "PNG", List.of(page), ppi));
        return ImageIO.read(new ByteArrayInputStream(png));
    }
}
