package wovenset.core.retouch;

/**
 * Carries values smoothly to where none are known: they are averaged into ever smaller pictures, each pixel by what is known below it, and on the way back what
 * is not known is taken from the smaller one by straight lines (pull and push: S. Gortler and others, "The Lumigraph", 1996). Cost: linear in the pixels.
 */
final class Membrane {
    private Membrane() {}

    /**
     * A copy with all values known.
     *
     * @param weights how well each is known, 0 to 1; some are
     */
    static float[] carried(float[] values, float[] weights, int width, int height) {
        if (width <= 1 && height <= 1) {
            return values.clone();
        }
        int halfWidth = (width + 1) / 2;
        int halfHeight = (height + 1) / 2;
        float[] fewer = new float[halfWidth * halfHeight];
        float[] known = new float[fewer.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int to = y / 2 * halfWidth + x / 2;
                fewer[to] += weights[y * width + x] * values[y * width + x];
                known[to] += weights[y * width + x];
            }
        }
        for (int i = 0; i < fewer.length; i++) {
            fewer[i] = known[i] > 0 ? fewer[i] / known[i] : 0;
            known[i] = Math.min(1, known[i]);
        }
        float[] small = carried(fewer, known, halfWidth, halfHeight);
        Planes.Place at = new Planes.Place(halfWidth, halfHeight, width, height);
        float[] all = new float[values.length];
        for (int y = 0; y < height; y++) {
            at.row(y);
            for (int x = 0; x < width; x++) {
                at.column(x);
                int i = y * width + x;
                all[i] = weights[i] * values[i] + (1 - weights[i]) * at.of(small);
            }
        }
        return all;
    }
}
