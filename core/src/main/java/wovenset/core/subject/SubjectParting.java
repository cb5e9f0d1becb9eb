package wovenset.core.subject;

import java.awt.image.BufferedImage;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Rect;
import org.bytedeco.opencv.opencv_core.TermCriteria;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;

/**
 * Parts a subject from what is behind it by a few strokes: colours of both as mixtures of Gaussians, and a least cut between neighbouring pixels
 * (C. Rother, V. Kolmogorov, A. Blake, "GrabCut", ACM TOG 23, 2004).
 *
 * <p>Where only strokes are known, each pixel first goes to whichever of the strokes' main colours is nearest, the photo's rim counting as
 * dropped; where no stroke keeps anything, to what is dropped if its colour is like that. What then hangs together with no stroke that keeps is dropped, and holes without a stroke that drops are closed if they are small. Cost: a few tenths of a
 * second at {@value wovenset.core.photo.retouch.PixelPlane#LONGEST} pixels.
 */
public final class SubjectParting {
    private static final int ROUNDS = 3;
    private static final int MAIN_COLOURS = 6;
    /** Of the picture. */
    private static final double SMALL_HOLE = 0.002;
    /** In CIELAB: a rim of the subject's own colour says nothing. */
    private static final double OWN_COLOUR = 12;

    private static final int SEED = 20_040_801;

    private SubjectParting() {}

    /**
     * Labels that follow the strokes among them.
     *
     * @param image of type 3BYTE_BGR, as large as the labels
     * @param fresh whether nothing but strokes is known
     * @return the same strokes, and the rest settled anew
     */
    public static PixelPlane parted(BufferedImage image, PixelPlane plane, boolean fresh) {
        byte[] before = plane.values();
        byte[] labels = before.clone();
        if (fresh) {
            guess(image, labels);
        }
        byte[] after = settled(image, labels);
        if (fresh) {
            Regions.keepTogether(after, plane.width(), SMALL_HOLE);
        } else {
            Regions.changeNearStrokes(before, after, plane.width());
        }
        return PixelPlane.of(plane.width(), plane.height(), after);
    }

    /** The labels that are found, settled anew; those of strokes stay. */
    static byte[] settled(BufferedImage image, byte[] labels) {
        byte[] after = labels.clone();
        boolean inside = false;
        boolean outside = false;
        for (byte label : labels) {
            inside |= CutOut.isSeen(label);
            outside |= !CutOut.isSeen(label);
        }
        if (!inside || !outside) {
            return after;
        }
        try (Mat picture = Pixels.mat(image);
                Mat mask = new Mat(image.getHeight(), image.getWidth(), opencv_core.CV_8UC1);
                Rect all = new Rect(0, 0, 0, 0);
                Mat behind = new Mat();
                Mat own = new Mat()) {
            mask.data().put(labels);
            // The library draws its first guesses: the same strokes are to give the same answer.
            opencv_core.setRNGSeed(SEED);
            opencv_imgproc.grabCut(picture, mask, all, behind, own, ROUNDS, opencv_imgproc.GC_INIT_WITH_MASK);
            mask.data().get(after);
        }
        return after;
    }

    private static void guess(BufferedImage image, byte[] labels) {
        int width = image.getWidth();
        int height = image.getHeight();
        float[] lab = new float[3 * labels.length];
        try (Mat picture = Pixels.mat(image);
                Mat colours = Pixels.lab(picture)) {
            new FloatPointer(colours.data()).get(lab);
        }
        boolean[] kept = new boolean[labels.length];
        boolean[] dropped = new boolean[labels.length];
        for (int i = 0; i < labels.length; i++) {
            kept[i] = labels[i] == CutOut.KEPT;
            dropped[i] = labels[i] == CutOut.DROPPED;
        }
        float[][] own = mains(lab, kept);
        for (int i = 0; i < labels.length; i++) {
            int x = i % width;
            int y = i / width;
            boolean rim = x < 2 || y < 2 || x >= width - 2 || y >= height - 2;
            dropped[i] |= rim && !kept[i] && nearest(lab, i, own) > OWN_COLOUR * OWN_COLOUR;
        }
        float[][] behind = mains(lab, dropped);
        for (int i = 0; i < labels.length; i++) {
            if (labels[i] != CutOut.KEPT && labels[i] != CutOut.DROPPED) {
                // Without a stroke that keeps, what has other colours than what is dropped is meant.
                double far = own.length == 0 ? OWN_COLOUR * OWN_COLOUR : nearest(lab, i, own);
                labels[i] = far < nearest(lab, i, behind) ? CutOut.INSIDE : CutOut.OUTSIDE;
            }
        }
    }

    /** The main colours of the pixels that are meant; none if there are none. */
    private static float[][] mains(float[] lab, boolean[] meant) {
        int count = 0;
        for (boolean one : meant) {
            count += one ? 1 : 0;
        }
        float[] samples = new float[3 * count];
        int at = 0;
        for (int i = 0; i < meant.length; i++) {
            if (meant[i]) {
                System.arraycopy(lab, 3 * i, samples, at, 3);
                at += 3;
            }
        }
        int clusters = Math.min(MAIN_COLOURS, count);
        if (clusters == 0) {
            return new float[0][];
        }
        float[] centres = new float[3 * clusters];
        try (Mat data = new Mat(count, 3, opencv_core.CV_32F);
                Mat which = new Mat();
                Mat middles = new Mat();
                TermCriteria ends = new TermCriteria(TermCriteria.COUNT, 10, 0)) {
            new FloatPointer(data.data()).put(samples);
            opencv_core.setRNGSeed(SEED);
            opencv_core.kmeans(data, clusters, which, ends, 1, opencv_core.KMEANS_PP_CENTERS, middles);
            new FloatPointer(middles.data()).get(centres);
        }
        float[][] mains = new float[clusters][3];
        for (int i = 0; i < clusters; i++) {
            System.arraycopy(centres, 3 * i, mains[i], 0, 3);
        }
        return mains;
    }

    private static double nearest(float[] lab, int pixel, float[][] mains) {
        double least = Double.MAX_VALUE;
        for (float[] main : mains) {
            double sum = 0;
            for (int i = 0; i < 3; i++) {
                double off = lab[3 * pixel + i] - main[i];
                sum += off * off;
            }
            least = Math.min(least, sum);
        }
        return least;
    }
}
