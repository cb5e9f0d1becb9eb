package wovenset.core.frame;

import java.util.List;
import java.util.Optional;
import wovenset.core.drawing.Drawing;
import wovenset.core.geometry.Affine;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.item.Fading;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Subject;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Corners;
import wovenset.core.style.Course;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Language;
import wovenset.core.style.Outline;
import wovenset.core.style.Rule;
import wovenset.core.style.TextStyle;
import wovenset.core.style.effect.Effect;

/**
 * All that a frame's picture follows from, and nothing else: not where on the page it lies. Equal looks are drawn once.
 *
 * @param widthMm of the frame with its inner bands
 * @param reach how far it runs into the bleed
 * @param edges what the photo shows there
 * @param corners of the frame's edge
 * @param footMm by how much the outermost band is higher below; zero for forms that have no foot
 * @param effects of which something shows
 * @param fall where shadows fall and what is lit; none where nothing depends on it
 * @param ornament that it shows instead of a photo
 * @param painted what covers it instead of a photo
 * @param rule the line in it
 * @param text that fills it, or stands on its ornament
 * @param words below it; empty for none
 */
public record FrameLook(
        double widthMm,
        double heightMm,
        double turnDegrees,
        Reach reach,
        EdgeRun edges,
        Outline outline,
        List<Band> bands,
        Corners corners,
        double footMm,
        List<Effect> effects,
        Fall fall,
        double opacity,
        Optional<Fading> fading,
        Optional<Photo> photo,
        Optional<Ornament> ornament,
        Optional<Paint> painted,
        Optional<Rule> rule,
        Optional<Text> text,
        String words,
        CaptionStyle captions) {
    public FrameLook {
        bands = List.copyOf(bands);
        effects = List.copyOf(effects);
    }

    /** The effect of this kind, if there is one. */
    public <E extends Effect> Optional<E> effect(Class<E> kind) {
        return effects.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    /**
     * The photo in it.
     *
     * @param crop as the person wants it
     * @param middleX where in the window an aimed crop puts the subject: shares of its width and height
     * @param through where the upright photo's unit square lies in the unturned frame's axes, if it is seen through the frame
     * @param woven of what it is made up; nothing if it is shown itself
     * @param extended whether it goes on where it is shown whole and does not fill the window
     * @param sampled from where it goes on then; nothing if it is mirrored over its edges
     */
    public record Photo(
            PhotoPixels pixels,
            PixelSize size,
            Crop crop,
            Subject subject,
            double middleX,
            double middleY,
            Optional<Affine> through,
            Optional<Woven> woven,
            boolean extended,
            Optional<EdgeSources> sampled) {}

    /**
     * Away from the light, seen from the unturned frame: by how much a shadow is displaced for each of its height.
     *
     * @param right zero both where nothing depends on the light
     */
    public record Fall(double right, double down) {
        public static final Fall NONE = new Fall(0, 0);
    }

    /** A drawing in the colours of its parts. */
    public record Ornament(Drawing drawing, List<Rgb> colours) {}

    /**
     * Words in the place of a photo.
     *
     * @param hyphens the language by whose rules words are parted; nothing where they are not
     */
    public record Text(String words, TextStyle style, Course course, Optional<Language> hyphens) {}

    /** Millimetres beyond each side that touches the trim; zero for sides that do not. */
    public record Reach(double left, double top, double right, double bottom) {
        public static final Reach NONE = new Reach(0, 0, 0, 0);

        public boolean isNone() {
            return left == 0 && top == 0 && right == 0 && bottom == 0;
        }
    }
}
