package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.album.Albums.FACTS;
import static wovenset.core.album.Albums.after;
import static wovenset.core.album.Albums.album;
import static wovenset.core.album.Albums.chaptered;
import static wovenset.core.album.Albums.flowed;
import static wovenset.core.album.Albums.gathered;
import static wovenset.core.album.Albums.numbers;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.crop;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Marks;
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
import wovenset.core.piece.PieceCopy;

/** Photos that flow over pages, and the hand work that stays with them. */
class AlbumFlowTest {
    @Property(tries = 60)
    void eachPhotoComesOnceInItsOrderAndTheLimitsAreKept(
            @ForAll @IntRange(min = 1, max = 90) int photos,
            @ForAll @IntRange(min = 1, max = 9) int least,
            @ForAll @IntRange(min = 0, max = 4) int more) {
        int most = Math.min(9, least + more);
        Piece album = flowed(gathered(photos), album(least, most));
        List<List<Integer>> pages = numbers(album);
        assertThat(pages.stream().flatMap(List::stream))
                .containsExactlyElementsOf(
                        IntStream.rangeClosed(1, photos).boxed().toList());
        assertThat(pages.subList(0, pages.size() - 1))
                .allSatisfy(page -> assertThat(page.size()).isBetween(least, most));
        assertThat(pages.get(pages.size() - 1).size()).isBetween(1, Math.max(most + 1, 1));
        assertThat(numbers(flowed(gathered(photos), album(least, most)))).isEqualTo(pages);
        assertThat(album.pages())
                .allMatch(page -> Places.of(album, page, FACTS) instanceof PlacesOutcome.Fits)
                .allMatch(page -> page.flow() == Page.Flow.FLOWED);
    }

    /** What a person did is there after any number of changes of mind, and the album is the same again. */
    @Property(tries = 40)
    void theWayThereAndBackIsNone(@ForAll Random random, @ForAll @IntRange(min = 2, max = 40) int photos) {
        Album first = album(2, 4);
        Piece begun = flowed(gathered(photos), first);
        for (int i = 0; i < 5; i++) {
            begun = touched(begun, random);
        }
        Map<UUID, Frame> work = work(begun);
        List<UUID> order = inOrder(begun);
        Piece now = begun;
        for (int i = 0; i < 3; i++) {
            int least = 1 + random.nextInt(6);
            now = flowed(now, album(least, Math.min(9, least + random.nextInt(3))));
            Map<UUID, Frame> kept = work(now);
            work.forEach((entry, frame) -> assertThat(kept.get(entry).inSlot(0)).isEqualTo(frame.inSlot(0)));
            assertThat(inOrder(now)).isEqualTo(order);
        }
        Piece back = flowed(now, first);
        assertThat(back.pages())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .isEqualTo(begun.pages());
        assertThat(flowed(begun, first).pages()).isEqualTo(begun.pages());
    }

    private static Piece touched(Piece piece, Random random) {
        Page page = piece.pages().get(random.nextInt(piece.pages().size()));
        List<Frame> photos = page.slotted().stream().filter(Frame::isForPhotos).toList();
        if (photos.isEmpty()) {
            return piece;
        }
        Frame chosen = photos.get(random.nextInt(photos.size()));
        if (random.nextInt(4) == 0) {
            UUID entry = piece.entryOf(page, chosen).orElseThrow().id();
            return after(
                    piece,
                    new AlbumEdit.AddBlock(
                            entry, new UUID(7, random.nextLong()), "Words. ".repeat(1 + random.nextInt(60))));
        }
        UUID frame = chosen.id();
        ItemChange change =
                switch (random.nextInt(3)) {
                    case 0 -> new ItemChange.SetCrop(crop(random.nextDouble(), 0.3, 2, 5));
                    case 1 -> new ItemChange.SetWords(new FrameWords.Own("by hand " + random.nextInt(99)));
                    default -> new ItemChange.SetOpacity(0.5);
                };
        return after(piece, new ItemEdit.PatchItems(page.id(), List.of(frame), change));
    }

    /** The frames in slots, those of words among them, through the album. */
    private static List<UUID> inOrder(Piece piece) {
        return piece.pages().stream()
                .flatMap(page -> page.slotted().stream())
                .map(Frame::id)
                .toList();
    }

