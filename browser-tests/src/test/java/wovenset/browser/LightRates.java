package wovenset.browser;

import static wovenset.browser.BrowserFigures.median;
import static wovenset.browser.BrowserFigures.print;
import static wovenset.browser.BrowserFigures.worst;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;

/**
 * How soon a photo of 12 megapixels that fills the bench is seen in another light, in Chromium at 1280 × 800, on a usual screen and on one
 * of twice as many pixels: {@code ./wovenset bench light}. In the running demo a piece of one photo is made, which is deleted again. The
 * slider of the exposure is moved from end to end, by itself and with depth, sharper and dark corners as well.
 */
public final class LightRates {
    private static final int SLIDES = 24;
    private static final double ASKED_MS = 50;

    private LightRates() {}

    /** @param args the address of the running demo */
    public static void main(String[] args) {
        Api api = new Api(args[0]);
        try (Browser.Running running = Browser.Running.start()) {
            for (int density = 1; density <= 2; density++) {
                String piece = piece(api);
                try {
                    slide(window(running, density), args[0] + "/pieces/" + piece, density);
                } finally {
                    api.delete("/api/pieces/" + piece);
                }
            }
        }
    }

    private static String piece(Api api) {
        String piece =
                api.startPiece("One photo, measured", 400, 300).path("id").asString();
        api.bring(piece, Map.of("1.jpg", TestPhotos.jpeg(4000, 3000, 1)));
        JsonNode view = api.piece(piece);
        String page = view.path("pages").get(0).path("id").asString();
        api.edit(piece, view.path("revision").asLong(), "composeWaiting", "pageId", page, "each", 1);
        return piece;
    }

    private static void slide(Page page, String address, int density) {
        page.navigate(address);
        Room room = new Room(page).ready();
        room.painted();
        room.frame(1).click();
        room.part("Light and colour");
        String called = "exposure of a photo of 12 MP on a screen of density " + density;
        slide(page, called);
        for (String detail : List.of("Depth nearby (%)", "Sharper (%)", "Dark corners (%)")) {
            room.set(detail, "30");
        }
        slide(page, called + ", with depth, sharper and dark corners");
        page.context().close();
    }

    private static void slide(Page page, String called) {
        List<List<Double>> slides = new SliderRate(page, "Exposure").moved(SLIDES);
        print(called + ": the new picture, median ms", median(slides, 0), ASKED_MS);
        print(called + ": the new picture, worst ms", worst(slides, 0), ASKED_MS);
    }

    private static Page window(Browser.Running running, int density) {
        return running.browser()
                .newContext(new NewContextOptions()
                        .setViewportSize(Browser.WIDTH, Browser.HEIGHT)
                        .setDeviceScaleFactor(density))
                .newPage();
    }
}
