package wovenset.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.piece.Border;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Marks;
import wovenset.core.piece.Page;
import wovenset.core.piece.Rgb;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;
import wovenset.core.testing.Pieces;
import wovenset.server.web.CoreJson;

class PieceDocumentsTest {
    private final PieceDocuments documents = new PieceDocuments(
            JsonMapper.builder().addModule(new CoreJson().coreModule()).build());

    @Test
    void aPageThatVersionOneWroteIsReadAsAGrid() {
        String page =
                """
                {"id": "7b0c1c52-4d0e-4e7b-9d0a-0a4b5d7a1c11", "frames": [{"id": "7b0c1c52-4d0e-4e7b-9d0a-0a4b5d7a1c12", "photo": null,
                  "crop": {"focusX": 0.5, "focusY": 0.5, "zoom": 1, "turnDegrees": 0, "flipped": false, "fit": "FILL"}, "caption": "Dunes"}],
                 "grid": {"rows": 1, "columns": 1, "columnGap": 4000, "rowGap": 4000, "cell": null,
                  "margins": {"top": 10000, "right": 10000, "bottom": 10000, "left": 10000}}}""";
        Page read = documents.readPage("{\"version\": 1, \"page\": " + page + "}");
        assertThat(read.arrangement()).isEqualTo(Pieces.grid(1, 1, 10, 4));
        assertThat(read.frames().get(0).caption()).isEqualTo("Dunes");
        Snapshot snapshot = documents.readSnapshot("{\"head\": null, \"pages\": [" + page + "]}");
        assertThat(snapshot.pages()).containsExactly(read);
        assertThat(documents.readPage(documents.writePage(read))).isEqualTo(read);
    }

    @Test
    void aSlicedPageIsWrittenAndReadBack() {
        Page page = Page.of(
                UUID.randomUUID(),
                new Slicing(Margins.all(Pieces.mm(5)), Pieces.mm(3), true, SlicingTree.parse("(p[pp1.5])")),
                java.util.stream.Stream.generate(() -> Frame.empty(UUID.randomUUID()))
                        .limit(3)
                        .toList());
        assertThat(documents.readPage(documents.writePage(page))).isEqualTo(page);
    }

    @Test
    void marksOfEarlierVersionsAreOfPhotosThatAreNotPinned() {
        Frame frame = Frame.empty(UUID.randomUUID())
                .withMarks(new Marks(true, false, Marks.Turn.ANY, 0, false))
                .withBorder(new Border(new Rgb("#aa7700"), Pieces.mm(4), Pieces.mm(1)));
        Page page = Page.of(UUID.randomUUID(), Pieces.grid(1, 1, 10, 4), java.util.List.of(frame));
        String written = documents.writePage(page);
        assertThat(written).contains(",\"pinned\":false");
        assertThat(documents.readPage(written.replace(",\"pinned\":false", ""))).isEqualTo(page);
    }
}
