package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.photo.Beyond;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.retouch.EdgeSources;

/**
 * What is drawn of a photo where the opening reaches beyond its edges: its mirror images, or for a photo that goes on as it does elsewhere, a picture of that on
 * each side, and mirror images of these still farther out. Places are counted in widths and heights of the photo from itself.
 */
final class BesidePhoto {
    /** Millimetres; less than any printer can tell, more than sums of doubles are off. */
    private static final double NEAR = 1e-6;

    /** Of a photo beside itself: enough for one of 20 : 1 in a square. */
    private static final int MOST = 10;

    private static final BoxMm UNIT = new BoxMm(0, 0, 1, 1);

    private final FrameLook.Photo photo;
    private final Affine to;
    private final BoxMm window;
    private final BoxMm opening;
    private final boolean whole;
    private final boolean extended;

    private BesidePhoto(FrameLook.Photo photo, Affine to, BoxMm window, BoxMm opening) {
        this.photo = photo;
        this.to = to;
        this.window = window;
        this.opening = opening;
        whole = photo.crop().fit() == Crop.Fit.WHOLE;
        extended = whole && photo.extended();
    }

    /** @param to where the upright photo's unit square lies */
    static List<Op.Image> of(FrameLook.Photo photo, Affine to, BoxMm window, BoxMm opening) {
        return new BesidePhoto(photo, to, window, opening).images();
    }

    private List<Op.Image> images() {
        List<Op.Image> images = new ArrayList<>();
        if (opening.equals(window) && !extended) {
            return images;
        }
        int far = extended ? MOST : 1;
        for (int across = -far; across <= far; across++) {
            for (int down = -far; down <= far; down++) {
                boolean itself = across == 0 && down == 0;
                boolean wanted = !whole || extended || reaches(across, down);
                if (!itself
                        && wanted
                        && to.after(mirror(across, down)).bounds(UNIT).meets(opening)) {
                    images.add(image(across, down));
                }
            }
        }
        return images;
    }

    private Op.Image image(int across, int down) {
        Optional<EdgeSources> sampled =
                photo.sampled().filter(any -> extended && photo.woven().isEmpty());
        if (sampled.isEmpty()) {
            return image(photo.pixels(), mirror(across, down));
        }
        int right = Integer.signum(across);
        int below = right == 0 ? Integer.signum(down) : 0;
        EdgeSources.Edge edge = right != 0
                ? right > 0 ? EdgeSources.Edge.RIGHT : EdgeSources.Edge.LEFT
                : below > 0 ? EdgeSources.Edge.BELOW : EdgeSources.Edge.ABOVE;
        Beyond beyond = Beyond.of(edge, sampled.get(), beyond(right, below));
        Affine beside = new Affine(1, 0, 0, 1, right, below).after(mirror(across - right, down - below));
        return image(photo.pixels().withBeyond(Optional.of(beyond)), beside);
    }

    private Op.Image image(PhotoPixels pixels, Affine place) {
        return new Op.Image(pixels, photo.size().width(), photo.size().height(), to.after(place));
    }

    /** How far the opening reaches beyond the photo on a side, in its widths or heights. */
    private double beyond(int right, int below) {
        BoxMm seen = to.inverse().bounds(opening);
        if (right != 0) {
            return right > 0 ? seen.right() - 1 : -seen.x();
        }
        return below > 0 ? seen.bottom() - 1 : -seen.y();
    }

    /** The unit square so many times its width and height away, each time mirrored over the side between. */
    private static Affine mirror(int across, int down) {
        boolean flipped = across % 2 != 0;
        boolean upsideDown = down % 2 != 0;
        return new Affine(
                flipped ? -1 : 1,
                0,
                0,
                upsideDown ? -1 : 1,
                flipped ? across + 1 : across,
                upsideDown ? down + 1 : down);
    }

    /** Whether a photo that is shown whole comes to its window's edge on this side, so that nothing lies between. */
    private boolean reaches(int across, int down) {
        BoxMm own = to.bounds(UNIT);
        BoxMm beyond = to.after(mirror(across, down)).bounds(UNIT);
        boolean left = beyond.x() < own.x() - NEAR;
        boolean right = beyond.x() > own.x() + NEAR;
        boolean up = beyond.y() < own.y() - NEAR;
        boolean below = beyond.y() > own.y() + NEAR;
        return (!left || own.x() <= window.x() + NEAR)
                && (!right || own.right() >= window.right() - NEAR)
                && (!up || own.y() <= window.y() + NEAR)
                && (!below || own.bottom() >= window.bottom() - NEAR);
    }
}
