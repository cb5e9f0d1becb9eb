package wovenset.core.decode.read;

/** Brings samples into the order in which they are sent, in place. */
final class SampleOrder {
    private SampleOrder() {}

    /** @param count samples a pixel, 3 or 4 */
    static void redFirstToBlueFirst(byte[] pixels, int length, int count) {
        for (int i = 0; i + count <= length; i += count) {
            byte red = pixels[i];
            pixels[i] = pixels[i + 2];
            pixels[i + 2] = red;
        }
    }

    /** Takes out the alpha by which colours were multiplied. */
    static void unmultiply(byte[] pixels, int length) {
        for (int i = 0; i + 4 <= length; i += 4) {
            int alpha = pixels[i + 3] & 255;
            for (int j = i; alpha > 0 && alpha < 255 && j < i + 3; j++) {
                pixels[j] = (byte) Math.min(255, ((pixels[j] & 255) * 255 + alpha / 2) / alpha);
            }
        }
    }
}