    private static Map<UUID, Frame> work(Piece piece) {
        Map<UUID, Frame> work = new HashMap<>();
        piece.pages().forEach(page -> page.slotted()
                .forEach(
                        frame -> piece.entryOf(page, frame).map(Entry::id).ifPresent(entry -> work.put(entry, frame))));
        return work;
    }

    @Test
    void pagesBreakBetweenHoursAndNotInsideBursts() {
        Piece album = flowed(gathered(60), album(2, 6));
        long inside = 0;
        for (List<Integer> page : numbers(album).subList(1, album.pages().size())) {
            // Bursts are of five: 5 to 9, 10 to 14 and so on.
            inside += page.get(0) % 5 == 0 ? 0 : 1;
        }
        assertThat(inside).isLessThan(album.pages().size() / 4);
    }

    @Test
    void pinnedPagesStayAndPhotosFlowAroundThem() {
        Piece album = flowed(gathered(20), album(4, 4));
        Page pinned = album.pages().get(2);
        Piece reflowed = flowed(after(album, new AlbumEdit.PinPages(List.of(pinned.id()), true)), album(2, 2));
        assertThat(reflowed.page(pinned.id())).contains(pinned.withFlow(Page.Flow.PINNED));
        assertThat(numbers(reflowed).stream().flatMap(List::stream))
                .containsExactlyElementsOf(IntStream.rangeClosed(1, 20).boxed().toList());
        assertThat(numbers(reflowed)).contains(List.of(7, 8), List.of(9, 10, 11, 12), List.of(13, 14));
    }

    /** Who arranges a page wants it so: it is pinned by that. */
    @Test
    void aPageArrangedByHandIsPinned() {
        Piece album = flowed(gathered(12), album(4, 4));
        Page page = album.pages().get(1);
        Piece arranged = after(album, new ArrangeEdit.SetGrid(page.id(), grid(2, 2, 10, 5), ArrangeEdit.Reflow.ASK));
        assertThat(arranged.page(page.id()).orElseThrow().flow()).isEqualTo(Page.Flow.PINNED);
        assertThat(flowed(arranged, album(2, 2)).page(page.id())).isEqualTo(arranged.page(page.id()));
        UUID frame = page.slotted().get(0).id();
        Piece cropped = after(
                album,
                new ItemEdit.PatchItems(page.id(), List.of(frame), new ItemChange.SetCrop(crop(0.2, 0.3, 2, 5))));
        assertThat(cropped.page(page.id()).orElseThrow().flow()).isEqualTo(Page.Flow.FLOWED);
    }

    @Test
    void photosThatLookAlikeComeTogetherOrApartAsWished() {
        Piece wished = gathered(32);
        Album usual = album(1, 5);
        for (List<Integer> page : numbers(flowed(wished, usual.withAlike(Optional.of(Album.AlikePhotos.APART))))) {
            assertThat(page.stream().map(number -> number / 3)).doesNotHaveDuplicates();
        }
        for (List<Integer> page : numbers(flowed(wished, usual.withAlike(Optional.of(Album.AlikePhotos.TOGETHER))))) {
            // 3, 4 and 5 are one group: where the first of a group is, all of it is.
            assertThat(page.get(0) % 3 == 0 || page.get(0) == 1).as("%s", page).isTrue();
        }
    }

    @Test
    void wordsAmongPhotosAreAsLargeAsTheyNeedAndCloseUpWhenTheyGo() {
        Piece begun = flowed(gathered(8), album(4, 4));
        Page first = begun.pages().get(0);
        UUID entry = begun.slottedEntries(first).get(1);
        Piece few = after(begun, new AlbumEdit.AddBlock(entry, new UUID(7, 1), "Two words"));
        Piece many =
                after(begun, new AlbumEdit.AddBlock(entry, new UUID(7, 1), "A long story of the wind. ".repeat(40)));
        Frame block = few.pages().get(0).slotted().get(2);
        assertThat(block.ownWords().orElseThrow().text()).isEqualTo("Two words");
        assertThat(few.pages().get(0).flow()).isEqualTo(Page.Flow.FLOWED);
        assertThat(area(many, 2)).isGreaterThan(1.4 * area(few, 2));
        Piece gone = after(few, new ItemEdit.RemoveItems(few.pages().get(0).id(), List.of(block.id())));
        assertThat(gone.pages().get(0).flow()).isEqualTo(Page.Flow.FLOWED);
        assertThat(gone.slottedEntries(gone.pages().get(0)))
                .isEqualTo(few.slottedEntries(few.pages().get(0)));
        assertThat(flowed(gone, album(4, 4)).pages())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("id")
                .isEqualTo(begun.pages());
    }

