package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

/** What is drawn anew after a change, counted: the frame that it is about, its picture in the run, and nothing beside them. */
@ExtendWith(TestServer.class)
class DrawnAnewTest {
    /**
     * Listens where React tells its developer tools of each commit. A component was drawn if it says so (the first bit of its flags)
     * and lies on the way of what the commit touched; what was left alone is not walked into, for its flags are old.
     */
    private static final String COUNT =
            """
            window.drawn = []
            const told = (fiber) => {
              const props = fiber.memoizedProps ?? {}
              if (props.scene?.frameId) return 'frame ' + props.scene.frameId
              if (props.page?.id && 'index' in props) return 'page ' + props.page.id
              if (props.photo?.entryId) return 'tray ' + props.photo.entryId
            }
            const visit = (fiber) => {
              const before = fiber.alternate
              if ((!before || (fiber.flags & 1)) && typeof fiber.type !== 'string') {
                const name = told(fiber)
                if (name) window.drawn.push(name)
              }
              if (before && before.child === fiber.child) return
              for (let child = fiber.child; child; child = child.sibling) visit(child)
            }
            window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
              supportsFiber: true, renderers: new Map(), inject: () => 1, onCommitFiberUnmount() {},
              onPostCommitFiberRoot() {}, onCommitFiberRoot: (_, root) => visit(root.current),
            }
            """;

    @RegisterExtension
    final Browser browser = new Browser();

    @SuppressWarnings("unchecked")
    private static List<String> drawn(Page page, String kind) {
        List<String> all = (List<String>) page.evaluate("() => [...new Set(window.drawn)]");
        return all.stream().filter(name -> name.startsWith(kind)).toList();
    }

    private static void begin(Page page) {
        page.evaluate("() => { window.drawn = [] }");
    }

    @Test
    void anEditOfOneFrameDrawsThatFrameAndItsPageInTheRun() {
        Page page = browser.window();
        page.addInitScript(COUNT);
        String[] photos = Stream.of(Room.photos("kite-", 12))
                .map(Path::getFileName)
                .map(Path::toString)
                .toArray(String[]::new);
        Room room = Room.placed(page, "Drawn anew", photos);
        room.set("Columns", "4");
        room.set("Rows", "3");
        room.button("Add a page").click();
        assertThat(room.button("Page 2")).isVisible();
        room.button("Page 1").click();
        room.frame(3).click();
        room.painted();
        assertThat(drawn(page, "frame")).as("the count counts").hasSizeGreaterThanOrEqualTo(12);
        assertThat(drawn(page, "tray")).hasSizeGreaterThanOrEqualTo(12);
        String third = "frame " + room.frame(3).getAttribute("data-frame");
        begin(page);
        room.frame(3).press("+");
        assertThat(room.button("Undo: Change a crop")).isEnabled();
        room.saved();
        room.painted();
        assertThat(drawn(page, "frame")).containsExactly(third);
        assertThat(drawn(page, "page")).hasSize(1);
        assertThat(drawn(page, "tray")).isEmpty();
        begin(page);
        room.field("Caption").fill("Third");
        room.field("Caption").press("Tab");
        room.saved();
        room.painted();
        assertThat(drawn(page, "frame")).contains(third);
        assertThat(drawn(page, "tray")).hasSize(1);
        begin(page);
        room.frame(5).click();
        assertThat(room.frame(5)).hasAttribute("aria-pressed", "true");
        assertThat(drawn(page, "frame")).hasSize(2);
        assertThat(drawn(page, "page")).isEmpty();
    }
}
