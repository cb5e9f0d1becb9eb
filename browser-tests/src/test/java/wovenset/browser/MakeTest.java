package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class MakeTest {
    @RegisterExtension
    final Browser browser = new Browser();

    /** A page of 300 × 200 mm with one photo, 80 × 80 mm large or so, at its top left. */
    private Room onePhoto(String name) {
        Room room = Room.start(browser.window(), name, "kite-04.jpg");
        room.buttonLike("^Flow 1 waiting").click();
        room.saved();
        return room;
    }

    private static BufferedImage png(Room room) throws IOException {
        room.step("Make");
        room.field("File").selectOption("PNG");
        room.field("Resolution (ppi)").fill("50");
        room.field("Resolution (ppi)").press("Tab");
        return ImageIO.read(room.make().path().toFile());
    }

    @Test
    void aPngWithoutPageColourIsClearOutsideItsFrames() throws IOException {
        Room room = onePhoto("Clear ground");
        room.step("Make");
        room.field("File").selectOption("PNG");
        room.field("Behind the frames").selectOption("CLEAR");
        BufferedImage image = png(room);
        assertThat(image.getWidth()).isEqualTo((int) Math.round(300 / 25.4 * 50));
        assertThat(image.getRGB(2, 2) >>> 24).as("alpha in the margin").isZero();
        assertThat(image.getRGB(60, 60) >>> 24).as("alpha in the photo").isEqualTo(255);
    }

    @Test
    void aFlippedPhotoIsMirroredAndAWholePhotoLeavesPaperBeside() throws IOException {
        Room room = onePhoto("Flip");
        BufferedImage before = png(room);
        room.step("Arrange");
        room.frame(1).click();
        room.button("Flip left to right").click();
        room.saved();
        BufferedImage flipped = png(room);
        int left = 20 + 3;
        int right = (int) (148 / 25.4 * 50) - 3;
        int y = 90;
        assertThat(difference(before.getRGB(left, y), flipped.getRGB(right, y))).isLessThan(30);
        assertThat(difference(before.getRGB(left, y), flipped.getRGB(left, y))).isGreaterThan(30);
        room.step("Arrange");
        room.frame(1).click();
        room.page.getByText("Whole photo").click();
        room.saved();
        BufferedImage whole = png(room);
        int white = 0;
        for (int x = left; x <= right; x++) {
            white += whole.getRGB(x, y) == Color.WHITE.getRGB() ? 1 : 0;
        }
        assertThat(white).as("paper in the row").isGreaterThan(10);
    }

    /** What lies beyond the trim is chosen, what the shop asks is said, and a file that is out of date says so. */
    @Test
    void theShopIsToldWhatItAsksAndAnOldFileSaysThatItIsOne() {
        Room room = onePhoto("For the shop");
        room.step("Dress");
        room.field("Beyond the trim").selectOption("a colour");
        assertThat(room.field("Colour beyond the trim").first()).isVisible();
        room.field("Fine lines where photos are cut out").click();
        assertThat(room.button("Undo: Change the cut marks")).isEnabled();
        assertThat(room.page.getByTestId("sprite")).hasCount(2);
        room.step("Make");
        room.part("What to tell the shop");
        assertThat(room.page.getByText("3\u2009mm on each side (sheet 306 × 206\u2009mm)"))
                .isVisible();
        room.part("Trim and bleed");
        assertThat(room.page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions()
                                .setName("A corner of the sheet: printed to the bleed, cut at the trim")))
                .isVisible();
        assertThat(room.page.getByText("Of the photos, 1 goes in as it came.")).isVisible();
        room.field("Sharpness on paper").selectOption("sharper");
        assertThat(room.page.getByText("Of the photos, 1 is made anew, sharper."))
                .isVisible();
        room.make();
        assertThat(room.page.getByText("Shows the piece as it is now.")).isVisible();
        room.step("Dress");
        room.field("Fine lines where photos are cut out").click();
        room.saved();
        room.step("Make");
        assertThat(room.page.getByText("The piece was changed since.")).isVisible();
    }

    private static int difference(int one, int other) {
        Color a = new Color(one);
        Color b = new Color(other);
        return Math.max(
                Math.abs(a.getRed() - b.getRed()),
                Math.max(Math.abs(a.getGreen() - b.getGreen()), Math.abs(a.getBlue() - b.getBlue())));
    }

    @Test
    void aFileBeingMadeIsStoppedByItsButton() {
        Room room = onePhoto("Stop");
        for (int page = 2; page <= 9; page++) {
            room.button("Copy this page").click();
            room.saved();
        }
        room.step("Make");
        room.field("File").selectOption("PNG");
        room.field("Resolution (ppi)").fill("600");
        room.field("Resolution (ppi)").press("Tab");
        room.button("Make the file").click();
        room.button("Stop making this file").click();
        assertThat(room.page.getByText("stopped by you")).isVisible();
        assertThat(room.button("Stop making this file")).hasCount(0);
        var makes = TestServer.api().get("/api/pieces/" + room.id() + "/makes").json();
        assertThat(makes.get(0).path("state").asString()).isEqualTo("CANCELLED");
    }
}