    /** Of a frame in a slot of the first page, in square millimetres. */
    private static double area(Piece piece, int slot) {
        Page page = piece.pages().get(0);
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, page, FACTS);
        BoxMm box = fits.of(page.slotted().get(slot).id()).box();
        return box.width() * box.height();
    }

    @Test
    void aPhotoTakenOutLeavesNoHoleAndStaysOut() {
        Piece album = flowed(gathered(6), album(3, 3));
        Page first = album.pages().get(0);
        Piece without = after(
                album,
                new ArrangeEdit.EmptyFrame(first.id(), first.slotted().get(1).id()));
        assertThat(numbers(without)).containsExactly(List.of(1, 3), List.of(4, 5, 6));
        assertThat(without.pages().get(1)).isSameAs(album.pages().get(1));
        Entry out = without.entries().of(photo(2)).orElseThrow();
        assertThat(out.aside()).isTrue();
        assertThat(numbers(flowed(without, album(5, 5)))).containsExactly(List.of(1, 3, 4, 5, 6));
        Piece again = flowed(after(without, new AlbumEdit.SetAside(List.of(out.id()), false)), album(3, 3));
        assertThat(numbers(again)).containsExactly(List.of(1, 2, 3), List.of(4, 5, 6));
        List<UUID> all = again.entries().list().stream().map(Entry::id).toList();
        assertThat(after(again, new EntryEdit.RemoveEntries(all.subList(0, 3))).pages())
                .hasSize(1);
        assertThat(after(again, new EntryEdit.RemoveEntries(all)).pages()).hasSize(1);
    }

    /** Words laid on a page go with the photo that they lie on; a page of words stays behind its photo. */
    @Test
    void wordsAndPagesOfTheirOwnKeepTheirPlaceInTheOrder() {
        Piece album = flowed(gathered(8), album(4, 4));
        UUID second = album.pages().get(1).id();
        Piece worded = after(
                album,
                new WordsEdit.AddWords(second, WordsEdit.WordsPlace.TOP, Optional.of("In August")),
                new PageEdit.AddPage(album.pages().get(0).id()));
        Page own = worded.pages().get(1);
        assertThat(own.flow()).isEqualTo(Page.Flow.BY_HAND);
        Piece texted = after(
                worded,
                new ArrangeEdit.ReleasePage(own.id()),
                new WordsEdit.AddWords(own.id(), WordsEdit.WordsPlace.FREE, Optional.of("A summer")));
        Piece two = flowed(texted, album(2, 2));
        assertThat(numbers(two)).containsExactly(List.of(1, 2), List.of(3, 4), List.of(), List.of(5, 6), List.of(7, 8));
        assertThat(words(two, 2)).containsExactly("A summer");
        assertThat(words(two, 3)).containsExactly("In August");
        assertThat(flowed(two, album(4, 4)).pages()).hasSize(3);
    }

    /** Each begins on a page of its own, with its title across it; a title written on the page counts. */
    @Test
    void chaptersBeginOnPagesOfTheirOwnAndKeepTheirTitles() {
        Piece gathered = gathered(10);
        Album wished = chaptered(gathered, album(4, 4), 1, "Arrival", 4, "The long beach", 9, "");
        Piece album = flowed(gathered, wished);
        assertThat(numbers(album)).containsExactly(List.of(1, 2, 3), List.of(4, 5, 6, 7, 8), List.of(9, 10));
        assertThat(words(album, 0)).containsExactly("Arrival");
        assertThat(words(album, 1)).containsExactly("The long beach");
        assertThat(words(album, 2)).isEmpty();
        Page second = album.pages().get(1);
        Piece written = after(
                album,
                new WordsEdit.WriteWords(second.id(), new UUID(9, 4), "The very long beach"),
                new ItemEdit.PatchItems(second.id(), List.of(new UUID(9, 4)), new ItemChange.SetOpacity(0.5)));
        Piece two = flowed(written, chaptered(gathered, album(2, 2), 1, "Home", 4, "The long beach"));
        assertThat(numbers(two).get(0)).containsExactly(1, 2, 3);
        assertThat(words(two, 0)).containsExactly("Home");
        assertThat(words(two, 1)).containsExactly("The very long beach");
        assertThat(two.pages().get(1).frames()).anyMatch(frame -> frame.look().opacity() == 0.5);
        assertThat(two.album().orElseThrow().chapters().get(1).title()).isEqualTo("The very long beach");
        Piece plain = flowed(two, album(2, 2));
        assertThat(IntStream.range(0, plain.pages().size()).boxed().flatMap(page -> words(plain, page).stream()))
                .isEmpty();
        assertThat(numbers(plain)).hasSize(5);
    }

    /** A copy is a page of its own; its photos flow all the same, and words beside a photo that is pinned elsewhere, too, stay. */
    @Test
    void aCopiedPageTakesNothingFromTheAlbum() {
        Piece album = flowed(gathered(6), album(3, 3));
        Piece copied = flowed(
                after(album, new PageEdit.CopyPages(List.of(album.pages().get(0).id()))), album(3, 3));
        assertThat(numbers(copied)).containsExactly(List.of(1, 2, 3), List.of(1, 2, 3), List.of(4, 5, 6));
        Page first = album.pages().get(0);
        Page second = album.pages().get(1);
        Piece twice = after(
                album,
                new WordsEdit.AddWords(second.id(), WordsEdit.WordsPlace.FREE, Optional.of("Low water")),
                new ArrangeEdit.PlaceEntry(
                        first.id(),
                        first.slotted().get(0).id(),
                        album.entries().of(photo(5)).orElseThrow().id()));
        Piece again = flowed(twice, album(1, 1));
        assertThat(IntStream.range(0, again.pages().size()).boxed().flatMap(page -> words(again, page).stream()))
                .containsExactly("Low water");
    }

    @Test
    void marginsThatLeaveNothingAreRefused() {
        Piece gathered = gathered(3);
        Album narrow = new Album(1, 3, false, false, false, Margins.all(mm(100)), mm(4), List.of());
        assertThatThrownBy(() -> flowed(gathered, narrow)).hasMessageContaining("MARGINS_TAKE_ALL");
        Piece begun = flowed(gathered, album(1, 3));
        List<UUID> all = begun.entries().list().stream().map(Entry::id).toList();
        Piece anew =
                after(begun, new EntryEdit.RemoveEntries(all), new EntryEdit.AddPhotos(List.of(photo(7), photo(8))));
        assertThat(numbers(flowed(anew, album(2, 2)))).containsExactly(List.of(7, 8));
    }

    /** A chapter whose first photo is gone begins with the next one; with its last photo it is gone, too. */
    @Test
    void chaptersOutliveTheirFirstPhoto() {
        Piece gathered = gathered(6);
        Piece album = flowed(gathered, chaptered(gathered, album(2, 3), 1, "One", 3, "Two", 4, "Three"));
        UUID third = album.entries().of(photo(3)).orElseThrow().id();
        UUID first = album.entries().of(photo(1)).orElseThrow().id();
        Piece left = after(album, new EntryEdit.RemoveEntries(List.of(first, third)));
        assertThat(left.album().orElseThrow().chapters())
                .extracting(Chapter::title)
                .containsExactly("One", "Three");
        assertThat(left.album().orElseThrow().chapters().get(0).first())
                .isEqualTo(left.entries().of(photo(2)).orElseThrow().id());
        Piece copy = PieceCopy.of(left, "Copy", UUID::randomUUID);
        assertThat(copy.album().orElseThrow().chapters().get(0).first())
                .isEqualTo(copy.entries().list().get(0).id());
        assertThat(numbers(flowed(copy, copy.album().orElseThrow())))
                .isEqualTo(numbers(flowed(left, left.album().orElseThrow())));
    }

    private static List<String> words(Piece piece, int page) {
        return piece.pages().get(page).frames().stream()
                .flatMap(frame -> frame.ownWords().stream())
                .map(words -> words.text())
                .toList();
    }

    @Test
    void aMarkedPhotoIsLargeAndMayHaveAPageToItself() {
        Piece album = flowed(gathered(12), album(4, 4));
        Page page = album.pages().get(1);
        Frame marked = page.slotted().get(0);
        Piece wished = after(
                album,
                new ItemEdit.PatchItems(
                        page.id(),
                        List.of(marked.id()),
                        new ItemChange.SetMarks(new Marks(true, false, Marks.Turn.ANY, 0, false))));
        Piece varied = flowed(wished, new Album(2, 5, true, false, false, Margins.all(mm(10)), mm(4), List.of()));
        assertThat(numbers(varied)).contains(List.of(5));
        assertThat(numbers(varied).stream().filter(one -> one.size() == 1)).hasSize(1);
        Piece full = flowed(wished, album(4, 4));
        Page same = full.pages().get(1);
        PlacesOutcome.Fits places = (PlacesOutcome.Fits) Places.of(full, same, FACTS);
        double[] areas = same.slotted().stream()
                .mapToDouble(frame -> places.of(frame.id()).box().width()
                        * places.of(frame.id()).box().height())
                .toArray();
        assertThat(areas[0]).isGreaterThan(1.3 * Math.max(areas[1], Math.max(areas[2], areas[3])));
    }

    @Test
    void oddChoicesGiveSensiblePages() {
        assertThat(numbers(flowed(gathered(1), album(9, 9)))).containsExactly(List.of(1));
        assertThat(numbers(flowed(gathered(7), album(2, 2)))).last().satisfies(last -> assertThat(last)
                .hasSizeBetween(2, 3));
        Piece bare = piece(grid(2, 2, 10, 5), 1);
        refused(bare);
    }

    /** Eight hundred times one picture, taken at one moment, or at moments that cannot be. */
    @Test
    void photosThatNothingTellsApartFlowInTheirOrder() {
        Piece wished = gathered(800);
        Album usual = album(2, 5).withAlike(Optional.of(Album.AlikePhotos.APART));
        for (LocalDateTime[] at : new LocalDateTime[][] {
            {},
            {LocalDateTime.of(2026, 7, 1, 9, 0)},
            {LocalDateTime.of(1, 1, 1, 0, 0), LocalDateTime.of(9999, 12, 31, 23, 59)}
        }) {
            PhotoFacts same = new PhotoFacts() {
                @Override
                public Optional<PixelSize> size(PhotoId photo) {
                    return Optional.of(new PixelSize(3000, 2000));
                }

                @Override
                public Map<PhotoId, Trait> traits(List<PhotoId> photos) {
                    return photos.stream().collect(Collectors.toMap(photo -> photo, photo -> new Trait(5, 9)));
                }

                @Override
                public Map<PhotoId, PhotoNotes> notes(UUID piece, List<PhotoId> photos) {
                    Map<PhotoId, PhotoNotes> notes = new HashMap<>();
                    for (int i = 0; at.length > 0 && i < photos.size(); i++) {
                        notes.put(
                                photos.get(i),
                                new PhotoNotes("", Optional.of(at[i % at.length]), "", Optional.empty()));
                    }
                    return notes;
                }
            };
            Piece album = AlbumFlow.flowed(wished, usual, same, UUID::randomUUID);
            assertThat(numbers(album).stream().flatMap(List::stream))
                    .containsExactlyElementsOf(
                            IntStream.rangeClosed(1, 800).boxed().toList());
            assertThat(album.pages()).allMatch(page -> page.slotted().size() <= 5);
            assertThat(Chapters.proposed(wished, same, UUID::randomUUID)).hasSizeLessThanOrEqualTo(Album.MOST_CHAPTERS);
        }
    }

    private static void refused(Piece bare) {
        assertThatThrownBy(() -> flowed(bare, album(2, 2))).hasMessageContaining("NOTHING_WAITS");
        assertThat(applied(bare).pages()).isEqualTo(bare.pages());
    }

    @Test
    void allPagesHaveNamesOfTheirOwn() {
        Piece album = flowed(flowed(flowed(gathered(30), album(4, 4)), album(1, 1)), album(3, 5));
        Set<UUID> names = new HashSet<>();
        List<UUID> all = new ArrayList<>();
        album.pages().forEach(page -> {
            all.add(page.id());
            page.frames().forEach(frame -> all.add(frame.id()));
        });
        names.addAll(all);
        assertThat(names).hasSameSizeAs(all);
    }
}
