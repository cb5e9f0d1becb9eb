package wovenset.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class GridTest {
    @RegisterExtension
    final Browser browser = new Browser();

    private Room fourPhotos(String name) {
        Room room = Room.start(browser.window(), name, "kite-01.jpg", "kite-02.jpg", "kite-03.jpg", "kite-04.jpg");
        room.buttonLike("^Flow 4 waiting").click();
        room.saved();
        return room;
    }

    private static JsonNode cell(Room room, int frame) {
        return room.scene().path("frames").get(frame).path("box");
    }

    private static List<String> photos(Room room) {
        return IntStream.rangeClosed(1, room.frames().count())
                .mapToObj(room::shown)
                .toList();
    }

    @Test
    void columnsAndRowsHaveSharesOrFixedMeasuresByFieldAndOnTheirLines() {
        Room room = fourPhotos("Tracks");
        room.set("Column widths", "1, 2, 40 mm");
        assertThat(room.field("Columns")).hasValue("3");
        assertThat(room.field("Column widths")).hasValue("1, 2, 40\u2009mm");
        room.saved();
        assertThat(cell(room, 2).path("width").asDouble()).isEqualTo(40);
        assertThat(cell(room, 1).path("width").asDouble())
                .isCloseTo(2 * cell(room, 0).path("width").asDouble(), within(0.003));
        room.button("Width of column 3: 40\u2009mm").click();
        room.field("Width of column 3").fill("50");
        room.field("Width of column 3").press("Enter");
        assertThat(room.button("Width of column 3: 50\u2009mm")).isVisible();
        room.type("Column widths", "1, 400 mm");
        assertThat(room.page.getByText("nothing is left for the others").first())
                .isVisible();
        room.set("Column widths", "equal");
        assertThat(room.button("Undo: Change the grid")).isEnabled();
        assertThat(room.field("Column widths")).hasValue("equal");
    }

    @Test
    void aMarginAndAGapAreDraggedOnTheirLines() {
        Room room = fourPhotos("Lines dragged");
        Locator margin = room.button("Left margin: 10\u2009mm");
        BoundingBox at = margin.boundingBox();
        double mm = room.page.getByTestId("page").boundingBox().width / 300;
        room.page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
        room.page.mouse().down();
        room.page
                .mouse()
                .move(at.x + at.width / 2 + 15 * mm, at.y + at.height / 2, new Mouse.MoveOptions().setSteps(6));
        assertThat(room.buttonLike("^Left margin: 2[45]")).isVisible();
        assertThat(room.stored()
                        .path("arrangement")
                        .path("margins")
                        .path("left")
                        .asLong())
                .as("only shown so far")
                .isEqualTo(10_000);
        room.page.mouse().up();
        assertThat(room.button("Undo: Change the grid")).isEnabled();
        room.saved();
        assertThat(cell(room, 0).path("x").asDouble()).isCloseTo(25, within(1.0));
        assertThat(room.field("Left margin")).hasCount(0);
    }

    @Test
    void cellsAreJoinedAndPartedAndPhotosGoDownOrToAndFro() {
        Room room = fourPhotos("Joined");
        List<String> before = photos(room);
        room.frame(1).click();
        room.frame(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        room.button("Join the cells").click();
        assertThat(room.button("Undo: Join cells")).isEnabled();
        assertThat(room.frames()).hasCount(3);
        assertThat(cell(room, 0).path("width").asDouble()).isEqualTo(280);
        room.frame(1).click();
        room.button("Part the joined cells").press("Enter");
        assertThat(room.frames()).hasCount(4);
        room.page.keyboard().press("Control+z");
        room.page.keyboard().press("Control+z");
        assertThat(room.button("Redo: Join cells")).isEnabled();
        assertThat(photos(room)).isEqualTo(before);
        room.toPage();
        room.field("Photos follow each other").selectOption("SNAKING");
        assertThat(room.button("Undo: Change the grid")).isEnabled();
        room.saved();
        assertThat(cell(room, 2).path("x").asDouble())
                .as("the second row runs back")
                .isGreaterThan(cell(room, 3).path("x").asDouble());
        room.field("Photos follow each other").selectOption("COLUMNS");
        room.saved();
        assertThat(cell(room, 1).path("x").asDouble()).isEqualTo(10);
    }

    @Test
    void asManyCellsAsFitThePage() {
        Room room = fourPhotos("Fill");
        room.field("Cells of a fixed size").click();
        room.set("Cell width", "80mm");
        room.set("Cell height", "60mm");
        assertThat(room.field("Cell height")).hasValue("60\u2009mm");
        room.buttonLike("^As many as fit").click();
        assertThat(room.field("Cell width")).hasValue("60\u2009mm");
        assertThat(room.frames()).hasCount(8);
        room.type("Cell width", "400mm");
        assertThat(room.page.getByText("room for").first()).isVisible();
        assertThat(room.page.getByText("Not saved: Cell width")).isVisible();
        assertThat(room.buttonLike("^Make the page 1[68]\\d\\d × ")).isVisible();
        // A size with no room for the present rows can still be filled with.
        room.type("Cell width", "130mm");
        room.type("Cell height", "80mm");
        assertThat(room.field("Cell height")).hasValue("80\u2009mm");
        assertThat(room.field("Rows")).hasValue("2");
        room.buttonLike("^As many as fit").click();
        assertThat(room.frames()).hasCount(4);
        assertThat(room.field("Columns")).hasValue("2");
    }
}
