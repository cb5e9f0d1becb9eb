package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;

/** Finds what a photo is about: its faces with the hair above and some air around them, else what stands out. */
public final class SubjectFinder {
    /** Shares of a face's height and width that are added: more above, for brow and hair. */
    private static final double ABOVE = 0.45;

    private static final double BESIDE = 0.2;
    private static final double BELOW = 0.2;

    /** Made for the first picture: it loads a native library, which the start of an application need not wait for. */
    private @Nullable FaceDetector faces;

    private synchronized FaceDetector faces() {
        if (faces == null) {
            faces = new FaceDetector();
        }
        return faces;
    }

    /** @param image of type 3BYTE_BGR, upright; some hundred pixels are enough */
    public Subject find(BufferedImage image) {
        List<Region> found = faces().faces(image).stream()
                .map(SubjectFinder::head)
                .sorted(Comparator.comparingDouble((Region face) -> face.width() * face.height())
                        .reversed())
                .toList();
        return found.stream()
                .reduce(Region::union)
                .map(all -> new Subject(all, Subject.Origin.FACES, found))
                .orElseGet(() -> new Subject(Salience.region(image), Subject.Origin.SALIENCE, List.of()));
    }

    private static Region head(Region face) {
        return Region.within(
                face.x() - BESIDE * face.width(),
                face.y() - ABOVE * face.height(),
                face.right() + BESIDE * face.width(),
                face.bottom() + BELOW * face.height());
    }
}
