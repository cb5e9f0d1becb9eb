package wovenset.browser;

import static wovenset.browser.BrowserFigures.median;
import static wovenset.browser.BrowserFigures.numbers;
import static wovenset.browser.BrowserFigures.print;
import static wovenset.browser.BrowserFigures.worst;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;

/**
 * How soon the workroom shows what is asked of it, in Chromium at 1280 × 800: {@code ./wovenset bench room}. In the running demo a page of
 * 24 photos of up to 12 MP is made, and a piece of 200 pages with 800 photos; both are deleted again.
 *
 * <ul>
 *   <li>The slider of the border's width is moved to values that no picture was drawn with; what counts is when the first frame and when the last one
 *       shows its new picture, and after sixty moves in a row how long the last one takes to be seen.
 *   <li>Run, tray, light table and overview are scrolled at 3000 pixels a second, up to eight seconds; in each picture of the screen, points along the way of
 *       scrolling are looked at that should show a page or a photo.
 *   <li>The shelf's link to the long piece is pressed in a fresh window; what counts is when its page is complete.
 * </ul>
 */
public final class RoomRates {
    private static final int PAGES = 200;
    private static final int PHOTOS = 800;
    private static final int OF_DEMO = 20;
    private static final int A_BATCH = 50;
    private static final int OPENINGS = 7;
    private static final int IDLE_MS = 10_000;
    private static final int SLIDES = 24;
    private static final String SLIDER = "Border width";

    private static final String SCROLL =
            """
            async ([selector, way]) => {
              const scroller = document.querySelector(selector)
              const across = way === 'across'
              const box = scroller.getBoundingClientRect()
              const size = across ? box.width : box.height
              const all = (across ? scroller.scrollWidth - scroller.clientWidth : scroller.scrollHeight - scroller.clientHeight)
              const shows = at => {
                const [x, y] = across ? [box.left + at, box.top + 20] : [box.left + box.width * 0.4, box.top + at]
                const item = document.elementsFromPoint(x, y).find(e => e.closest('li'))?.closest('li')
                const image = item?.querySelector('img')
                return image ? image.complete && image.naturalWidth > 0 : undefined
              }
              const count = () => {
                const seen = []
                for (let at = 4; at < size - 4; at += 12) seen.push(shows(at))
                // Between two things there is a little room; more than that is a hole.
                const blank = seen.filter((one, i) => one === false
                  || (one === undefined && seen.slice(Math.max(0, i - 5), i + 6).every(other => other === undefined)))
                return [blank.length, seen.filter((one, i) => one !== undefined).length + blank.length]
              }
              const end = Math.min(8000, all / 3)
              const scroll = async each => {
                let pictures = 0
                const start = performance.now()
                for (let now = start; now < start + end; now = performance.now()) {
                  const to = 3 * (now - start)
                  if (across) scroller.scrollLeft = to; else scroller.scrollTop = to
                  await new Promise(requestAnimationFrame)
                  each()
                  pictures++
                }
                return pictures * 1000 / (performance.now() - start)
              }
              let blank = 0, points = 0
              await scroll(() => {
                const [b, p] = count()
                blank += b; points += p
              })
              await new Promise(resolve => setTimeout(resolve, 300))
              const after = count()[0]
              // Looking for blank places takes as long as drawing a picture: the rate is that of another way through.
              if (across) scroller.scrollLeft = 0; else scroller.scrollTop = 0
              await new Promise(resolve => setTimeout(resolve, 300))
              const rate = await scroll(() => {})
              return [blank / points, after, rate]
            }""";

    private RoomRates() {}

    /** @param args the address of the running demo, and the folder of its photos */
    public static void main(String[] args) throws IOException {
        Api api = new Api(args[0]);
        String wall = null;
        String album = null;
        try (Browser.Running running = Browser.Running.start()) {
            wall = wall(api, Path.of(args[1]));
            slide(window(running), args[0] + "/pieces/" + wall + "/dress", "first slider");
            slide(window(running), args[0] + "/pieces/" + wall + "/dress", "slider");
            album = album(api);
            open(running, args[0]);
            scroll(window(running), args[0] + "/pieces/" + album);
        } finally {
            for (String piece : new String[] {wall, album}) {
                if (piece != null) {
                    api.delete("/api/pieces/" + piece);
                }
            }
        }
    }

    private static Page window(Browser.Running running) {
        return running.browser()
                .newContext(new NewContextOptions().setViewportSize(Browser.WIDTH, Browser.HEIGHT))
                .newPage();
    }

    // ---- the slider ----

