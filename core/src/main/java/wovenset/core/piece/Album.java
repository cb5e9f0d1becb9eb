package wovenset.core.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import wovenset.core.arrangement.Margins;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How the photos of a piece flow over its pages, as it is wished.
 *
 * @param least photos on a page, 1 to {@value #MOST_ON_A_PAGE}
 * @param most photos on a page; as many as least for always so many
 * @param singles whether a photo may have a page to itself now and then, where least is more
 * @param openings whether a chapter with a title begins with a page for it alone
 * @param onRight whether chapters begin on right-hand pages
 * @param margins of right-hand pages, so that the left one is at the fold; none for photos that go to the edge
 * @param gap between photos
 * @param alike where photos that look alike come; nothing for wherever they come to
 * @param waiting what lay on pages that are gone; nothing if nothing waits
 * @param chapters no two begin with the same photo
 */
public record Album(
        int least,
        int most,
        boolean singles,
        boolean openings,
        boolean onRight,
        Margins margins,
        Length gap,
        Optional<AlikePhotos> alike,
        Optional<Waiting> waiting,
        List<Chapter> chapters) {
    public static final int MOST_ON_A_PAGE = 9;
    public static final int MOST_CHAPTERS = 200;

    /** Where photos that look alike come. */
    public enum AlikePhotos {
        /** On one page. */
        TOGETHER,
        /** On different pages. */
        APART
    }

    public Album {
        chapters = List.copyOf(chapters);
        Checks.that(least >= 1 && least <= most && most <= MOST_ON_A_PAGE, Reason.ALBUM_FULLNESS, MOST_ON_A_PAGE);
        Checks.that(!gap.isNegative(), Reason.GAP_NEGATIVE);
        Checks.that(chapters.size() <= MOST_CHAPTERS, Reason.CHAPTER_COUNT, MOST_CHAPTERS);
        Set<UUID> beginnings = new HashSet<>();
        Set<UUID> names = new HashSet<>();
        for (Chapter chapter : chapters) {
            Checks.that(beginnings.add(chapter.first()) && names.add(chapter.id()), Reason.CHAPTER_TWICE);
        }
    }

    /** An album in which photos that look alike come where they come. */
    public Album(
            int least,
            int most,
            boolean singles,
            boolean openings,
            boolean onRight,
            Margins margins,
            Length gap,
            List<Chapter> chapters) {
        this(least, most, singles, openings, onRight, margins, gap, Optional.empty(), Optional.empty(), chapters);
    }

    public Album withAlike(Optional<AlikePhotos> newAlike) {
        return new Album(least, most, singles, openings, onRight, margins, gap, newAlike, waiting, chapters);
    }

    public Album withWaiting(Optional<Waiting> newWaiting) {
        return new Album(least, most, singles, openings, onRight, margins, gap, alike, newWaiting, chapters);
    }

    /** The margins of a page: on the left those at the fold and outside change places. */
    public Margins margins(boolean onLeft) {
        return onLeft
                ? new Margins(margins.top(), /* right= */ margins.left(), margins.bottom(), /* left= */ margins.right())
                : margins;
    }

    public Album withChapters(List<Chapter> newChapters) {
        return new Album(least, most, singles, openings, onRight, margins, gap, alike, waiting, newChapters);
    }

    public Optional<Chapter> chapter(UUID id) {
        return chapters.stream().filter(chapter -> chapter.id().equals(id)).findFirst();
    }

    /**
     * The album after photos are gone: a chapter begins with the next one that is left, and is gone with its last one.
     *
     * @param order of all photos before
     */
    public Album without(Set<UUID> out, List<UUID> order) {
        List<Chapter> left = new ArrayList<>();
        Set<UUID> beginnings = new HashSet<>();
        chapters.forEach(chapter -> beginnings.add(chapter.first()));
        for (Chapter chapter : chapters) {
            int at = order.indexOf(chapter.first());
            while (at >= 0 && at < order.size() && out.contains(order.get(at))) {
                at++;
                if (at < order.size() && beginnings.contains(order.get(at))) {
                    at = order.size();
                }
            }
            if (at >= 0 && at < order.size()) {
                left.add(chapter.withFirst(order.get(at)));
            }
        }
        return withChapters(left);
    }
}
