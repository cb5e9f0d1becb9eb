package wovenset.server.piece;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.delta.Head;
import wovenset.core.delta.Splice;
import wovenset.core.edit.Edit;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.server.scene.SceneView;
import wovenset.server.shelf.PieceKind;
import wovenset.server.web.UnfitRequestException;

/** What the browser sends and gets about pieces. */
final class PieceViews {
    private PieceViews() {}

    /**
     * What a new piece starts from.
     *
     * @param gap between photos; null for what suits the page
     * @param kind what it is meant to be; null if that is not said
     */
    record NewPieceRequest(String name, Format format, Length margin, @Nullable Length gap, @Nullable PieceKind kind) {}

    /**
     * An edit of the piece at a revision.
     *
     * @param window names the sender, so that it is not told of its own change
     * @param batch edits in a row with the same name are one step of the history; null for a step of its own
     * @param seen the page that the sender shows: its new content comes with the answer
     */
    record EditRequest(long revision, Edit edit, @Nullable String window, @Nullable String batch, @Nullable UUID seen) {
        EditRequest {
            if (batch != null && (batch.isBlank() || batch.length() > 64)) {
                throw new UnfitRequestException("A batch is named by 1 to 64 characters");
            }
        }
    }

    /**
     * An edit that is only to be shown.
     *
     * @param turn grows with each preview that a window asks for: an older one is no longer wanted
     */
    record PreviewRequest(Edit edit, String window, long turn, UUID seen) {}

    /**
     * An edit that is only to be shown, with the pictures that are new.
     *
     * @param pixelsPerMm the screen's scale
     * @param known the keys of the pictures that the window has: a look's name and two phases, parted by spaces
     */
    record DrawnPreviewRequest(
            Edit edit, String window, long turn, UUID seen, double pixelsPerMm, List<String> known) {}

    /** Undo or redo at a revision. */
    record StepRequest(long revision, @Nullable String window, @Nullable UUID seen) {}

    /**
     * What is known of a page without its content.
     *
     * @param look grows whenever the page looks different
     * @param entries that its frames show, from back to front
     * @param frames how many there are
     * @param flow how it stands to the album's flow
     * @param damaged why it cannot be read; null if it can
     */
    record PageSummary(UUID id, long look, List<UUID> entries, int frames, Page.Flow flow, @Nullable String damaged) {}

    /** A page with its scene. */
    record PageView(long revision, long look, Page page, SceneView scene) {}

    /**
     * A piece without its pages' content.
     *
     * @param undo what undo would take back; null if nothing
     * @param redo what redo would do again; null if nothing
     */
    record PieceView(
            UUID id,
            long revision,
            @Nullable String undo,
            @Nullable String redo,
            Head head,
            List<Entry> entries,
            List<PageSummary> pages) {}

    /**
     * What a change left different.
     *
     * @param done what was done
     * @param head null if it stays
     * @param entries that are new or changed
     * @param entryOrder null if it stays
     * @param pages that are new or changed
     * @param pageOrder null if it stays
     * @param stale pages that look different, though they are the same
     * @param content what of the page that the sender shows is different, if it was there before
     */
    record ChangeView(
            long revision,
            @Nullable String undo,
            @Nullable String redo,
            String done,
            @Nullable Head head,
            List<Entry> entries,
            @Nullable Splice entryOrder,
            List<PageSummary> pages,
            @Nullable Splice pageOrder,
            List<UUID> stale,
            @Nullable PageChange content) {}

    /** The page as it would be after an edit that is not stored; null if it would be gone. */
    record PreviewView(long turn, Head head, @Nullable PageView content) {}

    record HistoryEntry(long seq, String name, String at) {}

    /** @param at the row that is in force */
    record History(long at, List<HistoryEntry> entries) {}
}
