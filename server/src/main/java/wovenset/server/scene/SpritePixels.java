package wovenset.server.scene;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.ByteBuffer;

/**
 * A sprite as it is sent: its width and height, four bytes each, highest first, and its pixels in rows from the top, each as red, green, blue
 * and how solid it is. A picture on the screen is about as large when it is packed; unpacked it needs no time on either side.
 */
final class SpritePixels {
    /** Stands for a photo that cannot be read. */
    static final byte[] NONE = new byte[2 * Integer.BYTES];

    private static final int CHANNELS = 4;

    private SpritePixels() {}

    /** @param image of the kind {@link BufferedImage#TYPE_4BYTE_ABGR} */
    static byte[] of(BufferedImage image) {
        byte[] from = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] sent = new byte[NONE.length + from.length];
        ByteBuffer.wrap(sent).putInt(image.getWidth()).putInt(image.getHeight());
        for (int pixel = 0; pixel < from.length; pixel += CHANNELS) {
            for (int channel = 0; channel < CHANNELS; channel++) {
                sent[NONE.length + pixel + channel] = from[pixel + CHANNELS - 1 - channel];
            }
        }
        return sent;
    }
}
