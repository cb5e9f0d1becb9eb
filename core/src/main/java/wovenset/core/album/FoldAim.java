package wovenset.core.album;

import java.util.List;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;

/**
 * Where a photo that covers a spread lies, so that the fold meets no face. Of a few enlargements the least is taken at which there is such a
 * place, and of the places the nearest to the middle; where there is none, the photo covers the spread just so. Cost: steps times faces.
 */
public final class FoldAim {
    private static final double[] ENLARGED = {1, 1.08, 1.16, 1.25, 1.35, 1.5};
    private static final int STEPS = 40;
    /** What a binding hides on each side of the fold, as a share of the spread. */
    private static final double HIDDEN = 0.012;

    private FoldAim() {}

    /**
     * @param size of the upright photo
     * @param width of both pages in millimetres, as the height
     * @return the box that the whole photo takes, from the left page's corner; it is of the photo's own proportion and covers the spread
     */
    public static Box covering(PixelSize size, Subject subject, double width, double height) {
        for (double enlarged : ENLARGED) {
            double scale = enlarged * Math.max(width / size.width(), height / size.height());
            double across = size.width() * scale;
            double down = size.height() * scale;
            double middle = 0.5
                    * (subject.region().y()
                            + subject.region().y()
                            + subject.region().height());
            double y = Math.min(0, Math.max(height - down, height / 2 - middle * down));
            for (int step = 0; step <= STEPS; step++) {
                double off = (step % 2 == 0 ? 1 : -1) * Math.ceil(step / 2.0) / STEPS;
                double x = (width - across) * (0.5 + off);
                if (!meetsFace(subject.faces(), (width / 2 - x) / across, HIDDEN * width / across)) {
                    return Box.of(new BoxMm(x, y, across, down));
                }
            }
        }
        double scale = Math.max(width / size.width(), height / size.height());
        return Box.of(new BoxMm(
                (width - size.width() * scale) / 2,
                (height - size.height() * scale) / 2,
                size.width() * scale,
                size.height() * scale));
    }

    /**
     * @param fold how far across the photo the fold lies, 0 to 1
     * @param hidden on each side of it
     */
    public static boolean meetsFace(List<Region> faces, double fold, double hidden) {
        return faces.stream().anyMatch(face -> face.x() < fold + hidden && face.x() + face.width() > fold - hidden);
    }
}
