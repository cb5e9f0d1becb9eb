package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_dnn;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.MatVector;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import org.bytedeco.opencv.opencv_core.StringVector;
import org.bytedeco.opencv.opencv_dnn.Net;
import wovenset.core.photo.Region;

/**
 * Finds faces with a small network for faces at any distance (BlazeFace: Bazarevsky and others 2019, its full-range model,
 * shipped under the Apache License 2.0).
 *
 * <p>The picture is fitted into a square of {@value #SIDE} pixels. The network tells for each of {@value #CELLS} × {@value #CELLS}
 * cells how sure it is of a face there (a logit) and the face's box relative to the cell's centre. Boxes surer than
 * {@value #SURE} are kept, surest first, without those that overlap a surer one by more than {@value #SAME} of their union.
 * Cost: about 9 ms, whatever the picture. Not safe for several threads at once; {@link #faces} takes turns.
 */
final class FaceDetector {
    private static final int SIDE = 192;
    private static final int CELLS = 48;
    private static final double SURE = 0.6;
    private static final double SAME = 0.3;
    private static final String MODEL = "/wovenset/core/subject/face_detection_full_range.tflite";

    private final Net net;
    private final StringVector outputs;

    FaceDetector() {
        try (InputStream in = FaceDetector.class.getResourceAsStream(MODEL)) {
            byte[] model = Objects.requireNonNull(in, MODEL).readAllBytes();
            try (BytePointer bytes = new BytePointer(model)) {
                net = opencv_dnn.readNetFromTFLite(bytes, model.length);
            }
            outputs = net.getUnconnectedOutLayersNames();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Faces, surest first: boxes from brow to chin, in shares of the picture. */
    synchronized List<Region> faces(BufferedImage image) {
        double scale = (double) SIDE / Math.max(image.getWidth(), image.getHeight());
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        try (Mat picture = Pixels.mat(image);
                Mat small = new Mat();
                Mat square = new Mat();
                Size size = new Size(width, height);
                Size input = new Size(SIDE, SIDE);
                Scalar black = new Scalar(0, 0, 0, 0);
                Scalar mean = new Scalar(127.5, 127.5, 127.5, 0);
                MatVector answers = new MatVector()) {
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            opencv_core.copyMakeBorder(
                    small, square, 0, SIDE - height, 0, SIDE - width, opencv_core.BORDER_CONSTANT, black);
            try (Mat blob = opencv_dnn.blobFromImage(square, 1 / 127.5, input, mean, true, false, opencv_core.CV_32F)) {
                net.setInput(blob);
                net.forward(answers, outputs);
            }
            return read(answers, (double) width / SIDE, (double) height / SIDE);
        }
    }

    private static List<Region> read(MatVector answers, double width, double height) {
        List<Found> found = new ArrayList<>();
        Mat one = answers.get(0);
        Mat other = answers.get(1);
        boolean first = one.size(2) == 1;
        try (FloatIndexer sure = (first ? one : other).createIndexer();
                FloatIndexer boxes = (first ? other : one).createIndexer()) {
            for (int cell = 0; cell < CELLS * CELLS; cell++) {
                double score = 1 / (1 + Math.exp(-sure.get(0, cell, 0)));
                if (score >= SURE) {
                    double x = (cell % CELLS + 0.5) / CELLS + boxes.get(0, cell, 0) / SIDE;
                    double y = (Math.floorDiv(cell, CELLS) + 0.5) / CELLS + boxes.get(0, cell, 1) / SIDE;
                    double w = boxes.get(0, cell, 2) / SIDE;
                    double h = boxes.get(0, cell, 3) / SIDE;
                    if (x > 0 && y > 0 && x < width && y < height && w > 0 && h > 0) {
                        found.add(new Found(
                                score,
                                Region.within(
                                        (x - w / 2) / width,
                                        (y - h / 2) / height,
                                        (x + w / 2) / width,
                                        (y + h / 2) / height)));
                    }
                }
            }
        }
        found.sort(Comparator.comparingDouble(Found::score).reversed());
        List<Region> kept = new ArrayList<>();
        for (Found face : found) {
            if (kept.stream().noneMatch(surer -> shared(surer, face.box) > SAME)) {
                kept.add(face.box);
            }
        }
        return kept;
    }

    private record Found(double score, Region box) {}

    /** The share of two boxes' union that both cover. */
    private static double shared(Region a, Region b) {
        double across = Math.min(a.right(), b.right()) - Math.max(a.x(), b.x());
        double down = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        double both = Math.max(0, across) * Math.max(0, down);
        return both / (a.width() * a.height() + b.width() * b.height() - both);
    }
}
