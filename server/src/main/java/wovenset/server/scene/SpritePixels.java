package wovenset.server.scene;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.ByteBuffer;
import java.nio.IntBuffer;

/**
 * A sprite as it is sent: its width and height, four bytes each, highest first, and its pixels in rows from the top, each as red, green, blue
 * and how solid it is. A picture on the screen is about as large when it is packed; unpacked it needs no time on either side.
 */
final class SpritePixels {
    /** Stands for a photo that cannot be read. */
    static final byte[] NONE = new byte[2 * Integer.BYTES];

    private SpritePixels() {}

    /** @param image of the kind {@link BufferedImage#TYPE_4BYTE_ABGR} */
    static byte[] of(BufferedImage image) {
        byte[] from = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] sent = new byte[NONE.length + from.length];
        ByteBuffer to = ByteBuffer.wrap(sent).putInt(image.getWidth()).putInt(image.getHeight());
        turned(ByteBuffer.wrap(from).asIntBuffer(), to.asIntBuffer());
        return sent;
    }

    /** Each pixel's four bytes the other way round, as one number. */
    private static void turned(IntBuffer from, IntBuffer to) {
        for (int pixel = 0; pixel < from.limit(); pixel++) {
            to.put(pixel, Integer.reverseBytes(from.get(pixel)));
        }
    }
}
