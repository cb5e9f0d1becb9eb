package wovenset.core.edit.gather;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import wovenset.core.album.AlbumFlow;
import wovenset.core.album.ClosingUp;
import wovenset.core.album.Covers;
import wovenset.core.album.PageOrder;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.edit.slots.WordsPages;
import wovenset.core.item.Frame;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Cover;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Waiting;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of albums: photos that flow over pages. */
public final class AlbumEdits {
    /** A photo sent to a page is tried at so many places beyond those beside its photos. */
    private static final int REACH = 8;

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public AlbumEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(AlbumEdit.FlowAlbum.class, this::flow);
        handlers.on(AlbumEdit.PinPages.class, AlbumEdits::pin);
        handlers.on(AlbumEdit.SetAside.class, this::setAside);
        handlers.on(AlbumEdit.AddBlock.class, this::addBlock);
        handlers.on(AlbumEdit.MoveEntries.class, this::moveEntries);
        handlers.on(AlbumEdit.FitCover.class, AlbumEdits::fitCover);
        handlers.on(AlbumEdit.MoveToPage.class, this::moveToPage);
        handlers.on(AlbumEdit.MoveChapter.class, this::moveChapter);
    }

    private Outcome flow(Piece piece, AlbumEdit.FlowAlbum edit) {
        checkMargins(piece.format(), edit.album().margins());
        if (!AlbumFlow.hasPhotos(piece, facts)) {
            throw EditRefusedException.of("photos", Reason.NOTHING_WAITS);
        }
        Piece flowed = checked(AlbumFlow.flowed(piece, edit.album(), facts, ids));
        return piece.album().isEmpty()
                ? Outcome.of(flowed, Doing.MAKE_ALBUM, flowed.pages().size())
                : Outcome.of(flowed, Doing.FLOW_ALBUM);
    }

    private static Piece checked(Piece flowed) {
        if (flowed.pages().size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES_TO_FLOW, Piece.MOST_PAGES);
        }
        return flowed;
    }

    private static void checkMargins(Format format, Margins margins) {
        checkRoom(format, margins.left().plus(margins.right()), format.width(), 0);
        checkRoom(format, margins.top().plus(margins.bottom()), format.height(), 1);
    }

    /** @param down 0 for across, 1 for down, as the reason counts them */
    private static void checkRoom(Format format, Length margins, Length page, int down) {
        if (margins.compareTo(page) >= 0) {
            throw EditRefusedException.of(
                    "margins", Reason.MARGINS_TAKE_ALL, format.say(margins), format.say(page), down);
        }
    }

    private Outcome moveEntries(Piece piece, AlbumEdit.MoveEntries edit) {
        List<UUID> inOrder = inOrder(piece, edit.entryIds());
        int last = piece.entries().size() - inOrder.size();
        if (edit.index() < 0 || edit.index() > last) {
            throw EditRefusedException.of("index", Reason.PHOTO_PLACE, last + 1);
        }
        return Outcome.of(
                AlbumFlow.anew(PageOrder.moved(piece, inOrder, edit.index()), facts, ids),
                Doing.MOVE_PHOTOS,
                inOrder.size());
    }

    /** The chosen entries in their order; refused if there is none, or one is gone. */
    private static List<UUID> inOrder(Piece piece, List<UUID> entryIds) {
        if (entryIds.isEmpty()) {
            throw EditRefusedException.of("entryIds", Reason.CHOOSE_PHOTOS);
        }
        entryIds.forEach(id -> Named.entry(piece, id));
        Set<UUID> wanted = Set.copyOf(entryIds);
        return piece.entries().list().stream()
                .map(Entry::id)
                .filter(wanted::contains)
                .toList();
    }

    private Outcome moveToPage(Piece piece, AlbumEdit.MoveToPage edit) {
        List<UUID> moved = inOrder(piece, edit.entryIds());
        if (edit.page() < 1 || edit.page() > piece.pages().size()) {
            throw EditRefusedException.of(
                    "page", Reason.PAGE_PLACE, piece.pages().size());
        }
        Page page = piece.pages().get(edit.page() - 1);
        List<UUID> there = piece.slottedEntries(page).stream()
                .filter(id -> !moved.contains(id))
                .toList();
        if (there.isEmpty() || page.flow() == Page.Flow.BY_HAND) {
            throw EditRefusedException.of("page", Reason.NO_PHOTO_BESIDE, edit.page());
        }
        List<UUID> stay = piece.entries().list().stream()
                .map(Entry::id)
                .filter(id -> !moved.contains(id))
                .toList();
        int first = there.stream().mapToInt(stay::indexOf).min().orElseThrow();
        // Where the flow breaks follows from all photos: of the places beside those that are there, the first that
        // comes out right; where none does, the pages have moved by more than that, and the photo follows them.
        Piece nearest = piece;
        int off = Integer.MAX_VALUE;
        boolean early = false;
        for (int i = 0; i <= there.size() + REACH && off > 0; i++) {
            int beyond = i - there.size();
            int at = beyond <= 0
                    ? first + (i + 1) % (there.size() + 1)
                    : early ? first + there.size() + beyond : first - beyond;
            if (at < 0 || at > stay.size()) {
                break;
            }
            Piece tried = AlbumFlow.anew(PageOrder.moved(piece, moved, at), facts, ids);
            int came = pageOf(tried, moved.get(0)) - (edit.page() - 1);
            if (Math.abs(came) < off) {
                off = Math.abs(came);
                early = came < 0;
                nearest = tried;
            }
        }
        return Outcome.of(nearest, Doing.MOVE_PHOTOS, moved.size());
    }

    private static int pageOf(Piece piece, UUID entry) {
        return IntStream.range(0, piece.pages().size())
                .filter(i -> piece.slottedEntries(piece.pages().get(i)).contains(entry))
                .findFirst()
                .orElse(Integer.MAX_VALUE / 2);
    }

    private Outcome moveChapter(Piece piece, AlbumEdit.MoveChapter edit) {
        Album album = piece.album().orElseThrow(() -> EditRefusedException.of("chapterId", Reason.NO_CHAPTER));
        Chapter chapter = album.chapter(edit.chapterId())
                .orElseThrow(() -> EditRefusedException.of("chapterId", Reason.NO_CHAPTER));
        if (edit.index() < 0 || edit.index() >= album.chapters().size()) {
            throw EditRefusedException.of(
                    "index", Reason.CHAPTER_PLACE, album.chapters().size());
        }
        return Outcome.of(
                AlbumFlow.anew(PageOrder.moved(piece, album, chapter, edit.index()), facts, ids), Doing.MOVE_CHAPTER);
    }

    private Outcome addBlock(Piece piece, AlbumEdit.AddBlock edit) {
        Entry entry = Named.entry(piece, edit.entryId());
        Album album = piece.album().orElseThrow(() -> EditRefusedException.of("entryId", Reason.NOT_IN_THE_FLOW));
        Page page = piece.pages().stream()
                .filter(one -> one.flow() != Page.Flow.BY_HAND)
                .filter(one -> piece.slottedEntries(one).contains(entry.id()))
                .findFirst()
                .orElseThrow(() -> EditRefusedException.of("entryId", Reason.NOT_IN_THE_FLOW));
        if (piece.pages().stream().anyMatch(one -> one.item(edit.frameId()).isPresent())) {
            throw EditRefusedException.of("frameId", Reason.ITEM_TWICE);
        }
        Frame words = WordsPages.block(piece, page, edit, facts);
        Piece flowed = AlbumFlow.withBlock(piece, album, facts, ids, entry.id(), words);
        return Outcome.of(checked(flowed), Doing.ADD_WORDS);
    }

    private static Outcome fitCover(Piece piece, AlbumEdit.FitCover edit) {
        Cover before = piece.cover().orElseThrow(() -> EditRefusedException.of("cover", Reason.NO_COVER));
        Cover now = new Cover(before.album(), edit.pages(), edit.paper(), edit.boards());
        return Outcome.of(Covers.fitted(piece, before, now), Doing.FIT_COVER);
    }

    private static Outcome pin(Piece piece, AlbumEdit.PinPages edit) {
        Piece pinned = piece;
        for (UUID id : edit.pageIds()) {
            Page page = Named.page(piece, id);
            if (page.flow() == Page.Flow.BY_HAND || page.flow() == Page.Flow.OPENING) {
                throw EditRefusedException.of("pageIds", Reason.PAGE_NOT_FLOWED);
            }
            pinned = pinned.mapPage(id, one -> one.withFlow(edit.pinned() ? Page.Flow.PINNED : Page.Flow.FLOWED));
        }
        return Outcome.of(
                pinned,
                edit.pinned() ? Doing.PIN_PAGES : Doing.FREE_PAGES,
                edit.pageIds().size());
    }

    private Outcome setAside(Piece piece, AlbumEdit.SetAside edit) {
        edit.entryIds().forEach(id -> Named.entry(piece, id));
        Set<UUID> which = Set.copyOf(edit.entryIds());
        return edit.aside()
                ? aside(piece, which)
                : Outcome.of(marked(piece, which, false), Doing.TAKE_BACK, which.size());
    }

    /** Takes photos out of the album: flowed pages close up, and the flow goes past them from then on. */
    Outcome aside(Piece piece, Set<UUID> which) {
        return Outcome.of(marked(closedUp(piece, which, facts, ids), which, true), Doing.SET_ASIDE, which.size());
    }

    private static Piece marked(Piece piece, Set<UUID> which, boolean aside) {
        return piece.withEntries(Entries.of(piece.entries().list().stream()
                .map(entry -> which.contains(entry.id()) ? entry.withAside(aside) : entry)
                .toList()));
    }

    /** Chapters whose titles are deleted on the page have none: they would come back when the album flows. */
    public static Piece untitled(Piece piece, List<Frame> deleted) {
        Set<UUID> gone = new HashSet<>();
        deleted.forEach(frame -> gone.add(frame.id()));
        return piece.withAlbum(piece.album()
                .map(album -> album.withChapters(album.chapters().stream()
                        .map(chapter -> gone.contains(chapter.id()) ? chapter.withTitle("") : chapter)
                        .toList())));
    }

    /** The piece whose flowed pages show these photos no longer, without holes; what else lay on pages that go with them waits. */
    public static Piece closedUp(Piece piece, Set<UUID> out, PhotoFacts facts, Supplier<UUID> ids) {
        List<Page> pages = new ArrayList<>();
        List<Page> left = new ArrayList<>();
        for (Page page : piece.pages()) {
            ClosingUp.closedUp(piece, page, out, facts).ifPresentOrElse(pages::add, () -> piece.album()
                    .flatMap(album -> ClosingUp.left(album, page))
                    .ifPresent(left::add));
        }
        if (pages.isEmpty()) {
            pages.add(NewPages.emptyLike(piece.pages().get(0), ids));
        }
        return piece.withPages(pages)
                .withAlbum(piece.album().map(album -> album.withWaiting(Waiting.with(album.waiting(), left))));
    }
}
