package wovenset.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The styles of one piece.
 *
 * @param frames at least one; the first is that of new frames
 * @param captions the words below photos
 * @param ground of all pages that have none of their own
 * @param edges how photos end that touch the trim
 * @param language that the words are in
 */
public record StyleSheet(
        List<FrameStyle> frames,
        CaptionStyle captions,
        Paint ground,
        Light light,
        EdgeRun edges,
        CutMarks cutMarks,
        Language language) {
    public static final int MOST_STYLES = 200;

    public StyleSheet {
        frames = List.copyOf(frames);
        Checks.that(!frames.isEmpty() && frames.size() <= MOST_STYLES, Reason.STYLE_COUNT, MOST_STYLES);
    }

    /** Frames without a border on white, with words below those that have some. */
    public static StyleSheet plain(UUID style) {
        return new StyleSheet(
                List.of(FrameStyle.plain(style, "Frame")),
                new CaptionStyle(CaptionStyle.Show.WRITTEN, CaptionStyle.Place.BELOW, "Alegreya", 11, Rgb.INK, 1),
                new Paint.Solid(new Rgb("#ffffff")),
                Light.USUAL,
                EdgeRun.CONTINUED,
                CutMarks.NONE,
                Language.ENGLISH);
    }

    /** The style of frames that nobody has given another. */
    public FrameStyle usual() {
        return frames.get(0);
    }

    /** The style of this name; the usual one if it is no longer there. */
    public FrameStyle frame(UUID id) {
        return frames.stream()
                .filter(style -> style.id().equals(id))
                .findFirst()
                .orElse(usual());
    }

    /** With this style in the place of the one of the same name, or after the others. */
    public StyleSheet with(FrameStyle style) {
        List<FrameStyle> changed = new ArrayList<>(frames);
        int index = frames.stream().map(FrameStyle::id).toList().indexOf(style.id());
        if (index < 0) {
            changed.add(style);
        } else {
            changed.set(index, style);
        }
        return new StyleSheet(changed, captions, ground, light, edges, cutMarks, language);
    }

    /** With this style, under the next free name, unless one of the same identity is there already, which stays as it is. */
    public StyleSheet bringing(FrameStyle style) {
        return frame(style.id()).id().equals(style.id())
                ? this
                : with(style.withName(StyleNames.free(frames, style.id(), style.name())));
    }

    /** All but the style of this name. */
    public StyleSheet without(UUID style) {
        List<FrameStyle> left =
                frames.stream().filter(one -> !one.id().equals(style)).toList();
        return new StyleSheet(left, captions, ground, light, edges, cutMarks, language);
    }

    /** With this style before the others: new frames wear it. */
    public StyleSheet withUsual(UUID style) {
        List<FrameStyle> ordered = new ArrayList<>(frames);
        FrameStyle first = frame(style);
        ordered.remove(first);
        ordered.add(0, first);
        return new StyleSheet(ordered, captions, ground, light, edges, cutMarks, language);
    }

    public StyleSheet withCaptions(CaptionStyle newCaptions) {
        return new StyleSheet(frames, newCaptions, ground, light, edges, cutMarks, language);
    }

    public StyleSheet withGround(Paint newGround) {
        return new StyleSheet(frames, captions, newGround, light, edges, cutMarks, language);
    }

    public StyleSheet withLight(Light newLight) {
        return new StyleSheet(frames, captions, ground, newLight, edges, cutMarks, language);
    }

    public StyleSheet withEdges(EdgeRun newEdges) {
        return new StyleSheet(frames, captions, ground, light, newEdges, cutMarks, language);
    }

    public StyleSheet withCutMarks(CutMarks marks) {
        return new StyleSheet(frames, captions, ground, light, edges, marks, language);
    }

    public StyleSheet withLanguage(Language newLanguage) {
        return new StyleSheet(frames, captions, ground, light, edges, cutMarks, newLanguage);
    }
}
