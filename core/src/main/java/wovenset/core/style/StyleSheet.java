package wovenset.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
 * @param grounds of all pages that have none of their own
 * @param mounts the papers that groups lie on
 * @param texts how words look that share it
 * @param edges how photos end that touch the trim
 * @param language that the words are in
 * @param folio the numbers of the pages, if they have any
 */
public record StyleSheet(
        List<FrameStyle> frames,
        CaptionStyle captions,
        Grounds grounds,
        List<Mount> mounts,
        List<SharedText> texts,
        Light light,
        EdgeRun edges,
        CutMarks cutMarks,
        Language language,
        Optional<Folio> folio) {
    public static final int MOST_STYLES = 200;

    public StyleSheet {
        frames = List.copyOf(frames);
        mounts = List.copyOf(mounts);
        texts = List.copyOf(texts);
        Checks.that(texts.size() <= MOST_STYLES, Reason.STYLE_COUNT, MOST_STYLES);
        Checks.that(mounts.size() <= MOST_STYLES, Reason.STYLE_COUNT, MOST_STYLES);
        Checks.that(!frames.isEmpty() && frames.size() <= MOST_STYLES, Reason.STYLE_COUNT, MOST_STYLES);
    }

    /** Frames without a border on white, with words below those that have some. */
    public static StyleSheet plain(UUID style) {
        return new StyleSheet(
                List.of(FrameStyle.plain(style, "Frame")),
                new CaptionStyle(CaptionStyle.Show.WRITTEN, "Alegreya", 11, Rgb.INK, 1),
                Grounds.of(new Paint.Solid(new Rgb("#ffffff"))),
                List.of(),
                List.of(),
                Light.USUAL,
                EdgeRun.CONTINUED,
                CutMarks.NONE,
                Language.ENGLISH,
                Optional.empty());
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
        return new StyleSheet(changed, captions, grounds, mounts, texts, light, edges, cutMarks, language, folio);
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
        return new StyleSheet(left, captions, grounds, mounts, texts, light, edges, cutMarks, language, folio);
    }

    /** With this style before the others: new frames wear it. */
    public StyleSheet withUsual(UUID style) {
        List<FrameStyle> ordered = new ArrayList<>(frames);
        FrameStyle first = frame(style);
        ordered.remove(first);
        ordered.add(0, first);
        return new StyleSheet(ordered, captions, grounds, mounts, texts, light, edges, cutMarks, language, folio);
    }

    public StyleSheet withCaptions(CaptionStyle newCaptions) {
        return new StyleSheet(frames, newCaptions, grounds, mounts, texts, light, edges, cutMarks, language, folio);
    }

    public StyleSheet withGrounds(Grounds newGrounds) {
        return new StyleSheet(frames, captions, newGrounds, mounts, texts, light, edges, cutMarks, language, folio);
    }

    /** The papers of this name, if the piece has them. */
    public Optional<Mount> mount(UUID id) {
        return mounts.stream().filter(mount -> mount.id().equals(id)).findFirst();
    }

    public StyleSheet withMounts(List<Mount> newMounts) {
        return new StyleSheet(frames, captions, grounds, newMounts, texts, light, edges, cutMarks, language, folio);
    }

    /** With these papers in the place of those of the same identity, or after the others. */
    public StyleSheet with(Mount mount) {
        List<Mount> changed = new ArrayList<>(mounts);
        changed.replaceAll(one -> one.id().equals(mount.id()) ? mount : one);
        if (!changed.contains(mount)) {
            changed.add(mount);
        }
        return withMounts(changed);
    }

    /** The style of words of this name, if the piece has it. */
    public Optional<SharedText> text(UUID id) {
        return texts.stream().filter(text -> text.id().equals(id)).findFirst();
    }

    public StyleSheet withTexts(List<SharedText> newTexts) {
        return new StyleSheet(frames, captions, grounds, mounts, newTexts, light, edges, cutMarks, language, folio);
    }

    /** With this style of words in the place of the one of the same identity, or after the others. */
    public StyleSheet with(SharedText text) {
        List<SharedText> changed = new ArrayList<>(texts);
        changed.replaceAll(one -> one.id().equals(text.id()) ? text : one);
        if (!changed.contains(text)) {
            changed.add(text);
        }
        return withTexts(changed);
    }

    public StyleSheet withLight(Light newLight) {
        return new StyleSheet(frames, captions, grounds, mounts, texts, newLight, edges, cutMarks, language, folio);
    }

    public StyleSheet withEdges(EdgeRun newEdges) {
        return new StyleSheet(frames, captions, grounds, mounts, texts, light, newEdges, cutMarks, language, folio);
    }

    public StyleSheet withCutMarks(CutMarks marks) {
        return new StyleSheet(frames, captions, grounds, mounts, texts, light, edges, marks, language, folio);
    }

    public StyleSheet withLanguage(Language newLanguage) {
        return new StyleSheet(frames, captions, grounds, mounts, texts, light, edges, cutMarks, newLanguage, folio);
    }

    public StyleSheet withFolio(Optional<Folio> newFolio) {
        return new StyleSheet(frames, captions, grounds, mounts, texts, light, edges, cutMarks, language, newFolio);
    }
}
