package wovenset.core.album;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * What there is of an album before it flows anew, by the entries that it belongs to: the frame of each, with all that was done to it, and what
 * lies freely on the pages, which goes where the photo goes that it lies nearest to.
 */
final class HandWork {
    /** What lies freely, and whether behind the photos. */
    record Loose(Item item, boolean behind) {}

    private final Piece piece;
    private final PhotoFacts facts;
    final Map<UUID, Frame> frames = new HashMap<>();
    final Map<UUID, Page> pageOf = new HashMap<>();
    final Map<UUID, List<Loose>> loose = new HashMap<>();
    /** Words among the photos, by what they follow. */
    private final Map<UUID, List<Frame>> blocks = new HashMap<>();

    private final List<Frame> blocksInFront = new ArrayList<>();
    /** Pages by what lies in their slots. */
    final Map<List<UUID>, Page> byContents = new LinkedHashMap<>();
    /** The words of chapters across the pages on which they began, by their chapters. */
    final Map<UUID, Frame> headings = new HashMap<>();

    /** The pages before chapters for their titles, by the chapters. */
    final Map<UUID, Page> openings = new HashMap<>();

    /** What lies on pages that stay as they are: the words of chapters among it are there already. */
    final Set<UUID> headed = new HashSet<>();

    private final Set<UUID> chapters = new HashSet<>();
    /** Entries that pages outside the flow show. */
    final Set<UUID> elsewhere = new HashSet<>();
    /** The pages that stay as they are, by the entries that they show: two where a photo lies across the fold. */
    final Map<UUID, List<Page>> fixed = new HashMap<>();

    HandWork(Piece piece, PhotoFacts facts) {
        this.piece = piece;
        this.facts = facts;
        piece.album().ifPresent(album -> album.chapters().forEach(chapter -> chapters.add(chapter.id())));
        for (Page page : piece.pages()) {
            if (page.flow() == Page.Flow.BY_HAND) {
                shown(page).forEach(elsewhere::add);
            } else if (page.flow() == Page.Flow.OPENING) {
                readOpening(page);
            } else if (isFixed(page)) {
                shown(page).stream().distinct().forEach(entry -> fixed.computeIfAbsent(entry, id -> new ArrayList<>())
                        .add(page));
                page.items().forEach(item -> headed.add(item.id()));
            }
        }
        List<Page> flowed = piece.pages().stream().filter(HandWork::isFlowed).toList();
        flowed.forEach(this::readSlots);
        readBlocks();
        // A photo that was only laid freely on a page has its place already; one that flows goes on flowing, though it
        // is elsewhere, too.
        flowed.forEach(page -> elsewhere.addAll(shown(page)));
        elsewhere.removeAll(frames.keySet());
        flowed.forEach(this::readLoose);
    }

    static boolean isFlowed(Page page) {
        return page.flow() == Page.Flow.FLOWED && !isFixed(page);
    }

    /** Pinned, or with something in its slots that the flow could not move: a part of a picture, a group. */
    static boolean isFixed(Page page) {
        if (page.flow() == Page.Flow.BY_HAND || page.flow() == Page.Flow.OPENING) {
            return false;
        }
        Set<UUID> own = new HashSet<>();
        page.items().forEach(item -> own.add(item.id()));
        return page.flow() == Page.Flow.PINNED
                || page.slotted().stream()
                        .anyMatch(frame -> !(frame.isForPhotos() || isBlock(frame))
                                || frame.fill() instanceof Fill.Through
                                || !own.contains(frame.id()));
    }

    /** Whether words stand among the photos: on a flowed page they flow with them. */
    static boolean isBlock(Frame frame) {
        return frame.isSlotted() && frame.fill() instanceof Fill.Words;
    }

    /** The names of what lies in a page's slots: the entry of a photo, the frame of words. */
    List<UUID> contents(Page page) {
        return page.slotted().stream()
                .flatMap(frame ->
                        isBlock(frame) ? Stream.of(frame.id()) : piece.entryOf(page, frame).map(Entry::id).stream())
                .toList();
    }

    /** The words that follow a photo. */
    List<Frame> blocksAfter(UUID entry) {
        return blocks.getOrDefault(entry, List.of());
    }

    /** The words that stand before all photos. */
    List<Frame> blocksInFront() {
        return blocksInFront;
    }

