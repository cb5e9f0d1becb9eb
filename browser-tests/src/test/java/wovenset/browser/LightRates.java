package wovenset.browser;

import static wovenset.browser.BrowserFigures.median;
import static wovenset.browser.BrowserFigures.print;
import static wovenset.browser.BrowserFigures.worst;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleSupplier;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;

/**
 * How soon a photo of 12 megapixels that fills the bench is seen in another light, in Chromium at 1280 × 800, on a usual screen and on one
 * of twice as many pixels: {@code ./wovenset bench light}. In the running demo a piece of one photo is made, which is deleted again. The
 * slider of the exposure is moved from end to end, by itself and with depth, sharper and dark corners as well. The baseline is
 * {@link SpriteBaseline}.
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
                    slide(window(running, density), args[0], piece, pageOf(api, piece), density);
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
        long revision = api.piece(piece).path("revision").asLong();
        api.edit(piece, revision, "composeWaiting", "pageId", pageOf(api, piece), "each", 1);
        return piece;
    }

    private static String pageOf(Api api, String piece) {
        return api.piece(piece).path("pages").get(0).path("id").asString();
    }

    private static void slide(Page page, String address, String piece, String pageId, int density) {
        SpriteBaseline baseline = new SpriteBaseline(page);
        page.navigate(address + "/pieces/" + piece);
        Room room = new Room(page).ready();
        room.painted();
        room.frame(1).click();
        room.part("Light and colour");
        String called = "exposure of a photo of 12 MP on a screen of density " + density;
        DoubleSupplier sent = () -> baseline.median(piece, pageId);
        slide(page, called, sent);
        for (String detail : List.of("Depth nearby (%)", "Sharper (%)", "Dark corners (%)")) {
            room.set(detail, "30");
        }
        slide(page, called + ", with depth, sharper and dark corners", sent);
        page.context().close();
    }

    private static void slide(Page page, String called, DoubleSupplier baseline) {
        List<List<Double>> slides = new SliderRate(page, "Exposure").moved(SLIDES);
        double taken = median(slides, 0);
        print(called + ": the new picture, median ms", taken, baseline.getAsDouble(), ASKED_MS, taken <= ASKED_MS);
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
