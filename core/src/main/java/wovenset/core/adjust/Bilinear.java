package wovenset.core.adjust;

/** Makes the rows of a picture from one with fewer pixels, each value between its four nearest. What is the same for all rows is reckoned once. */
final class Bilinear {
    private final Samples picture;
    private final int width;
    private final int height;
    /** For each wanted pixel: the first value of the one to the left of it, and how far it is from there to the next. */
    private final int[] lefts;

    private final float[] shares;

    /**
     * @param picture of 1 or 3 channels
     * @param width of the wanted picture
     */
    Bilinear(Samples picture, int width, int height) {
        this.picture = picture;
        this.width = width;
        this.height = height;
        lefts = new int[width];
        shares = new float[width];
        for (int x = 0; x < width; x++) {
            double at = Math.max(0, Math.min(picture.width - 1.0, (x + 0.5) * picture.width / width - 0.5));
            lefts[x] = picture.channels * (int) at;
            shares[x] = (float) (at - (int) at);
        }
    }

    float[] row(int row) {
        double down = Math.max(0, Math.min(picture.height - 1.0, (row + 0.5) * picture.height / height - 0.5));
        int upper = (int) down;
        float lower = (float) (down - upper);
        float[] above = picture.row(upper);
        float[] below = picture.row(Math.min(picture.height - 1, upper + 1));
        // The last pixel once more, for those beyond its middle.
        float[] mixed = new float[above.length + picture.channels];
        for (int i = 0; i < above.length; i++) {
            mixed[i] = above[i] + lower * (below[i] - above[i]);
        }
        System.arraycopy(mixed, above.length - picture.channels, mixed, above.length, picture.channels);
        return picture.channels == 1 ? one(mixed) : three(mixed);
    }

    private float[] one(float[] mixed) {
        float[] all = new float[width];
        for (int x = 0; x < width; x++) {
            float here = mixed[lefts[x]];
            all[x] = here + shares[x] * (mixed[lefts[x] + 1] - here);
        }
        return all;
    }

    private float[] three(float[] mixed) {
        float[] all = new float[3 * width];
        for (int x = 0, at = 0; x < width; x++, at += 3) {
            int left = lefts[x];
            float share = shares[x];
            all[at] = mixed[left] + share * (mixed[left + 3] - mixed[left]);
            all[at + 1] = mixed[left + 1] + share * (mixed[left + 4] - mixed[left + 1]);
            all[at + 2] = mixed[left + 2] + share * (mixed[left + 5] - mixed[left + 2]);
        }
        return all;
    }
}
