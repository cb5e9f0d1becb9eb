package wovenset.core.pattern;

import java.util.List;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.item.Frame;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.StyleSheet;

/**
 * A page without its photos, to be used for others.
 *
 * @param name 1 to {@value #LONGEST_NAME} characters
 * @param width of the page it was made on; on another all lengths are scaled
 * @param height the same
 * @param page with frames for photos, empty, and its words
 * @param styles how the frames look, and where their words are
 */
public record Pattern(String name, Length width, Length height, Page page, StyleSheet styles) {
    public static final int LONGEST_NAME = 60;

    public Pattern {
        boolean named = !name.isBlank()
                && name.codePointCount(0, name.length()) <= LONGEST_NAME
                && name.codePoints().noneMatch(Character::isISOControl);
        Checks.that(named, Reason.PATTERN_NAME, LONGEST_NAME);
        for (Length side : List.of(width, height)) {
            boolean within = side.compareTo(Format.SMALLEST) >= 0 && side.compareTo(Format.LARGEST) <= 0;
            Checks.that(within, Reason.PATTERN_SIZE);
        }
        List<Frame> frames = page.frames();
        Checks.that(
                frames.stream().anyMatch(Frame::isForPhotos) && frames.size() <= Page.MOST_FRAMES,
                Reason.PATTERN_FRAMES,
                Page.MOST_FRAMES);
        Checks.that(
                frames.stream().allMatch(frame -> frame.isEmpty() || !frame.isForPhotos()), Reason.PATTERN_WITH_PHOTOS);
    }

    public Arrangement arrangement() {
        return page.arrangement();
    }
}
