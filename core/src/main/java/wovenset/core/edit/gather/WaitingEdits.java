package wovenset.core.edit.gather;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.item.Fill;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.piece.Waiting;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of what lay on pages that are gone. */
public final class WaitingEdits {
    private final Supplier<UUID> ids;

    public WaitingEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(AlbumEdit.LayWaiting.class, this::lay);
        handlers.on(AlbumEdit.LeaveWaiting.class, (piece, edit) -> {
            Page gone = waiting(piece, edit.waitingId());
            return Outcome.of(
                    without(piece, gone), Doing.LEAVE_WAITING, gone.items().size());
        });
    }

    private Outcome lay(Piece piece, AlbumEdit.LayWaiting edit) {
        Page left = waiting(piece, edit.waitingId());
        Page page = Named.page(piece, edit.pageId());
        Page things = NewPages.copied(known(piece, left), ids);
        Named.checkCount(page.frames().size() + things.frames().size());
        Page laid = page.withPictures(Stream.concat(page.pictures().stream(), things.pictures().stream())
                        .toList())
                .withItems(Stream.concat(page.items().stream(), things.items().stream())
                        .toList());
        return Outcome.of(
                without(piece, left), laid, Doing.LAY_WAITING, things.items().size());
    }

    /** Without photos that the piece has no longer. */
    private static Page known(Piece piece, Page left) {
        List<SharedPicture> pictures = left.pictures().stream()
                .filter(picture -> piece.entries().find(picture.entry()).isPresent())
                .toList();
        Set<UUID> seen = new HashSet<>();
        left.frames().forEach(frame -> {
            if (frame.fill() instanceof Fill.Through through) {
                seen.add(through.picture());
            }
        });
        Page shown = left.withPictures(
                pictures.stream().filter(picture -> seen.contains(picture.id())).toList());
        return shown.mapFrames(frame ->
                !frame.isForPhotos() || piece.entryOf(shown, frame).isPresent() ? frame : frame.withFill(Fill.EMPTY));
    }

    private static Piece without(Piece piece, Page gone) {
        return piece.withAlbum(piece.album()
                .map(album -> album.withWaiting(album.waiting().flatMap(waiting -> waiting.without(gone.id())))));
    }

    private static Page waiting(Piece piece, UUID id) {
        return piece.album().flatMap(album -> album.waiting()).map(Waiting::pages).orElse(List.of()).stream()
                .filter(page -> page.id().equals(id))
                .findFirst()
                .orElseThrow(() -> EditRefusedException.of("waitingId", Reason.WAITING_GONE));
    }
}
