package wovenset.core.album;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.album.Pagination.Ending;
import wovenset.core.arrangement.ByHand;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Marks;
import wovenset.core.item.Placement;
import wovenset.core.photo.Alike;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Trait;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Waiting;

/**
 * Lets the photos of a piece flow over its pages. What was done by hand is merged in by entry:
 *
 * <ul>
 *   <li>each photo brings the frame that it has, with crop, style, words and marks;
 *   <li>a page whose photos and cut stay the same stays as it is;
 *   <li>pinned pages stay as they are, at the place of their first photo in the order; photos flow around them;
 *   <li>words that stand among photos come right after the photo that they followed;
 *   <li>the words across the page on which a chapter begins come along with it, as they look there;
 *   <li>pages of their own stay right behind the photo that they followed; what lies freely on a page goes with the photo nearest to it, and
 *       waits if the photos are all gone;
 *   <li>a page that the flow has put before a chapter for its title stays, with all that was done to it.
 * </ul>
 *
 * The same piece and wishes always give the same pages. Cost: that of {@link Pagination}, and linear in pages and items.
 */
public final class AlbumFlow {
    private final Piece piece;
    private final Album album;
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;
    private final HandWork work;
    private final PageComposer composer;
    private final Map<PhotoId, PhotoNotes> notes;
    /** The groups that photos are in which look alike, where that matters. */
    private final Map<PhotoId, Integer> alike = new HashMap<>();

    private final Set<UUID> usedIds = new HashSet<>();
    private final List<Page> flowed = new ArrayList<>();
    private final OwnPages own;
    private final Openings openings;
    private final Map<UUID, Chapter> chapterAt = new HashMap<>();
    private Optional<Chapter> beginning = Optional.empty();

    private AlbumFlow(Piece piece, Album album, PhotoFacts facts, Supplier<UUID> ids) {
        this.piece = piece;
        this.facts = facts;
        this.ids = ids;
        work = new HandWork(piece, facts);
        this.album =
                album.withChapters(album.chapters().stream().map(this::titled).toList());
        this.album.chapters().forEach(chapter -> chapterAt.put(chapter.first(), chapter));
        composer = new PageComposer(piece, this.album, facts);
        own = new OwnPages(piece, this.album, work);
        openings = new Openings(piece, this.album, facts, ids, work);
        List<PhotoId> photos =
                piece.entries().list().stream().map(Entry::photo).distinct().toList();
        notes = facts.notes(piece.id(), photos);
        if (album.alike().isPresent()) {
            groupAlike(photos);
        }
    }

    private void groupAlike(List<PhotoId> photos) {
        Map<PhotoId, Trait> found = facts.traits(photos);
        Map<PhotoId, Trait> inOrder = new LinkedHashMap<>();
        photos.stream().filter(found::containsKey).forEach(photo -> inOrder.put(photo, found.get(photo)));
        for (List<PhotoId> group : Alike.groups(inOrder, photo -> 0)) {
            int number = alike.size();
            group.forEach(photo -> alike.put(photo, number));
        }
    }

    /** A title that was written on the page counts, unless the wish says another one than before. */
    private Chapter titled(Chapter chapter) {
        Optional<String> before =
                piece.album().flatMap(old -> old.chapter(chapter.id())).map(Chapter::title);
        Optional<String> written =
                work.title(chapter.id()).flatMap(Frame::ownWords).map(words -> words.text());
        return written.isPresent() && before.equals(Optional.of(chapter.title()))
                ? chapter.withTitle(written.get().replaceAll("\\s+", " ").strip())
                : chapter;
    }

    /** The piece with its photos flowed as the album wishes it. A page without photos that is there from the start gives way. */
    public static Piece flowed(Piece piece, Album album, PhotoFacts facts, Supplier<UUID> ids) {
        return new AlbumFlow(piece, album, facts, ids).flowed();
    }

