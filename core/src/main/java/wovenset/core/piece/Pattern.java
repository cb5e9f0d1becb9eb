package wovenset.core.piece;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;

/**
 * A page without its photos, to be used for others.
 *
 * @param name 1 to {@value #LONGEST_NAME} characters
 * @param width of the page it was made on; on another all lengths are scaled
 * @param height the same
 * @param frames from back to front
 * @param dress how the frames look, and where their words are
 */
public record Pattern(
        String name, Length width, Length height, Arrangement arrangement, List<PatternFrame> frames, Dress dress) {
    public static final int LONGEST_NAME = 60;
    public static final int MOST_FRAMES = 500;

    public Pattern {
        frames = List.copyOf(frames);
        if (name.isBlank()
                || name.codePointCount(0, name.length()) > LONGEST_NAME
                || name.codePoints().anyMatch(Character::isISOControl)) {
            throw new IllegalArgumentException("A pattern has a name of 1 to " + LONGEST_NAME + " characters");
        }
        for (Length side : List.of(width, height)) {
            if (side.compareTo(Format.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
                throw new IllegalArgumentException("A pattern's page is 5 mm to 5 m wide and high");
            }
        }
        if (frames.isEmpty() || frames.size() > MOST_FRAMES) {
            throw new IllegalArgumentException("A pattern has 1 to " + MOST_FRAMES + " frames");
        }
        if (frames.stream().filter(frame -> frame.spot() == null).count() != arrangement.places()) {
            throw new IllegalArgumentException(
                    "A pattern has one frame without a spot for each place of its arrangement");
        }
    }

    /**
     * @param spot a place of its own; null if the arrangement places it
     * @param border its own; null for the dress's
     */
    public record PatternFrame(@Nullable Spot spot, @Nullable Border border) {
        public static final PatternFrame PLAIN = new PatternFrame(null, null);
    }
}
