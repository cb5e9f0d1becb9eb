package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.server.testing.TestServer;

/** Axe finds nothing serious on any main view, in light and dark. */
@ExtendWith(TestServer.class)
class AccessibilityTest {
    @RegisterExtension
    final Browser browser = new Browser();

    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void nothingSeriousOnTheMainViews(ColorScheme scheme) {
        Page page = browser.window(scheme);
        page.navigate(TestServer.address());
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open The kite summer")))
                .isVisible();
        check(page, "shelf");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("New piece").setExact(true))
                .click();
        assertThat(page.getByText("What will you hold?")).isVisible();
        check(page, "new piece");
        page.navigate(TestServer.address() + "/storage");
        assertThat(page.getByText("Photos as you brought them in")).isVisible();
        check(page, "storage");
        Room room = Room.openDemo(page, "The kite summer");
        for (String step : List.of("Gather", "Arrange", "Dress", "Check", "Make")) {
            room.step(step);
            if (step.equals("Dress") && scheme == ColorScheme.LIGHT) {
                room.part("A look for the whole piece");
                assertThat(room.button("Slate roof").locator("img")).isVisible();
            }
            check(page, step);
        }
        if (scheme == ColorScheme.DARK) {
            // The same parts in the other theme; colours are harder to tell apart in this one.
            room.step("Dress");
            room.buttonLike("^A style for all frames").click();
            assertThat(room.buttonLike("^Lantern, ")).isVisible();
            check(page, "styles");
            page.keyboard().press("Escape");
        }
        room.step("Arrange");
        room.frame(2).click();
        check(page, "a frame's slip");
        room.frame(2).press("Enter");
        check(page, "crop");
        room.frame(2).press("Escape");
        String kites = room.id();
        checkArranging(Room.start(page, "Accessible " + scheme, "kite-01.jpg", "kite-02.jpg"));
        page.navigate(TestServer.address() + "/pieces/" + kites + "/gather");
        assertThat(page.getByText("The box kite")).isVisible();
        check(page, "light table");
        if (scheme == ColorScheme.LIGHT) {
            room.part("Captions of all photos");
            room.buttonLike("^Type them one by one").click();
            assertThat(page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Captions")))
                    .isVisible();
            check(page, "captions one by one");
            page.keyboard().press("Escape");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Choose").setExact(true))
                    .click();
            assertThat(page.getByText("22 of 22 kept")).isVisible();
            check(page, "choosing");
        }
    }

    /** What the slips of arranging add; a piece of its own, for it is changed. */
    private static void checkArranging(Room room) {
        room.buttonLike("^Flow 2 waiting").click();
        room.saved();
        room.part("Patterns");
        assertThat(room.button("Use Lintel, 4 frames")).isVisible();
        check(room.page, "patterns");
        room.buttonLike("^Propose for").click();
        assertThat(room.buttonLike("^Arrangement 1:")).isFocused();
        check(room.page, "proposals over the bench");
        room.page.keyboard().press("Escape");
        room.step("Dress");
        room.button("Another style like this one").click();
        assertThat(room.field("Name")).isVisible();
        check(room.page, "frame styles");
        room.step("Arrange");
        room.button("Add a page").click();
        room.button("All pages at once (O)").click();
        assertThat(room.page.getByLabel("Spreads").getByRole(AriaRole.BUTTON)).hasCount(2);
        check(room.page, "all pages at once");
        room.page.keyboard().press("Escape");
        room.toPageOf(1);
        room.part("Frames by hand");
        room.part("Guides");
        room.part("What lies on the page");
        room.button("Release all frames").click();
        assertThat(room.buttonLike("lies freely$")).hasCount(2);
        room.button("Upright guide").click();
        room.frame(1).click();
        check(room.page, "free frame");
        room.page.keyboard().press("Control+a");
        check(room.page, "several frames");
        room.toPage();
        room.button("Scatter as prints").click();
        assertThat(room.button("Scatter again")).isVisible();
        check(room.page, "scattered prints");
        room.button("Fill a silhouette …").click();
        assertThat(room.page.getByLabel("Silhouette", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        check(room.page, "silhouettes");
    }

    private static void check(Page page, String view) {
        AxeBuilder axe = new AxeBuilder(page);
        // Names, roles and order are those of the other theme.
        boolean onlyColours = (boolean) page.evaluate("matchMedia('(prefers-color-scheme: dark)').matches");
        var violations = (onlyColours ? axe.withRules(List.of("color-contrast")) : axe)
                .analyze()
                .getViolations();
        assertThat(violations)
                .filteredOn(violation -> List.of("serious", "critical").contains(violation.getImpact()))
                .as(view)
                .extracting(violation ->
                        violation.getId() + ": " + violation.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
