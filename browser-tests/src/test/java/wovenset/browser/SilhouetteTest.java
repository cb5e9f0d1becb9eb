package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class SilhouetteTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private static Locator figure(Room room, String name) {
        return room.page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void seen(Room room, String undo) {
        assertThat(room.button("Undo: " + undo)).isEnabled();
        room.saved();
    }

    /** Photos that wait fill a figure; its cuts, its gap and the figure itself are changed; pieces are worked like frames. */
    @Test
    void photosFillASilhouette() {
        Room room =
                Room.start(browser.window(), "Silhouette", "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg");
        room.button("Fill a silhouette …").press("Enter");
        figure(room, "vase").press("Enter");
        seen(room, "Cut vase into 4 pieces");
        assertThat(room.frames()).hasCount(4);
        room.painted();
        room.set("Pieces", "6");
        seen(room, "Cut vase into 6 pieces");
        assertThat(room.buttonLike("^Frame \\d+: empty")).hasCount(2);
        figure(room, "Cells").press("Enter");
        seen(room, "Cut vase into 6 pieces");
        assertThat(figure(room, "Cells")).isChecked();
        String before = room.scene().path("frames").get(0).path("box").toString();
        room.button("Cut again").click();
        room.saved();
        assertThat(room.scene().path("frames").get(0).path("box").toString()).isNotEqualTo(before);
        Locator gap = room.page.getByLabel("Gap, slider");
        gap.press("ArrowRight");
        seen(room, "Space the pieces");
        // Where a piece's box reaches over another one, the other is pressed.
        room.painted();
        Locator piece = room.frame(1);
        BoundingBox box = piece.boundingBox();
        Object corner = room.page.evaluate(
                "([x, y]) => document.elementFromPoint(x, y)?.getAttribute('aria-label') ?? ''",
                List.of(box.x + 1, box.y + 1));
        assertThat(corner.toString()).doesNotStartWith("Frame 1:");
        piece.click();
        assertThat(piece).hasAttribute("aria-pressed", "true");
        room.toPage();
        room.page
                .getByLabel("SVG file with a silhouette")
                .setInputFiles(new FilePayload(
                        "bowl.svg",
                        "image/svg+xml",
                        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'><path d='M0 0H40C40 12 32 20 20 20S0 12 0 0Z'/></svg>"
                                .getBytes(StandardCharsets.UTF_8)));
        seen(room, "Cut bowl into 6 pieces");
        room.field("A word or number").fill("7");
        room.button("Cut").click();
        seen(room, "Cut 7 into 6 pieces");
        room.page.keyboard().press("Control+z");
        seen(room, "Cut bowl into 6 pieces");
        room.button("Back to a grid").click();
        assertThat(room.field("Columns")).isVisible();
    }
}
