package wovenset.core.album;

import java.text.Normalizer;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * Finds pages by what is on them: words, captions, chapters, files' names, and the days on which photos were taken. Case and accents do not count;
 * each of several words has to be found. A number alone is a page's. Cost: linear in all words of the piece.
 */
public final class PageFinder {
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
    /** As people write days: 14 July 2026, and as files do: 2026-07-14. */
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH),
            DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH),
            DateTimeFormatter.ISO_LOCAL_DATE);

    private PageFinder() {}

    /**
     * @param text what is looked for
     * @return the pages in reading order; none for a text without words
     */
    public static List<UUID> find(Piece piece, String text, PhotoFacts facts) {
        String wanted = plain(text).strip();
        if (wanted.isEmpty()) {
            return List.of();
        }
        if (wanted.matches("\\d{1,3}")) {
            int number = Integer.parseInt(wanted);
            return number >= 1 && number <= piece.pages().size()
                    ? List.of(piece.pages().get(number - 1).id())
                    : List.of();
        }
        List<String> words = List.of(wanted.split("\\s+"));
        Map<PhotoId, PhotoNotes> notes = facts.notes(
                piece.id(), piece.entries().list().stream().map(Entry::photo).toList());
        Map<UUID, String> chapters = new HashMap<>();
        piece.album().ifPresent(album -> album.chapters().forEach(one -> chapters.put(one.first(), one.title())));
        List<UUID> found = new ArrayList<>();
        for (Page page : piece.pages()) {
            String all = plain(said(piece, page, notes, chapters));
            if (words.stream().allMatch(word -> isIn(all, word))) {
                found.add(page.id());
            }
        }
        return found;
    }

    /** A number has to stand by itself: the 2nd is no part of 2026. */
    private static boolean isIn(String all, String word) {
        return word.chars().allMatch(Character::isDigit)
                ? Pattern.compile("(?<!\\d)" + word + "(?!\\d)").matcher(all).find()
                : all.contains(word);
    }

    private static String said(Piece piece, Page page, Map<PhotoId, PhotoNotes> notes, Map<UUID, String> chapters) {
        StringBuilder said = new StringBuilder();
        for (Frame frame : page.frames()) {
            frame.ownWords().ifPresent(words -> said.append(words.text()).append('\n'));
            said.append(piece.wordsOf(page, frame)).append('\n');
            piece.entryOf(page, frame).ifPresent(entry -> {
                PhotoNotes note = entry.noted(notes);
                said.append(note.fileName()).append('\n');
                said.append(chapters.getOrDefault(entry.id(), "")).append('\n');
                note.takenAt()
                        .ifPresent(at ->
                                DAYS.forEach(day -> said.append(day.format(at)).append('\n')));
            });
        }
        return said.toString();
    }

    private static String plain(String text) {
        return ACCENTS.matcher(Normalizer.normalize(text, Normalizer.Form.NFKD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
    }
}
