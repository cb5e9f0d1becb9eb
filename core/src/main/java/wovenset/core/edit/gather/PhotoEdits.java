package wovenset.core.edit.gather;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of what is known of photos, and of which photo an entry is. */
public final class PhotoEdits {
    /** A hundred years. */
    private static final long MOST_MINUTES = 100L * 366 * 24 * 60;

    private static final int FIRST_YEAR = 1826;
    private static final int LAST_YEAR = 2200;

    private final PhotoFacts facts;

    public PhotoEdits(PhotoFacts facts) {
        this.facts = facts;
    }

    public void register(Handlers handlers) {
        handlers.on(EntryEdit.DateEntries.class, PhotoEdits::date);
        handlers.on(EntryEdit.ShiftDates.class, this::shift);
        handlers.on(EntryEdit.ExchangePhotos.class, PhotoEdits::exchange);
    }

    private static Outcome date(Piece piece, EntryEdit.DateEntries edit) {
        edit.at().ifPresent(PhotoEdits::checkYear);
        return changed(piece, edit.entryIds(), entry -> entry.withTaken(edit.at()));
    }

    /** From the first photo that there is. */
    private static void checkYear(LocalDateTime at) {
        if (at.getYear() < FIRST_YEAR || at.getYear() > LAST_YEAR) {
            throw EditRefusedException.of("at", Reason.PHOTO_YEAR, FIRST_YEAR, LAST_YEAR);
        }
    }

    private Outcome shift(Piece piece, EntryEdit.ShiftDates edit) {
        if (Math.abs(edit.minutes()) > MOST_MINUTES) {
            throw EditRefusedException.of("minutes", Reason.CLOCK_SHIFT);
        }
        Map<PhotoId, PhotoNotes> notes = facts.notes(
                piece.id(), piece.entries().list().stream().map(Entry::photo).toList());
        return changed(piece, edit.entryIds(), entry -> {
            Optional<LocalDateTime> at = entry.noted(notes).takenAt().map(before -> before.plusMinutes(edit.minutes()));
            at.ifPresent(PhotoEdits::checkYear);
            return at.isPresent() ? entry.withTaken(at) : entry;
        });
    }

    private static Outcome changed(Piece piece, List<UUID> ids, UnaryOperator<Entry> change) {
        ids.forEach(id -> Named.entry(piece, id));
        Set<UUID> wanted = Set.copyOf(ids);
        return Outcome.of(
                piece.withEntries(Entries.of(piece.entries().list().stream()
                        .map(entry -> wanted.contains(entry.id()) ? change.apply(entry) : entry)
                        .toList())),
                Doing.DATE_PHOTOS,
                wanted.size());
    }

    private static Outcome exchange(Piece piece, EntryEdit.ExchangePhotos edit) {
        Entry one = Named.entry(piece, edit.entryId());
        Entry other = Named.entry(piece, edit.otherId());
        Entry here = one.withPhoto(other.photo()).withTaken(other.taken());
        Entry there = other.withPhoto(one.photo()).withTaken(one.taken());
        Entries entries = piece.entries()
                .map(one.id(), entry -> edit.captionsToo() ? here.withCaption(other.caption()) : here)
                .map(other.id(), entry -> edit.captionsToo() ? there.withCaption(one.caption()) : there);
        Set<UUID> exchanged = Set.of(one.id(), other.id());
        Piece bare = piece.withEntries(entries).mapPages(page -> {
            Page now = page.mapFrames(frame -> withoutRetouching(frame, exchanged));
            return now.equals(page) ? page : now;
        });
        return Outcome.of(bare, Doing.EXCHANGE_PHOTOS);
    }

    /** What was done by hand to one photo's pixels means nothing on another one's. */
    private static Frame withoutRetouching(Frame frame, Set<UUID> exchanged) {
        return frame.fill() instanceof Fill.OwnPhoto own && exchanged.contains(own.entry())
                ? frame.refilled(own.withRetouched(own.retouched().map(Retouching::onAnotherPhoto)))
                : frame;
    }
}
