package wovenset.core.frame;

import java.util.List;
import java.util.function.ToDoubleFunction;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;

/**
 * Where a crop that is aimed at the photo's subject has its focus. Each axis by itself: the window shows a share v of the
 * photo, the subject is [a, b] of it.
 *
 * <ul>
 *   <li>If b − a ≤ v, the window's middle is (a + b)/2, moved only as far as the photo's edges ask; as the subject lies within
 *       the photo, it then lies within the window. Aimed at thirds, the subject's middle is put at v/3 or 2v/3 of the window,
 *       whichever asks for less moving from there, and then moved back as far as the subject would else be cut.
 *   <li>If not, and there are faces: of all windows that begin or end at a face's edge, and that about the subject's middle, one
 *       that shows a face whole, cuts least of the others that would fit, then shows most of faces' lengths, then lies nearest to
 *       the middle.
 *   <li>Else the window's middle is the subject's.
 * </ul>
 *
 * For a photo that is turned, the window is the upright box around it in the photo's axes. Cost: quadratic in the faces.
 */
public final class SubjectAim {
    private SubjectAim() {}

    /** The crop with its focus set, its subject to come to the middle of the window. */
    static Crop aimed(int photoWidth, int photoHeight, BoxMm window, Crop crop, Subject subject) {
        return aimed(photoWidth, photoHeight, window, crop, subject, 0.5, 0.5);
    }

    /**
     * The crop with its focus set, or as it is if it is aimed by hand or there is nothing to aim at.
     *
     * @param middleX where in the window the subject is to come, share of its width; what is turned comes to its middle
     */
    static Crop aimed(
            int photoWidth, int photoHeight, BoxMm window, Crop crop, Subject subject, double middleX, double middleY) {
        if (crop.aim() == Crop.Aim.HAND || crop.fit() == Crop.Fit.WHOLE || subject.origin() == Subject.Origin.NONE) {
            return crop.aim() == Crop.Aim.HAND ? crop : crop.withFocus(0.5, 0.5);
        }
        double turn = Math.toRadians(crop.turnDegrees());
        double cos = Math.abs(Math.cos(turn));
        double sin = Math.abs(Math.sin(turn));
        double across = window.width() * cos + window.height() * sin;
        double down = window.width() * sin + window.height() * cos;
        double scale = Math.max(across / photoWidth, down / photoHeight) * crop.zoom();
        boolean thirds = crop.aim() == Crop.Aim.THIRDS;
        boolean upright = crop.turnDegrees() == 0;
        return crop.withFocus(
                middle(
                        Math.min(1, across / (photoWidth * scale)),
                        subject,
                        Region::x,
                        Region::right,
                        thirds,
                        upright ? middleX : 0.5),
                middle(
                        Math.min(1, down / (photoHeight * scale)),
                        subject,
                        Region::y,
                        Region::bottom,
                        thirds,
                        upright ? middleY : 0.5));
    }

    private static double middle(
            double shown,
            Subject subject,
            ToDoubleFunction<Region> from,
            ToDoubleFunction<Region> to,
            boolean thirds,
            double at) {
        double a = from.applyAsDouble(subject.region());
        double b = to.applyAsDouble(subject.region());
        double start;
        if (b - a <= shown) {
            double centre = (a + b) / 2;
            double wanted = thirds && shown < 1 ? thirdsStart(centre, shown) : centre - at * shown;
            start = Math.min(a, Math.max(b - shown, wanted));
        } else {
            start = bestForFaces(
                    shown,
                    (a + b - shown) / 2,
                    subject.faces().stream()
                            .map(face -> new double[] {from.applyAsDouble(face), to.applyAsDouble(face)})
                            .toList());
        }
        return Math.min(1 - shown, Math.max(0, start)) + shown / 2;
    }

    private static double thirdsStart(double centre, double shown) {
        double early = centre - shown / 3;
        double late = centre - 2 * shown / 3;
        double middle = 0.5 - shown / 2;
        return Math.abs(early - middle) <= Math.abs(late - middle) ? early : late;
    }

    private static double bestForFaces(double shown, double middle, List<double[]> faces) {
        double best = middle;
        double bestCost = cost(middle, shown, middle, faces);
        for (double[] face : faces) {
            for (double start : new double[] {face[0], face[1] - shown}) {
                double kept = Math.min(1 - shown, Math.max(0, start));
                double cost = cost(kept, shown, middle, faces);
                if (cost < bestCost) {
                    best = kept;
                    bestCost = cost;
                }
            }
        }
        return best;
    }

    /** To show no face whole weighs most, then each that is cut, then those that are shown, then the way from the middle. */
    private static double cost(double start, double shown, double middle, List<double[]> faces) {
        double cut = 0;
        double seen = 0;
        for (double[] face : faces) {
            double length = face[1] - face[0];
            double inside = Math.max(0, Math.min(start + shown, face[1]) - Math.max(start, face[0]));
            boolean whole = inside >= length - 1e-9;
            cut += length <= shown && !whole && inside > 1e-9 ? length : 0;
            seen += whole ? length : 0;
        }
        return (seen > 0 ? 0 : 10_000) + 100 * cut - seen + 0.001 * Math.abs(start - middle);
    }
}
