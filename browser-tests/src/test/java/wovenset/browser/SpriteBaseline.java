package wovenset.browser;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * How long pixels are under way that need not be drawn: a sprite that the server has kept is asked for by the page itself, laid on a canvas, and
 * the page's next frame is awaited. No new picture can be seen sooner.
 */
final class SpriteBaseline {
    private static final int TIMES = 24;
    private static final JsonMapper MAPPER = JsonMapper.shared();
    private static final String SHOW =
            """
            async ({ address, body, times }) => {
              const canvas = document.createElement('canvas')
              canvas.style = 'position: fixed; inset: 0; z-index: 99'
              document.body.append(canvas)
              const taken = []
              for (let i = 0; i <= times; i++) {
                const start = performance.now()
                const headers = { 'Content-Type': 'application/json' }
                const answer = await (await fetch(address, { method: 'POST', headers, body })).arrayBuffer()
                const head = new DataView(answer)
                const [width, height] = [head.getUint32(0), head.getUint32(4)]
                Object.assign(canvas, { width, height })
                const pixels = new Uint8ClampedArray(answer, 8, 4 * width * height)
                canvas.getContext('2d').putImageData(new ImageData(pixels, width, height), 0, 0)
                await new Promise(requestAnimationFrame)
                taken.push(performance.now() - start)
              }
              canvas.remove()
              return taken.slice(1)
            }""";

    private final Page page;
    private double pixelsPerMm;

    /** @param page on which changes are about to be asked for with their pictures */
    SpriteBaseline(Page page) {
        this.page = page;
        page.onRequest(request -> {
            if (request.url().endsWith("/preview/drawn")) {
                pixelsPerMm =
                        MAPPER.readTree(request.postData()).path("pixelsPerMm").asDouble();
            }
        });
    }

    /** Of a page's first picture, as large as those that came with the last change; milliseconds. */
    double median(String piece, String pageId) {
        String[] key =
                page.getByTestId("sprite").first().getAttribute("data-shows").split(" ");
        Map<String, Object> sprite =
                Map.of("name", key[0], "phaseX", Integer.parseInt(key[1]), "phaseY", Integer.parseInt(key[2]));
        String body = MAPPER.writeValueAsString(Map.of("sprites", List.of(sprite), "pixelsPerMm", pixelsPerMm));
        Map<String, Object> asked = Map.of(
                "address", "/api/pieces/" + piece + "/pages/" + pageId + "/sprites", "body", body, "times", TIMES);
        List<Double> taken = BrowserFigures.numbers(page.evaluate(SHOW, asked)).stream()
                .sorted()
                .toList();
        return taken.get(TIMES / 2);
    }
}
