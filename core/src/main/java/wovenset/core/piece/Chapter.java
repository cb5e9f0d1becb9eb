package wovenset.core.piece;

import java.util.UUID;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A part of an album, which begins on a page of its own and ends where the next one begins.
 *
 * @param id also that of the words across the page on which it begins
 * @param title empty for none
 * @param first the entry that it begins with
 */
public record Chapter(UUID id, String title, UUID first) {
    public static final int LONGEST_TITLE = 120;

    public Chapter {
        boolean fits = title.codePointCount(0, title.length()) <= LONGEST_TITLE
                && title.codePoints().noneMatch(Character::isISOControl);
        Checks.that(fits, Reason.CHAPTER_TITLE, LONGEST_TITLE);
    }

    public Chapter withTitle(String newTitle) {
        return new Chapter(id, newTitle, first);
    }

    public Chapter withFirst(UUID entry) {
        return new Chapter(id, title, entry);
    }
}
