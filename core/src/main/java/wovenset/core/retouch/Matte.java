package wovenset.core.retouch;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.lang.ref.WeakReference;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wovenset.core.geometry.Smoothstep;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.picture.DerivedPixels;

/**
 * How solid each pixel of a thing cut out is, found once at {@value #LONG_EDGE} pixels and good for any size of the photo: the cut-out's labels, made to
 * follow the photo's own edges ({@link GuidedPlane}), steepened, and painted over by the brush.
 *
 * <p>Where a pixel is partly solid, its colour is a mixture with what was behind it, which would be seen as a rim on another ground. Its own colour is
 * F = F̂ + α·(I − α·F̂ − (1 − α)·B̂), F̂ and B̂ the mean colours around of what is solid and of what is not (M. Forte, "Approximate Fast
 * Foreground Colour Estimation", 2021). Cost: some thirty box filters at the fixed size, and a pass over the pixels on all processors.
 */
final class Matte {
    /** Of the picture on which edges are found. */
    static final int LONG_EDGE = 1000;

    private static final int RADIUS = 20;
    private static final double EPSILON = 1e-4;
    /** What the filter gives below is clear, and above is solid. */
    private static final double CLEAR = 0.15;

    private static final double SOLID = 0.85;
    /** By so much both are moved at most. */
    private static final double MOVED = 0.14;

    /** If the colours of the thing and of what is around are less far apart, its edge is that of the labels; if they are farther, that of the colours. */
    private static final double UNTOLD = 0.06;

    private static final double TOLD = 0.14;
    private static final int NEAR = 8;
    /** So much steeper than the mean of the labels near by: about three pixels from clear to solid. */
    private static final double STEEP = 4;

    private static final int COLOUR_RADIUS = 12;

    private static final float NEARLY_NONE = 1e-4f;

    private final BufferedImage photo;
    private final int width;
    private final int height;
    private final float[][] follows;
    /** The mean of the labels far around: where it is 0 or 1, all is clear or solid. */
    private final float[] around;
    /** The mean of the labels near by, smooth: the edge where the colours do not tell it. */
    private final float[] near;

    private final double clear;
    private final double solid;
    private final float @Nullable [] brushed;

    private Matte(BufferedImage photo, Edges edges, CutOut cutOut) {
        this.photo = photo;
        width = edges.width;
        height = edges.height;
        follows = edges.follows;
        around = edges.around;
        near = edges.near;
        this.clear = CLEAR - MOVED * cutOut.edge();
        this.solid = SOLID - MOVED * cutOut.edge();
        this.brushed =
                cutOut.brushed().map(plane -> brush(plane, width, height)).orElse(null);
    }

    /** @param photo all of it as it is, of bytes */
    static Matte of(BufferedImage photo, CutOut cutOut) {
        Edges edges = Edges.of(photo, cutOut.labels());
        return new Matte(photo, edges, cutOut);
    }

    /** What follows from the photo and the labels alone, however the edge is moved and brushed. */
    private static final class Edges {
        /** The last ones: while an edge is moved by a slider or a brush is used, the same are asked for again and again. */
        private static final AtomicReference<@Nullable Edges> LAST = new AtomicReference<>();

        private final WeakReference<BufferedImage> photo;
        private final PixelPlane labels;
        private final int width;
        private final int height;
        private final float[][] follows;
        private final float[] around;
        private final float[] near;

        private Edges(BufferedImage photo, PixelPlane plane) {
            this.photo = new WeakReference<>(photo);
            labels = plane;
            BufferedImage small = DerivedPixels.within(photo, LONG_EDGE);
            width = small.getWidth();
            height = small.getHeight();
            byte[] values = plane.values();
            float[] hard = new float[values.length];
            for (int i = 0; i < hard.length; i++) {
                hard[i] = CutOut.isSeen(values[i]) ? 1 : 0;
            }
            float[] seen = Planes.sized(hard, plane.width(), plane.height(), width, height);
            int radius = Math.max(1, Math.min(RADIUS, Math.min(width, height) / 4));
            follows = GuidedPlane.of(Planes.colours(small), seen, width, height, radius, EPSILON);
            try (GuidedPlane.Boxes boxes = new GuidedPlane.Boxes(width, height, 2 * radius + 2)) {
                around = boxes.mean(seen);
            }
            try (GuidedPlane.Boxes boxes = new GuidedPlane.Boxes(width, height, NEAR)) {
                near = boxes.mean(boxes.mean(seen));
            }
        }

        static Edges of(BufferedImage photo, PixelPlane labels) {
            Edges last = LAST.get();
            if (last != null && photo.equals(last.photo.get()) && labels.equals(last.labels)) {
                return last;
            }
            Edges made = new Edges(photo, labels);
            LAST.set(made);
            return made;
        }
    }

