package wovenset.server.piece;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.edit.Edit;
import wovenset.core.measure.Length;
import wovenset.core.piece.Format;
import wovenset.core.piece.Piece;
import wovenset.server.scene.SceneView;

/** What the browser sends and gets about pieces. */
final class PieceViews {
    private PieceViews() {}

    /**
     * A piece on the shelf.
     *
     * @param changedAt as an ISO instant
     * @param coverPage the first page
     * @param coverHash names the first page's present look
     */
    record ShelfItem(
            UUID id,
            String name,
            Format format,
            int pages,
            int photos,
            long revision,
            String changedAt,
            UUID coverPage,
            String coverHash) {}

    /** What a new piece starts from. */
    record NewPieceRequest(String name, Format format, Length margin) {}

    /**
     * An edit of the piece at a revision.
     *
     * @param window names the sender, so that it is not told of its own change
     * @param batch edits in a row with the same name are one step of the history; null for a step of its own
     */
    record EditRequest(long revision, Edit edit, @Nullable String window, @Nullable String batch) {
        EditRequest {
            if (batch != null && (batch.isBlank() || batch.length() > 64)) {
                throw new IllegalArgumentException("A batch is named by 1 to 64 characters");
            }
        }
    }

    /** Undo or redo at a revision. */
    record StepRequest(long revision, @Nullable String window) {}

    /**
     * A piece and the scenes that the browser does not know yet.
     *
     * @param undo what undo would take back; null if nothing
     * @param redo what redo would do again; null if nothing
     * @param done what was just done; null when the piece was only read
     * @param scenes of all pages when read, of touched pages after a change
     */
    record PieceAnswer(
            Piece piece,
            long revision,
            @Nullable String undo,
            @Nullable String redo,
            @Nullable String done,
            List<SceneView> scenes) {}

    /** The piece and the scenes as they would be after an edit that is not stored. */
    record PreviewAnswer(Piece piece, List<SceneView> scenes) {}

    record HistoryEntry(long seq, String name, String at) {}

    /** @param at the entry that was applied last */
    record History(long at, List<HistoryEntry> entries) {}
}