    /** @param called the slider of a window that was just opened; the first one may find an application that has not drawn much yet */
    private static void slide(Page page, String address, String called) {
        page.navigate(address);
        new Room(page).ready().painted();
        SliderRate slider = new SliderRate(page, SLIDER);
        List<List<Double>> slides = slider.moved(SLIDES);
        called += " on a page of 24 frames: ";
        print(called + "the first new picture, median ms", median(slides, 0), 60);
        print(called + "the first new picture, worst ms", worst(slides, 0), 60);
        print(called + "all new pictures, median ms", median(slides, 1), 300);
        print(called + "all new pictures, worst ms", worst(slides, 1), 300);
        print(
                called + "moved sixty times in a row: all pictures after the last, median ms",
                median(slider.dragged(5), 2),
                300);
    }

    private static String wall(Api api, Path folder) throws IOException {
        String piece = api.startPiece("Twenty-four frames, measured", 900, 600)
                .path("id")
                .asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 1; i <= OF_DEMO; i++) {
            String name = String.format("kite-%02d.jpg", i);
            files.put(name, Files.readAllBytes(folder.resolve(name)));
        }
        for (int i = files.size(); i < 24; i++) {
            files.put(i + ".jpg", TestPhotos.jpeg(4000, 3000, i));
        }
        api.bring(piece, files);
        compose(api, piece, 24);
        return piece;
    }

    private static void compose(Api api, String piece, int each) {
        JsonNode view = api.piece(piece);
        String page = view.path("pages").get(0).path("id").asString();
        api.edit(piece, view.path("revision").asLong(), "composeWaiting", "pageId", page, "each", each);
    }

    // ---- the long piece ----

    private static String album(Api api) {
        String piece = api.startPiece("Two hundred pages, measured", 210, 210)
                .path("id")
                .asString();
        for (int batch = 0; batch < PHOTOS / A_BATCH; batch++) {
            Map<String, byte[]> files = new LinkedHashMap<>();
            for (int i = 0; i < A_BATCH; i++) {
                int number = batch * A_BATCH + i;
                boolean upright = number % 3 == 0;
                files.put(
                        number + ".jpg", TestPhotos.jpeg(upright ? 900 : 1200, upright ? 1200 : 900, 90_000 + number));
            }
            api.bring(piece, files);
        }
        compose(api, piece, PHOTOS / PAGES);
        return piece;
    }

    private static void open(Browser.Running running, String address) {
        double[] times = IntStream.range(0, OPENINGS)
                .mapToDouble(i -> {
                    Page page = window(running);
                    page.navigate(address);
                    Locator link = page.getByLabel("Open Two hundred pages, measured");
                    link.scrollIntoViewIfNeeded();
                    page.evaluate(
                            "() => addEventListener('click', () => { window.pressed = performance.now() }, true)");
                    link.click();
                    double took = ((Number)
                                    page.evaluate(
                                            """
                                    async () => {
                                      for (;;) {
                                        await new Promise(requestAnimationFrame)
                                        const looks = [...document.querySelectorAll('[data-testid=page] [data-look]')]
                                        const shown = new Set([...document.querySelectorAll('[data-testid=sprite]')].map(i => i.dataset.shows))
                                        if (looks.length > 0 && looks.every(look => shown.has(look.dataset.look)))
                                          return performance.now() - window.pressed
                                      }
                                    }"""))
                            .doubleValue();
                    page.context().close();
                    return took;
                })
                .toArray();
        print("first page of 200 after the click on the shelf, the first time, ms", times[0], 1000);
        print(
                "first page of 200 after the click on the shelf, worst of the others, ms",
                IntStream.range(1, OPENINGS).mapToDouble(i -> times[i]).max().orElseThrow(),
                1000);
    }

    private static void scroll(Page page, String address) {
        page.navigate(address + "/arrange");
        Room room = new Room(page).ready();
        room.painted();
        scroll(page, "run, just opened,", "[data-place=run] > div", "down");
        // What else there is to see is fetched while nobody does anything.
        page.waitForTimeout(IDLE_MS);
        scroll(page, "run", "[data-place=run] > div", "down");
        scroll(page, "tray", "[data-place=tray] > div:has(> ul)", "across");
        room.step("Gather");
        page.getByLabel("Light table").locator("li").first().waitFor();
        scroll(page, "light table", "[aria-label=\"Light table\"]", "down");
        room.step("Arrange");
        room.button("All pages at once (O)").click();
        page.getByLabel("Spreads").locator("li").first().waitFor();
        page.waitForTimeout(IDLE_MS);
        scroll(page, "overview", "div:has(> [aria-label=Spreads])", "down");
    }

    private static void scroll(Page page, String what, String selector, String way) {
        List<Double> seen = numbers(page.evaluate(SCROLL, List.of(selector, way)));
        print("share of blank places while the " + what + " is scrolled at 3000 pixels a second", seen.get(0), 0.05);
        print("blank places of the " + what + " 300 ms after", seen.get(1), 0);
        print(
                "milliseconds between pictures of the screen while the " + what + " is scrolled",
                1000 / seen.get(2),
                1000.0 / 60 + 1);
    }
}
