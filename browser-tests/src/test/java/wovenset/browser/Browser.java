package wovenset.browser;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** One Chromium for all tests of a run, and windows that are closed after each test; a failed test leaves pictures. */
public final class Browser implements BeforeEachCallback, AfterEachCallback {
    static final int WIDTH = 1280;
    static final int HEIGHT = 800;
    private static final double PATIENCE_MS = Integer.getInteger("wovenset.patience", 60_000);

    /** The one that has no window of its own is a third faster; the other serves where only that is there. */
    private static final Path CHROMIUM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::isExecutable)
            .findFirst()
            .orElseThrow();

    private static Running running;

    private final List<BrowserContext> contexts = new ArrayList<>();

    /** Playwright and its browser. */
    record Running(Playwright playwright, com.microsoft.playwright.Browser browser)
            implements ExtensionContext.Store.CloseableResource, AutoCloseable {
        @Override
        public void close() {
            browser.close();
            playwright.close();
        }

        static Running start() {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            return new Running(
                    playwright,
                    playwright
                            .chromium()
                            .launch(new BrowserType.LaunchOptions()
                                    .setExecutablePath(CHROMIUM)
                                    .setArgs(List.of(
                                            "--no-sandbox",
                                            "--disable-gpu",
                                            "--disable-quic",
                                            "--no-first-run",
                                            "--disable-background-networking",
                                            "--disable-component-update",
                                            "--disable-sync",
                                            "--font-render-hinting=none"))));
        }
    }

    @Override
    public void beforeEach(ExtensionContext context) {
        context.getRoot()
                .getStore(ExtensionContext.Namespace.GLOBAL)
                .getOrComputeIfAbsent("chromium", key -> running = Running.start());
    }

    @Override
    public void afterEach(ExtensionContext context) {
        int number = 0;
        for (BrowserContext one : contexts) {
            for (Page page : one.pages()) {
                if (context.getExecutionException().isPresent()) {
                    page.screenshot(new Page.ScreenshotOptions()
                            .setPath(Path.of(
                                    "target/failed",
                                    context.getRequiredTestClass().getSimpleName() + "-"
                                            + context.getRequiredTestMethod().getName() + "-" + number++ + ".png")));
                }
            }
            one.close();
        }
        contexts.clear();
    }

    /** A new window with a profile of its own. */
    Page window() {
        return window(new NewContextOptions());
    }

    Page window(ColorScheme scheme) {
        return window(new NewContextOptions().setColorScheme(scheme));
    }

    /** @param dots of the screen to a pixel of the page's own, along a side */
    Page window(int dots) {
        return window(new NewContextOptions().setDeviceScaleFactor(dots));
    }

    Page touchWindow() {
        return window(new NewContextOptions().setHasTouch(true));
    }

    private Page window(NewContextOptions options) {
        BrowserContext context = running.browser.newContext(
                options.setViewportSize(WIDTH, HEIGHT).setReducedMotion(ReducedMotion.REDUCE));
        context.setDefaultTimeout(PATIENCE_MS);
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        contexts.add(context);
        Page page = context.newPage();
        // Listening from the start: the first listener takes a moment to be heard of in the browser, and a key press
        // may be faster.
        page.onFileChooser(chooser -> {});
        return page;
    }
}
