package wovenset.browser;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.Api;

/**
 * How smoothly one of 60 frames is dragged in Chromium: {@code ./wovenset bench drag}. A page of 60 released frames with photos is made in
 * the running demo, frame 30 is dragged to and fro by the mouse for some seconds, and the time between the pictures that the browser
 * shows is taken. The baseline is the same page with nothing moving. The piece is deleted again.
 */
public final class DragRate {
    private static final int FRAMES = 60;
    private static final int PHOTOS = 12;
    private static final int MOVES = 240;
    private static final String WATCH =
            """
            () => { window.shown = []; const step = (time) => { window.shown.push(time); window.watching = requestAnimationFrame(step) }
              window.watching = requestAnimationFrame(step) }""";
    private static final String READ =
            "() => { cancelAnimationFrame(window.watching); return window.shown.map((t, i) => t - window.shown[i - 1]).slice(2) }";

    private DragRate() {}

    /** @param args the address of the running demo, and the folder of its photos */
    public static void main(String[] args) throws IOException {
        Api api = new Api(args[0]);
        String piece = sixtyFrames(api, Path.of(args[1]));
        try (Browser.Running running = Browser.Running.start()) {
            Page page = running.browser()
                    .newContext(new NewContextOptions().setViewportSize(Browser.WIDTH, Browser.HEIGHT))
                    .newPage();
            page.navigate(args[0] + "/pieces/" + piece);
            Room room = new Room(page).ready();
            room.painted();
            List<Double> still = watch(page, () -> page.waitForTimeout(2000));
            BoundingBox frame = room.frame(30).boundingBox();
            double x = frame.x + frame.width / 2;
            double y = frame.y + frame.height / 2;
            page.mouse().move(x, y);
            page.mouse().down();
            List<Double> dragged = watch(page, () -> {
                for (int i = 0; i < MOVES; i++) {
                    page.mouse().move(x + 90 * Math.sin(i / 12.0), y + 50 * Math.sin(i / 17.0));
                }
            });
            page.mouse().up();
            print("pictures a second while one of 60 frames is dragged", 1000 / mean(dragged), 1000 / mean(still), 60);
            print(
                    "share of pictures later than 25 ms",
                    dragged.stream().filter(gap -> gap > 25).count() / (double) dragged.size(),
                    still.stream().filter(gap -> gap > 25).count() / (double) still.size(),
                    0.05);
        } finally {
            api.delete("/api/pieces/" + piece);
        }
    }

    private static String sixtyFrames(Api api, Path folder) throws IOException {
        String piece = api.startPiece("Sixty frames", 900, 600).path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 1; i <= PHOTOS; i++) {
            String name = String.format("kite-%02d.jpg", i);
            files.put(name, Files.readAllBytes(folder.resolve(name)));
        }
        api.bring(piece, files);
        long mm = 1000;
        Map<String, Object> margins = Map.of("top", 10 * mm, "right", 10 * mm, "bottom", 10 * mm, "left", 10 * mm);
        long revision = api.piece(piece).path("revision").asLong();
        String id = api.piece(piece).path("pages").get(0).path("id").asString();
        api.edit(
                piece,
                revision++,
                "setGrid",
                "pageId",
                id,
                "reflow",
                "ASK",
                "grid",
                Map.of(
                        "rows",
                        6,
                        "columns",
                        10,
                        "margins",
                        margins,
                        "columnGap",
                        5 * mm,
                        "rowGap",
                        5 * mm,
                        "spans",
                        List.of(),
                        "order",
                        "ROWS"));
        JsonNode items = api.page(piece, id).path("page").path("items");
        JsonNode entries = api.piece(piece).path("entries");
        for (int i = 0; i < FRAMES; i++) {
            api.edit(
                    piece,
                    revision++,
                    "placeEntry",
                    "pageId",
                    id,
                    "frameId",
                    items.get(i).path("id"),
                    "entryId",
                    entries.get(i % entries.size()).path("id"));
        }
        api.edit(piece, revision, "releasePage", "pageId", id);
        return piece;
    }

    private static List<Double> watch(Page page, Runnable doing) {
        page.evaluate(WATCH);
        doing.run();
        return BrowserFigures.numbers(page.evaluate(READ));
    }

    private static double mean(List<Double> gaps) {
        return gaps.stream().mapToDouble(gap -> gap).average().orElseThrow();
    }

    private static void print(String name, double value, double baseline, double asked) {
        BrowserFigures.print(name, value, baseline, asked, asked < 1 ? value <= asked : value >= asked - 1);
    }
}
