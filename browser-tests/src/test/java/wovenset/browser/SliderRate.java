package wovenset.browser;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/** How soon a slider's move is seen: in the page's first frame with a new picture, and in all of them. */
final class SliderRate {
    /** What of the page's frames is seen with a picture of before, of now, and whether all are what they should be. */
    private static final String WATCH =
            """
            () => {
              const pictures = () => [...document.querySelectorAll('[data-testid=sprite]')]
              const slider = document.querySelector('input[aria-label="%s"]')
              const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
              const move = value => { set.call(slider, value); slider.dispatchEvent(new Event('input', { bubbles: true })) }
              const frame = () => new Promise(requestAnimationFrame)
              const change = async act => {
                const before = new Set(pictures().map(i => i.dataset.shows))
                const frames = document.querySelectorAll('[data-frame]').length
                const start = performance.now()
                await act()
                const acted = performance.now()
                let first = 0
                for (;;) {
                  await frame()
                  const fresh = pictures().filter(i => !before.has(i.dataset.shows)).length
                  if (fresh > 0 && !first) first = performance.now() - start
                  const looks = [...document.querySelectorAll('[data-testid=page] [data-look]')]
                  const shown = new Set(pictures().map(i => i.dataset.shows))
                  if (fresh >= frames && looks.every(look => shown.has(look.dataset.look))) break
                  if (performance.now() - start > 20000) break
                }
                return [first, performance.now() - start, performance.now() - acted]
              }
              window.slide = value => change(() => move(value))
              window.drag = async (from, step) => change(async () => { for (let i = 0; i < 60; i++) { move(from + i * step); await frame() } })
            }""";

    private final Page page;
    /** What it can be set to. */
    private final double least;

    private final double range;
    private final double step;

    /**
     * The first move, which is not counted, pays for photos that were not in memory yet.
     *
     * @param page of a piece, whose page's pictures are all there
     * @param name of the slider's field
     */
    SliderRate(Page page, String name) {
        this.page = page;
        String label = name + ", slider";
        page.evaluate(WATCH.formatted(label));
        List<Double> ends = BrowserFigures.numbers(
                page.getByLabel(label).evaluate("slider => [slider.min, slider.max, slider.step].map(Number)"));
        least = ends.get(0);
        range = ends.get(1) - least;
        step = ends.get(2);
        page.evaluate("window.slide(%s)".formatted(least + range / 3));
    }

    /**
     * Moved from end to end, a move after the other's pictures are there.
     *
     * @return of each move the milliseconds to the first new picture, and to the last
     */
    List<List<Double>> moved(int times) {
        return each(times, i -> step * Math.round(range * (i + 1) / (times + 2.0) / step), "window.slide(%s)");
    }

    /**
     * Moved sixty times without a pause.
     *
     * @return of each time the milliseconds to the first new picture and to the last, and from the last move to the last picture
     */
    List<List<Double>> dragged(int times) {
        return each(times, i -> range * (1 + 5 * i) / 90, "window.drag(%s, " + range / 90 + ")");
    }

    private List<List<Double>> each(int times, IntToDoubleFunction place, String act) {
        return IntStream.range(0, times)
                .mapToObj(i -> BrowserFigures.numbers(page.evaluate(act.formatted(least + place.applyAsDouble(i)))))
                .toList();
    }
}
