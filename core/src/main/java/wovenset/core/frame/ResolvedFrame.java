package wovenset.core.frame;

import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;

/**
 * What comes of a {@link FrameLook}, in the frame's own axes: its top left corner is the origin.
 *
 * @param ops to be drawn; none for an empty frame without words
 * @param window where the photo shows, before it is turned and without what runs into the bleed
 */
public record ResolvedFrame(List<Op> ops, BoxMm window, Optional<Photo> photo, Optional<Words> words) {
    public ResolvedFrame {
        ops = List.copyOf(ops);
    }

    /**
     * @param to maps the upright photo's unit square to the unturned frame
     * @param crop as it shows, with the focus moved where the window would else be bare
     */
    public record Photo(Affine to, Crop crop, double ppi) {}

    /**
     * The words that fill a frame, or those below it.
     *
     * @param allShown false if some words had to be left out
     * @param missing signs that no typeface has
     * @param lenders typefaces that lend signs which the chosen one lacks
     */
    public record Words(List<String> lines, double sizePt, boolean allShown, String missing, List<String> lenders) {
        public Words {
            lines = List.copyOf(lines);
        }
    }
}
