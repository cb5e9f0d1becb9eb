package wovenset.core.adjust;

import java.util.Optional;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;
import org.jspecify.annotations.Nullable;

/** What lies around the pixels of a photo: blurred pictures of it after light and colour are changed. */
final class Surroundings {
    /** A narrower blur than that changes no pixel by a level that is seen. */
    private static final double NARROWEST = 0.3;
    /** In a reduced picture the blur is between this and twice as wide, in pixels. */
    private static final double REDUCED = 2;

    /** A row of the photo's pixels at a time: how light it is around each, or red, green and blue; 0 to 255. */
    interface Around {
        float[] row(int row);
    }

    final ByteRows rows;
    private final Toned toned;
    private @Nullable Samples light;

    Surroundings(ByteRows rows, Toned toned) {
        this.rows = rows;
        this.toned = toned;
    }

    int longEdge() {
        return Math.max(rows.width, rows.height);
    }

    /**
     * How light it is around each pixel, weighed by a Gaussian.
     *
     * @param share the standard deviation as a share of the longer side
     * @return nothing if that is too narrow to be seen
     */
    Optional<Around> light(double share) {
        double sigma = share * longEdge();
        if (sigma < NARROWEST) {
            return Optional.empty();
        }
        if (sigma < 2 * REDUCED) {
            Samples whole = wholeLight();
            Gaussian gaussian = new Gaussian(sigma);
            return Optional.of(row -> gaussian.row(whole, row));
        }
        int reduced = (int) (sigma / REDUCED);
        return Optional.of(blurred(light(averaged(reduced)), sigma));
    }

    /** The same for red, green and blue. */
    Optional<Around> colours(double share) {
        double sigma = share * longEdge();
        if (sigma < NARROWEST) {
            return Optional.empty();
        }
        return Optional.of(blurred(colours(averaged((int) Math.max(1, sigma / REDUCED))), sigma));
    }

    /** Averaged to fewer pixels, in colour. */
    Samples colours(int width, int height) {
        return colours(averaged(width, height));
    }

    /** Pictures with fewer pixels as the photo's rows see them. */
    Around between(Samples picture) {
        Bilinear between = new Bilinear(picture, rows.width, rows.height);
        return between::row;
    }

    private Around blurred(Samples picture, double sigma) {
        return between(picture.blurred(new Gaussian(sigma * picture.width / rows.width)));
    }

    private Samples wholeLight() {
        if (light == null) {
            light = light(rows.opaque());
        }
        return light;
    }

    private Samples light(ByteRows bytes) {
        return Samples.of(1, bytes.height, row -> {
            float[] lumas = new float[bytes.width];
            toned.light(bytes.data(), 3 * row * bytes.width, lumas);
            return lumas;
        });
    }

    private Samples colours(ByteRows bytes) {
        return Samples.of(3, bytes.height, row -> {
            float[] colours = new float[3 * bytes.width];
            toned.row(bytes.data(), 3 * row * bytes.width, colours);
            for (int i = 0; i < colours.length; i++) {
                colours[i] = Within.level(colours[i]);
            }
            return colours;
        });
    }

    private ByteRows averaged(int reduced) {
        return averaged(
                Math.max(1, (rows.width + reduced - 1) / reduced), Math.max(1, (rows.height + reduced - 1) / reduced));
    }

    private ByteRows averaged(int width, int height) {
        ByteRows whole = rows.opaque();
        if (width == rows.width && height == rows.height) {
            return whole;
        }
        ByteRows fewer = ByteRows.blank(width, height);
        try (Mat all = new Mat(rows.height, rows.width, opencv_core.CV_8UC3);
                Mat small = new Mat(height, width, opencv_core.CV_8UC3);
                Size size = new Size(width, height)) {
            all.data().put(whole.data());
            opencv_imgproc.resize(all, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            small.data().get(fewer.data());
        }
        return fewer;
    }
}