    /**
     * The same with words among the photos.
     *
     * @param words that come right after an entry's photo, and stay there in the order
     */
    public static Piece withBlock(
            Piece piece, Album album, PhotoFacts facts, Supplier<UUID> ids, UUID entry, Frame words) {
        AlbumFlow flow = new AlbumFlow(piece, album, facts, ids);
        flow.work.add(words, entry);
        return flow.flowed();
    }

    /** The piece flowed anew as it is wished already; as it is where no photos flow. */
    public static Piece anew(Piece piece, PhotoFacts facts, Supplier<UUID> ids) {
        return piece.album()
                .filter(album -> hasPhotos(piece, facts))
                .map(album -> flowed(piece, album, facts, ids))
                .orElse(piece);
    }

    /** Whether a photo waits for the flow, or could come into it. */
    public static boolean hasPhotos(Piece piece, PhotoFacts facts) {
        HandWork work = new HandWork(piece, facts);
        return piece.entries().list().stream()
                .anyMatch(entry -> work.flows(entry.id()) || work.fixed.containsKey(entry.id()));
    }

    private Piece flowed() {
        own.stayingAtFront().forEach(flowed::add);
        List<FlowItem> run = new ArrayList<>();
        work.blocksInFront().forEach(words -> run.add(new FlowItem.Block(words)));
        Set<UUID> emitted = new HashSet<>();
        for (Entry entry : piece.entries()) {
            Chapter chapter = chapterAt.get(entry.id());
            if (chapter != null) {
                flow(run, album.onRight() ? Ending.BEFORE_RIGHT : Ending.ANYWHERE);
                begin(chapter, work.fixed.containsKey(entry.id()));
            }
            List<Page> fixed = work.fixed.getOrDefault(entry.id(), List.of());
            if (!fixed.isEmpty()) {
                keep(fixed.stream().filter(page -> emitted.add(page.id())).toList(), run);
                beginning = Optional.empty();
            } else if (work.flows(entry.id())) {
                run.add(new FlowItem.Shown(entry));
            }
            work.blocksAfter(entry.id()).forEach(words -> run.add(new FlowItem.Block(words)));
            List<Page> after = own.after(entry.id());
            if (!after.isEmpty()) {
                flow(run);
                flowed.addAll(after);
            }
        }
        flow(run);
        Optional<Waiting> waiting = Waiting.with(piece.album().flatMap(Album::waiting), own.left());
        return piece.withAlbum(Optional.of(album.withWaiting(waiting))).withPages(flowed);
    }

    /** Pages that stay as they are; those with a picture across the fold begin on the left. */
    private void keep(List<Page> fixed, List<FlowItem> run) {
        if (fixed.isEmpty()) {
            return;
        }
        boolean across = fixed.size() > 1
                && fixed.get(0).pictures().stream()
                        .anyMatch(picture -> fixed.get(1).picture(picture.id()).isPresent());
        flow(run, across ? Ending.BEFORE_LEFT : Ending.ANYWHERE);
        if (across && !isLeft()) {
            flowed.add(openings.blank());
        }
        flowed.addAll(fixed);
    }

    /** A chapter begins on a right-hand page where that is wished, with a page for its title before its photos. */
    private void begin(Chapter chapter, boolean onFixed) {
        boolean opens = album.openings() && !chapter.title().isBlank() && !work.headed.contains(chapter.id());
        if (album.onRight() && isLeft() && !(onFixed && !opens)) {
            flowed.add(openings.blank());
        }
        if (opens) {
            flowed.add(openings.before(chapter));
        }
        beginning = opens ? Optional.empty() : Optional.of(chapter);
    }

    /** Whether the page to come lies on the left, as the second, fourth and so on do. */
    private boolean isLeft() {
        return flowed.size() % 2 == 1;
    }

    private void flow(List<FlowItem> run) {
        flow(run, Ending.ANYWHERE);
    }

    private void flow(List<FlowItem> run, Ending ending) {
        if (run.isEmpty()) {
            return;
        }
        FlowPhotos photos = new FlowPhotos(ones(run));
        for (Pagination.Group group : Pagination.of(photos, album, composer.common(), flowed.size(), ending)) {
            flowed.add(page(run.subList(group.from(), group.from() + group.photos())));
            beginning = Optional.empty();
        }
        run.clear();
    }