    private static float[] brush(PixelPlane plane, int width, int height) {
        byte[] values = plane.values();
        float[] brush = new float[values.length];
        for (int i = 0; i < brush.length; i++) {
            brush[i] = values[i] & 0xff;
        }
        return Planes.sized(brush, plane.width(), plane.height(), width, height);
    }

    /** 0 to 1, of a pixel of the photo as it is. */
    private double alpha(double blue, double green, double red, Planes.Place at) {
        float far = around[at.nearest()];
        double found;
        if (far < NEARLY_NONE || far > 1 - NEARLY_NONE) {
            found = Math.rint(far);
        } else {
            double guided =
                    at.of(follows[0]) * blue + at.of(follows[1]) * green + at.of(follows[2]) * red + at.of(follows[3]);
            double told = Smoothstep.of((at.of(follows[4]) - UNTOLD) / (TOLD - UNTOLD));
            double edge = told * guided + (1 - told) * (0.5 + STEEP * (at.of(near) - 0.5));
            found = Smoothstep.of((edge - clear) / (solid - clear));
        }
        return brushed == null ? found : CutOut.painted(found, at.of(brushed));
    }

    /**
     * The thing alone, its colours multiplied by how solid they are.
     *
     * @param image the photo, as large, its light and colour changed or not, of bytes
     */
    BufferedImage cut(BufferedImage image) {
        boolean partly = photo.getColorModel().hasAlpha();
        float[][] own = partly ? new float[0][] : colours(image, true);
        float[][] behind = partly ? own : colours(image, false);
        BufferedImage cut = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_4BYTE_ABGR_PRE);
        byte[] plain = bytes(photo);
        byte[] from = bytes(image);
        byte[] to = bytes(cut);
        int step = partly ? 4 : 3;
        IntStream.range(0, image.getHeight()).parallel().forEach(y -> {
            Planes.Place at = new Planes.Place(width, height, image.getWidth(), image.getHeight());
            at.row(y);
            for (int x = 0; x < image.getWidth(); x++) {
                at.column(x);
                int pixel = y * image.getWidth() + x;
                int source = pixel * step + step - 3;
                double alpha = alpha(
                        (plain[source] & 0xff) / 255.0,
                        (plain[source + 1] & 0xff) / 255.0,
                        (plain[source + 2] & 0xff) / 255.0,
                        at);
                int whole = partly ? from[source - 1] & 0xff : 255;
                to[4 * pixel] = (byte) Math.round(alpha * whole);
                for (int channel = 0; channel < 3 && alpha > 0; channel++) {
                    double colour = from[source + channel] & 0xff;
                    if (alpha < 1 && !partly) {
                        double mixed = at.of(own[channel]);
                        colour = mixed + alpha * (colour - alpha * mixed - (1 - alpha) * at.of(behind[channel]));
                        colour = Math.min(255, Math.max(0, colour));
                    }
                    to[4 * pixel + 1 + channel] = (byte) Math.round(alpha * colour);
                }
            }
        });
        return cut;
    }

    /** The mean colours around each place, 0 to 255, of what is solid or of what is clear. */
    private float[][] colours(BufferedImage image, boolean ofSolid) {
        BufferedImage small = DerivedPixels.reduced(image, width, height);
        float[][] colours = Planes.colours(small);
        float[][] plain = Planes.colours(DerivedPixels.reduced(photo, width, height));
        float[] weights = new float[width * height];
        Planes.Place at = new Planes.Place(width, height, width, height);
        for (int y = 0; y < height; y++) {
            at.row(y);
            for (int x = 0; x < width; x++) {
                at.column(x);
                int i = y * width + x;
                float alpha = (float) alpha(plain[0][i], plain[1][i], plain[2][i], at);
                float weight = ofSolid ? alpha : 1 - alpha;
                // What is nearly mixed says little of either.
                weights[i] = weight * weight + NEARLY_NONE;
            }
        }
        try (GuidedPlane.Boxes boxes = new GuidedPlane.Boxes(width, height, COLOUR_RADIUS)) {
            float[] sums = boxes.mean(weights);
            for (int channel = 0; channel < 3; channel++) {
                float[] weighted = colours[channel];
                for (int i = 0; i < weighted.length; i++) {
                    weighted[i] *= 255 * weights[i];
                }
                float[] mean = boxes.mean(weighted);
                for (int i = 0; i < mean.length; i++) {
                    mean[i] /= sums[i];
                }
                colours[channel] = mean;
            }
        }
        return colours;
    }

    private static byte[] bytes(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }
}
