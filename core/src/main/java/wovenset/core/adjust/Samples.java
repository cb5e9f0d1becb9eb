package wovenset.core.adjust;

import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** A picture in floats, row by row: how light each pixel is, or its red, green and blue beside each other; 0 to 255. */
final class Samples {
    final int channels;
    final int width;
    final int height;
    private final float[][] rows;

    private Samples(int channels, float[][] rows) {
        this.channels = channels;
        this.rows = rows;
        height = rows.length;
        width = rows[0].length / channels;
    }

    /** Each row made by itself, on all processors. */
    static Samples of(int channels, int height, IntFunction<float[]> row) {
        float[][] rows = new float[height][];
        IntStream.range(0, height).parallel().forEach(y -> rows[y] = row.apply(y));
        return new Samples(channels, rows);
    }

    /** One of its rows, which stays as it is. */
    float[] row(int row) {
        return rows[row];
    }

    Samples blurred(Gaussian gaussian) {
        return of(channels, height, row -> gaussian.row(this, row));
    }
}
