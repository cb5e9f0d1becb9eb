package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.io.IOException;

/** Takes a picture in strips from the top down and writes each at once, so that no picture is ever held whole. */
interface StripWriter {
    /** Strips have a multiple of so many rows, but for the last. */
    int ROWS = 8;

    /** @param strip as wide as the picture */
    void add(BufferedImage strip) throws IOException;

    /** After the last strip; the stream stays open. */
    void finish() throws IOException;
}
