package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.Optional;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_dnn;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import org.bytedeco.opencv.opencv_dnn.Net;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;

/**
 * Finds where in a photo people are, with a small network that parts them from what is behind (MediaPipe's selfie segmentation, shipped under the
 * Apache License 2.0). It sees the photo as a square of {@value #SIDE} pixels; between {@value #SURELY_NOT} and {@value #SURELY} its answer
 * is settled by colours ({@link SubjectParting}). Cost: about 60 ms and one parting. Not safe for several threads at once; {@link #find} takes turns.
 */
public final class PersonFinder {
    private static final int SIDE = 256;
    private static final double SURELY = 0.9;
    private static final double SURELY_NOT = 0.1;
    /** Less of a photo is nobody. */
    private static final double LEAST = 0.01;

    private static final String MODEL = "/wovenset/core/subject/selfie_segmentation.tflite";

    private final Net net;

    public PersonFinder() {
        try (InputStream in = PersonFinder.class.getResourceAsStream(MODEL)) {
            byte[] model = Objects.requireNonNull(in, MODEL).readAllBytes();
            try (BytePointer bytes = new BytePointer(model)) {
                net = opencv_dnn.readNetFromTFLite(bytes, model.length);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Labels of a cut-out as large as the picture; nothing if nobody is seen.
     *
     * @param image of type 3BYTE_BGR, upright, no longer than a plane
     */
    public Optional<PixelPlane> find(BufferedImage image) {
        float[] sure = sure(image);
        byte[] labels = new byte[sure.length];
        int seen = 0;
        for (int i = 0; i < sure.length; i++) {
            // For the parting, what is sure is as if it were said.
            labels[i] = sure[i] > SURELY
                    ? CutOut.KEPT
                    : sure[i] > 0.5 ? CutOut.INSIDE : sure[i] > SURELY_NOT ? CutOut.OUTSIDE : CutOut.DROPPED;
            seen += sure[i] > 0.5 ? 1 : 0;
        }
        if (seen < LEAST * sure.length) {
            return Optional.empty();
        }
        byte[] parted = SubjectParting.settled(image, labels);
        for (int i = 0; i < parted.length; i++) {
            parted[i] = CutOut.isSeen(parted[i]) ? CutOut.INSIDE : CutOut.OUTSIDE;
        }
        return Optional.of(PixelPlane.of(image.getWidth(), image.getHeight(), parted));
    }

    private synchronized float[] sure(BufferedImage image) {
        float[] sure = new float[image.getWidth() * image.getHeight()];
        try (Mat picture = Pixels.mat(image);
                Size input = new Size(SIDE, SIDE);
                Size own = new Size(image.getWidth(), image.getHeight());
                Scalar none = new Scalar(0, 0, 0, 0);
                Mat blob = opencv_dnn.blobFromImage(picture, 1 / 255.0, input, none, true, false, opencv_core.CV_32F)) {
            net.setInput(blob);
            try (Mat answer = net.forward();
                    Mat plane = new Mat(SIDE, SIDE, opencv_core.CV_32F, answer.data());
                    Mat sized = new Mat()) {
                opencv_imgproc.resize(plane, sized, own, 0, 0, opencv_imgproc.INTER_LINEAR);
                new FloatPointer(sized.data()).get(sure);
            }
        }
        return sure;
    }
}
