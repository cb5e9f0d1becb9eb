package wovenset.core.picture;

import java.util.Arrays;
import java.util.Optional;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.colour.ColourProfile;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;

/**
 * A picture that comes from a child row by row. Where it is at least twice as large as is asked for, blocks of pixels are averaged as
 * they come, so that it is never in memory as a whole; inks are converted first. Cost: a few sums a sample.
 */
final class ArrivingPicture implements RowSink, AutoCloseable {
    private final byte[] profile;
    private final int longEdge;
    private byte[] colours = {};
    private Optional<ColourProfile> inks = Optional.empty();
    private Optional<Mat> picture = Optional.empty();
    private int width;
    private int height;
    private int channels;
    private int factor = 1;
    private int arrived;
    private int[] sums = {};

    /** @param profile that the file embeds, where the child does not tell */
    ArrivingPicture(byte[] profile, int longEdge) {
        this.profile = profile;
        this.longEdge = Math.max(1, longEdge);
    }

    byte[] colours() {
        return colours;
    }

    @Override
    public void begin(Raw raw) {
        if ((long) raw.width() * raw.height() > PictureLimits.USUAL.pixels()) {
            throw new RefusedPhotoException(Reason.FILE_PIXELS_DAMAGED);
        }
        byte[] told = raw.profile().length > 0 ? raw.profile() : profile;
        boolean isInks = raw.samples() == Raw.Samples.INKS;
        if (isInks) {
            inks = Optional.of(ColourProfile.ofInks(told));
        } else {
            colours = told;
        }
        width = raw.width();
        height = raw.height();
        channels = isInks ? 3 : raw.samples().count();
        factor = Math.max(1, Math.min(Math.max(width, height) / longEdge, Math.min(width, height)));
        int type = channels == 4 ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3;
        picture = Optional.of(new Mat(smaller(height), smaller(width), type));
        sums = new int[smaller(width) * (channels + 1)];
    }

    /** The last block may be narrower. */
    private int smaller(int pixels) {
        return (pixels + factor - 1) / factor;
    }

    @Override
    public void rows(byte[] pixels, int length) {
        byte[] plain = inks.map(profile -> colours(profile, pixels, length)).orElse(pixels);
        int rowBytes = width * channels;
        int rows = inks.isPresent() ? length / (4 * width) : length / rowBytes;
        if (factor == 1) {
            picture.orElseThrow().ptr(arrived).put(plain, 0, rows * rowBytes);
            arrived += rows;
            return;
        }
        for (int i = 0; i < rows; i++) {
            add(plain, i * rowBytes);
            arrived++;
            if (arrived % factor == 0 || arrived == height) {
                finishRow();
            }
        }
    }

    private byte[] colours(ColourProfile profile, byte[] pixels, int length) {
        return profile.blueGreenRed(pixels, length);
    }

    /** Colours count by their alpha. The last sum of a block is that of the alphas, or of the pixels where all are solid. */
    private void add(byte[] row, int from) {
        int at = from;
        for (int to = 0, left = width; left > 0; to += channels + 1, left -= factor) {
            int end = at + Math.min(factor, left) * channels;
            if (channels == 4) {
                addClear(row, at, end, to);
            } else {
                addSolid(row, at, end, to);
            }
            at = end;
        }
    }

    private void addSolid(byte[] row, int from, int end, int to) {
        int blue = 0;
        int green = 0;
        int red = 0;
        for (int i = from; i < end; i += 3) {
            blue += row[i] & 255;
            green += row[i + 1] & 255;
            red += row[i + 2] & 255;
        }
        sums[to] += blue;
        sums[to + 1] += green;
        sums[to + 2] += red;
        sums[to + 3] += (end - from) / 3;
    }

    private void addClear(byte[] row, int from, int end, int to) {
        for (int i = from; i < end; i += 4) {
            int weight = row[i + 3] & 255;
            sums[to] += weight * (row[i] & 255);
            sums[to + 1] += weight * (row[i + 1] & 255);
            sums[to + 2] += weight * (row[i + 2] & 255);
            sums[to + 3] += weight;
            sums[to + 4]++;
        }
    }

    private void finishRow() {
        byte[] row = new byte[smaller(width) * channels];
        for (int x = 0; x < smaller(width); x++) {
            int from = x * (channels + 1);
            int weight = sums[from + 3];
            for (int i = 0; i < 3 && weight > 0; i++) {
                row[x * channels + i] = (byte) ((sums[from + i] + weight / 2) / weight);
            }
            if (channels == 4) {
                row[x * channels + 3] = (byte) ((weight + sums[from + 4] / 2) / sums[from + 4]);
            }
        }
        picture.orElseThrow().ptr((arrived - 1) / factor).put(row, 0, row.length);
        Arrays.fill(sums, 0);
    }

    Mat take() {
        Mat taken = picture.orElseThrow();
        picture = Optional.empty();
        return taken;
    }

    @Override
    public void close() {
        picture.ifPresent(Mat::close);
        inks.ifPresent(ColourProfile::close);
    }
}