    private List<FlowPhotos.One> ones(List<FlowItem> run) {
        List<FlowPhotos.One> ones = new ArrayList<>();
        Optional<LocalDateTime> last = Optional.empty();
        for (FlowItem item : run) {
            FlowPhotos.One one;
            if (item instanceof FlowItem.Shown shown) {
                one = one(shown.entry());
            } else {
                one = FlowPhotos.One.words(composer.weight(((FlowItem.Block) item).words()), last);
            }
            ones.add(one);
            last = one.takenAt();
        }
        return ones;
    }

    private FlowPhotos.One one(Entry entry) {
        Frame frame = work.frames.get(entry.id());
        double own = facts.size(entry.photo()).map(PixelSize::proportion).orElse(1.0);
        boolean onItsSide = frame != null && frame.crop().onItsSide();
        Marks marks = frame == null ? Marks.NONE : frame.marks();
        Integer group = alike.get(entry.photo());
        return FlowPhotos.One.photo(
                onItsSide ? 1 / own : own,
                marks,
                group == null ? OptionalInt.empty() : OptionalInt.of(group),
                entry.noted(notes).takenAt());
    }

    private Page page(List<FlowItem> items) {
        List<UUID> names = items.stream().map(FlowItem::id).toList();
        Optional<Page> before = names.stream()
                .map(work.pageOf::get)
                .filter(page ->
                        page != null && names.contains(work.contents(page).get(0)))
                .filter(page -> !usedIds.contains(page.id()))
                .findFirst();
        before.ifPresent(page -> usedIds.add(page.id()));
        Page like = before.orElseGet(() -> work.pageOf.get(names.get(0)));
        Page start = Page.of(before.map(Page::id).orElseGet(ids), new ByHand(album.margins(isLeft())), List.of())
                .withNumbered(before.map(Page::numbered).orElse(true))
                .withGuides(before.map(Page::guides).orElse(List.of()));
        Page grounded = like == null ? start : start.withGround(like.ground());
        List<Item> behind = new ArrayList<>();
        List<Item> front = new ArrayList<>();
        for (UUID entry : names) {
            work.loose.getOrDefault(entry, List.of()).forEach(one -> (one.behind() ? behind : front).add(one.item()));
        }
        beginning.flatMap(chapter -> heading(chapter, grounded)).ifPresent(front::add);
        Page composed = composer.composed(
                grounded, isLeft(), items.stream().map(this::frame).toList(), behind, front);
        Page same = work.byContents.get(names);
        return same != null
                        && same.arrangement().equals(composed.arrangement())
                        && Set.copyOf(same.items()).equals(Set.copyOf(composed.items()))
                ? same
                : composed;
    }

    /** The words across the page on which a chapter begins, as they were there if they were. */
    private Optional<Frame> heading(Chapter chapter, Page page) {
        if (chapter.title().isBlank() || work.headed.contains(chapter.id())) {
            return Optional.empty();
        }
        return Optional.of(openings.across(chapter, page));
    }

    private Frame frame(FlowItem item) {
        return item instanceof FlowItem.Block block ? block.words() : frame(item.id());
    }

    private Frame frame(UUID entry) {
        Frame known = work.frames.get(entry);
        return known != null
                ? known
                : Frame.of(
                        ids.get(),
                        new Placement.InSlot(0),
                        piece.styles().usual().id(),
                        new Fill.OwnPhoto(entry, Crop.CENTRED));
    }

    /** Whether a frame of a page has words that flow with the photos. */
    public static boolean isBlock(Page page, Frame frame) {
        return isFlowed(page) && HandWork.isBlock(frame);
    }

    /** Whether the flow may fill a page otherwise: it has filled it, and nothing in its slots ties it. */
    public static boolean isFlowed(Page page) {
        return HandWork.isFlowed(page);
    }
}
