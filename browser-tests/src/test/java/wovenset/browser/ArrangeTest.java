package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class ArrangeTest {
    @RegisterExtension
    final Browser browser = new Browser();

    /** Four photos, wide and upright, in a grid of 2 × 2. */
    private Room fourPhotos(String name) {
        Room room = Room.start(browser.window(), name, "kite-01.jpg", "kite-02.jpg", "kite-04.jpg", "kite-03.jpg");
        room.buttonLike("^Flow 4 waiting").click();
        room.saved();
        return room;
    }

    private static Locator proposals(Room room) {
        return room.page.getByLabel("Proposed arrangements").getByRole(AriaRole.BUTTON);
    }

    private static List<String> photos(Room room) {
        return IntStream.rangeClosed(1, room.frames().count())
                .mapToObj(room::shown)
                .toList();
    }

    @Test
    void photosThatWaitArePartOfAProposal() {
        Room room = Room.start(browser.window(), "Waiting", "kite-01.jpg", "kite-02.jpg", "kite-04.jpg");
        room.step("Arrange");
        room.button("Propose for the 3 that wait").click();
        assertThat(proposals(room).first()).isFocused();
        proposals(room).nth(1).click();
        assertThat(room.page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(photos(room)).containsExactlyInAnyOrder("kite-01.jpg", "kite-02.jpg", "kite-04.jpg");
    }

    @Test
    void aProposalIsOneClickAndKeepsCropsAndWords() {
        Room room = fourPhotos("Propose");
        room.frame(2).click();
        room.set("Caption", "Kept through it all");
        List<String> before = photos(room);
        room.toPage();
        room.button("Propose for 4 photos").click();
        assertThat(proposals(room)).hasCount(10);
        Locator whole = room.page
                .getByLabel("Proposed arrangements")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("nothing cropped")))
                .first();
        whole.click();
        assertThat(whole).hasAttribute("aria-pressed", "true");
        room.painted();
        assertThat(photos(room)).containsExactlyInAnyOrderElementsOf(before);
        int kept = photos(room).indexOf(before.get(1)) + 1;
        room.frame(kept).click();
        assertThat(room.field("Caption")).hasValue("Kept through it all");
        // No place is cropped: each has its photo's proportion on the screen, to a pixel.
        for (var frame : room.scene().path("frames")) {
            double shown = frame.path("window").path("width").asDouble()
                    / frame.path("window").path("height").asDouble();
            assertThat(shown)
                    .isCloseTo(
                            frame.path("photo").path("widthPx").asDouble()
                                    / frame.path("photo").path("heightPx").asDouble(),
                            within(1e-4));
        }
        room.page.keyboard().press("Control+z");
        assertThat(room.button("Redo: Arrange the page")).isEnabled();
        assertThat(photos(room)).isEqualTo(before);
    }

    @Test
    void anArrangedPageFollowsItsGapMarginAndSizeByKeyboard() {
        Room room = fourPhotos("Follow");
        Locator propose = room.button("Propose for 4 photos");
        propose.focus();
        room.page.keyboard().press("Enter");
        assertThat(proposals(room)).hasCount(10);
        proposals(room).first().focus();
        room.page.keyboard().press("Tab");
        room.page.keyboard().press("Enter");
        assertThat(proposals(room).nth(1)).hasAttribute("aria-pressed", "true");
        room.page
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Margins filled"))
                .press("Enter");
        room.saved();
        room.set("Gap", "12mm");
        room.button("Left margin: 10\u2009mm").click();
        room.field("Left margin").fill("30");
        room.field("Left margin").press("Enter");
        assertThat(room.button("Left margin: 30\u2009mm")).isVisible();
        room.set("Width", "200mm");
        room.set("Height", "200mm");
        room.painted();
        BoundingBox page = room.page.getByTestId("page").boundingBox();
        double mm = page.width / 200;
        List<BoundingBox> boxes =
                room.frames().all().stream().map(Locator::boundingBox).toList();
        assertThat(boxes.stream()
                        .mapToDouble(box -> (box.x - page.x) / mm)
                        .min()
                        .orElseThrow())
                .isCloseTo(30, within(0.6));
        assertThat(boxes.stream()
                        .mapToDouble(box -> (box.x + box.width - page.x) / mm)
                        .max()
                        .orElseThrow())
                .isCloseTo(190, within(0.6));
        // Control and an arrow swap with the neighbour in that direction, whatever the cuts.
        List<String> before = photos(room);
        room.frame(1).focus();
        boolean beside = boxes.get(1).x > boxes.get(0).x + boxes.get(0).width - 1;
        room.page.keyboard().press(beside ? "Control+ArrowRight" : "Control+ArrowDown");
        assertThat(room.button("Undo: Swap two frames")).isEnabled();
        assertThat(photos(room)).isNotEqualTo(before).containsExactlyInAnyOrderElementsOf(before);
        room.toPage();
        room.type("Gap", "19cm");
        assertThat(room.page.getByText("leave no room for 4 photos; at most").first())
                .isVisible();
        room.button("Back to a grid").click();
        assertThat(room.button("Undo: Change the grid")).isEnabled();
        assertThat(room.field("Columns")).hasValue("2");
    }

    @Test
    void rowsAndColumnsKeepThePhotosInTheirOrder() {
        Room room = fourPhotos("Lines");
        List<String> before = photos(room);
        room.button("Propose for 4 photos").click();
        for (String kind : List.of("in rows", "in columns")) {
            Locator lines = room.page
                    .getByLabel("Proposed arrangements")
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(kind)));
            lines.press("Enter");
            assertThat(lines).hasAttribute("aria-pressed", "true");
            assertThat(photos(room)).isEqualTo(before);
        }
    }

    @Test
    void marksShapeTheProposals() {
        Room room = fourPhotos("Marks");
        String last = room.shown(1);
        String large = room.shown(3);
        room.frame(1).click();
        room.part("When arranged anew");
        room.field("Its turn").selectOption("last");
        room.saved();
        room.frame(3).click();
        room.field("Larger").click();
        room.saved();
        room.toPage();
        room.button("Propose for 4 photos").click();
        proposals(room).first().click();
        room.saved();
        assertThat(proposals(room).first()).hasAttribute("aria-pressed", "true");
        List<String> photos = photos(room);
        assertThat(photos).last().isEqualTo(last);
        List<Double> areas = room.frames().all().stream()
                .map(Locator::boundingBox)
                .map(box -> box.width * box.height)
                .toList();
        assertThat(areas.get(photos.indexOf(large))).isEqualTo(Collections.max(areas));
    }

    @Test
    void theSubjectIsShownAndCorrectedByDraggingAndByKeyAndTheCropFollows() {
        Room room = Room.start(browser.window(), "Subject", "kite-02.jpg", "kite-01.jpg");
        room.buttonLike("^Flow 2 waiting").click();
        room.saved();
        room.frame(1).click();
        room.part("Subject");
        assertThat(room.page.getByText("Found by what stands out.")).isVisible();
        assertThat(room.field("The crop keeps to")).hasValue("SUBJECT");
        BoundingBox picture = room.page.getByTestId("subject").boundingBox();
        BoundingBox region =
                room.page.locator("[aria-label^='The photo’s subject']").boundingBox();
        // Drawn small, and to the photo's far right: the crop of this wide photo goes there, too.
        Locator corner = room.page.locator("[data-corner='-1 -1']");
        dragBy(room, corner, region.width - 28, region.height - 20);
        assertThat(room.button("Undo: Show a subject")).isEnabled();
        dragBy(room, room.page.locator("[aria-label^='The photo’s subject']"), picture.width, 0);
        assertThat(room.page.getByText("Shown by you.")).isVisible();
        room.saved();
        assertThat(focusX(room)).as("as far right as the photo reaches").isGreaterThan(0.6);
        double before = focusX(room);
        room.page.locator("[aria-label^='The photo’s subject']").focus();
        for (int i = 0; i < 40; i++) {
            room.page.keyboard().press("ArrowLeft");
        }
        room.saved();
        room.painted();
        assertThat(focusX(room)).isLessThan(before - 0.05);
        room.field("Centre across (%)").fill("50");
        room.field("Centre across (%)").press("Enter");
        assertThat(room.field("The crop keeps to")).hasValue("HAND");
        room.field("The crop keeps to").selectOption("THIRDS");
        assertThat(room.field("The crop keeps to")).hasValue("THIRDS");
        room.button("Find it again").click();
        assertThat(room.page.getByText("Found by what stands out.")).isVisible();
    }

    private static double focusX(Room room) {
        return room.scene()
                .path("frames")
                .get(0)
                .path("photo")
                .path("crop")
                .path("focusX")
                .asDouble();
    }

    private static void dragBy(Room room, Locator from, double dx, double dy) {
        BoundingBox box = from.boundingBox();
        room.page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        room.page.mouse().down();
        room.page
                .mouse()
                .move(box.x + box.width / 2 + dx, box.y + box.height / 2 + dy, new Mouse.MoveOptions().setSteps(5));
        room.page.mouse().up();
    }
}
