package wovenset.core.album;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;

/**
 * Proposes chapters: one begins where half a day passed without a photo, or the next photo was taken {@value #FAR_KM} km away. Those of fewer than
 * {@value #FEWEST} photos are joined to the neighbour that is nearer in time. Titles are the days. Photos without a date belong to the one before.
 * Cost: linear in the photos, and in the square of the chapters.
 */
public final class Chapters {
    private static final int FEWEST = 3;
    private static final double FAR_KM = 30;
    private static final Duration APART = Duration.ofHours(12);

    private Chapters() {}

    /** @return none where the photos are of one time and place, or their dates are not known */
    public static List<Chapter> proposed(Piece piece, PhotoFacts facts, Supplier<UUID> ids) {
        List<Entry> entries =
                piece.entries().list().stream().filter(entry -> !entry.aside()).toList();
        Map<PhotoId, PhotoNotes> notes =
                facts.notes(piece.id(), entries.stream().map(Entry::photo).toList());
        List<PhotoNotes> known =
                entries.stream().map(entry -> entry.noted(notes)).toList();
        List<Integer> begins = begins(known);
        while (begins.size() > 1) {
            int small = smallest(begins, known.size());
            int size = end(begins, small, known.size()) - begins.get(small);
            if (size >= FEWEST) {
                break;
            }
            boolean withNext = small == 0
                    || small + 1 < begins.size()
                            && gap(known, begins.get(small + 1)).compareTo(gap(known, begins.get(small))) < 0;
            begins.remove(withNext ? small + 1 : small);
        }
        if (begins.size() < 2) {
            return List.of();
        }
        Locale locale = piece.styles().language().locale();
        List<Chapter> chapters = new ArrayList<>();
        for (int i = 0; i < begins.size(); i++) {
            List<PhotoNotes> inside = known.subList(begins.get(i), end(begins, i, known.size()));
            chapters.add(new Chapter(
                    ids.get(), days(inside, locale), entries.get(begins.get(i)).id()));
        }
        return chapters;
    }

    private static List<Integer> begins(List<PhotoNotes> known) {
        List<Integer> begins = new ArrayList<>();
        PhotoNotes before = PhotoNotes.NONE;
        for (int i = 0; i < known.size(); i++) {
            PhotoNotes photo = known.get(i);
            if (i == 0 || isLater(before, photo) || isFar(before, photo)) {
                begins.add(i);
            }
            before = new PhotoNotes(
                    "", photo.takenAt().or(before::takenAt), "", photo.place().or(before::place));
        }
        return begins;
    }

    private static boolean isLater(PhotoNotes before, PhotoNotes photo) {
        return before.takenAt().isPresent()
                && photo.takenAt().isPresent()
                && Duration.between(before.takenAt().get(), photo.takenAt().get())
                                .abs()
                                .compareTo(APART)
                        >= 0;
    }

    private static boolean isFar(PhotoNotes before, PhotoNotes photo) {
        return before.place().isPresent()
                && photo.place().isPresent()
                && before.place().get().kmTo(photo.place().get()) > FAR_KM;
    }

    private static int end(List<Integer> begins, int chapter, int all) {
        return chapter + 1 < begins.size() ? begins.get(chapter + 1) : all;
    }

    private static int smallest(List<Integer> begins, int all) {
        int smallest = 0;
        for (int i = 1; i < begins.size(); i++) {
            if (end(begins, i, all) - begins.get(i) < end(begins, smallest, all) - begins.get(smallest)) {
                smallest = i;
            }
        }
        return smallest;
    }

    /** How long before a photo the one before it was taken. */
    private static Duration gap(List<PhotoNotes> known, int at) {
        Optional<LocalDateTime> one = known.get(at - 1).takenAt();
        Optional<LocalDateTime> other = known.get(at).takenAt();
        return one.isPresent() && other.isPresent()
                ? Duration.between(one.get(), other.get()).abs()
                : Duration.ZERO;
    }

    private static String days(List<PhotoNotes> inside, Locale locale) {
        List<LocalDateTime> times = inside.stream()
                .flatMap(photo -> photo.takenAt().stream())
                .sorted()
                .toList();
        if (times.isEmpty()) {
            return "";
        }
        LocalDateTime first = times.get(0);
        LocalDateTime last = times.get(times.size() - 1);
        DateTimeFormatter whole = DateTimeFormatter.ofPattern("d MMMM", locale);
        if (first.toLocalDate().equals(last.toLocalDate())) {
            return whole.format(first);
        }
        boolean oneMonth = first.getMonth() == last.getMonth() && first.getYear() == last.getYear();
        String from =
                DateTimeFormatter.ofPattern(oneMonth ? "d" : "d MMMM", locale).format(first);
        return from + " – " + whole.format(last);
    }
}