    /** Lets words follow a photo, before those that do already. */
    void add(Frame words, UUID after) {
        blocks.computeIfAbsent(after, id -> new ArrayList<>()).add(0, words);
    }

    /** Whether the flow has a place for a photo. */
    boolean flows(UUID entry) {
        return !elsewhere.contains(entry)
                && !fixed.containsKey(entry)
                && piece.entries().find(entry).filter(one -> !one.aside()).isPresent();
    }

    /** The words of a chapter, wherever they stand. */
    Optional<Frame> title(UUID chapter) {
        return Optional.ofNullable(headings.get(chapter))
                .or(() -> Optional.ofNullable(openings.get(chapter)).flatMap(page -> page.frame(chapter)));
    }

    List<UUID> shown(Page page) {
        return page.frames().stream()
                .flatMap(frame -> piece.entryOf(page, frame).stream())
                .map(entry -> entry.id())
                .toList();
    }

    private void readOpening(Page page) {
        page.frames().stream()
                .filter(frame -> chapters.contains(frame.id()))
                .findFirst()
                .ifPresent(title -> openings.put(title.id(), page));
        shown(page).forEach(elsewhere::add);
    }

    private void readSlots(Page page) {
        for (Frame frame : page.slotted()) {
            piece.entryOf(page, frame).ifPresent(entry -> {
                frames.putIfAbsent(entry.id(), frame);
                pageOf.putIfAbsent(entry.id(), page);
            });
        }
        page.slotted().stream().filter(HandWork::isBlock).forEach(words -> pageOf.putIfAbsent(words.id(), page));
        byContents.putIfAbsent(contents(page), page);
    }

    private void readBlocks() {
        Optional<UUID> last = Optional.empty();
        for (Page page : piece.pages()) {
            boolean flowed = isFlowed(page);
            for (Frame frame : page.slotted()) {
                Optional<UUID> entry =
                        piece.entryOf(page, frame).map(Entry::id).filter(id -> flows(id) || fixed.containsKey(id));
                if (flowed && isBlock(frame)) {
                    last.map(id -> blocks.computeIfAbsent(id, absent -> new ArrayList<>()))
                            .orElse(blocksInFront)
                            .add(frame);
                } else if (entry.isPresent()) {
                    last = entry;
                }
            }
        }
    }

    private void readLoose(Page page) {
        List<Frame> slotted = page.slotted();
        Set<UUID> inSlots = new HashSet<>();
        slotted.forEach(frame -> inSlots.add(frame.id()));
        boolean behind = true;
        for (Item item : page.items()) {
            if (inSlots.contains(item.id())) {
                behind = false;
            } else if (item instanceof Frame frame && chapters.contains(item.id())) {
                headings.put(item.id(), frame);
            } else {
                Loose one = new Loose(item, behind);
                nearest(page, item, slotted).ifPresent(entry -> loose.computeIfAbsent(entry, id -> new ArrayList<>())
                        .add(one));
            }
        }
    }

    /** What lies freely on a page, from back to front, but for headings of chapters. */
    static List<Item> looseOn(Page page, Set<UUID> headings) {
        Set<UUID> inSlots = new HashSet<>(headings);
        page.slotted().forEach(frame -> inSlots.add(frame.id()));
        return page.items().stream()
                .filter(item -> !inSlots.contains(item.id()))
                .toList();
    }

    private Optional<UUID> nearest(Page page, Item item, List<Frame> slotted) {
        Optional<Placement.Free> own = Items.frames(List.of(item)).stream()
                .map(Frame::placement)
                .filter(Placement.Free.class::isInstance)
                .map(Placement.Free.class::cast)
                .findFirst();
        PlacesOutcome places = Places.of(piece, page, facts);
        if (own.isEmpty() || !(places instanceof PlacesOutcome.Fits fits)) {
            return piece.slottedEntries(page).stream().filter(this::flows).findFirst();
        }
        Place at = Place.of(own.get());
        return slotted.stream()
                .filter(frame -> piece.entryOf(page, frame)
                        .filter(entry -> flows(entry.id()))
                        .isPresent())
                .min(Comparator.comparingDouble(frame -> distance(fits.of(frame.id()), at)))
                .flatMap(frame -> piece.entryOf(page, frame))
                .map(entry -> entry.id());
    }

    private static double distance(Place one, Place other) {
        return Math.hypot(
                one.box().centreX() - other.box().centreX(),
                one.box().centreY() - other.box().centreY());
    }
}
