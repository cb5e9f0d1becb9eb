package wovenset.core.decode.answer;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;

/**
 * How a picture's pixels come, row by row from the top, 8 bits a sample.
 *
 * @param profile the embedded ICC profile; empty if there is none
 */
@SuppressWarnings("ArrayRecordComponent") // Nobody compares them.
public record Raw(int width, int height, Samples samples, byte[] profile) {
    /** What the samples of a pixel are, in their order. */
    public enum Samples {
        BLUE_GREEN_RED(3),
        /** With alpha; colours are not multiplied by it. */
        BLUE_GREEN_RED_ALPHA(4),
        /** Cyan, magenta, yellow and black: 0 for no ink, 255 for solid. */
        INKS(4);

        private final int count;

        Samples(int count) {
            this.count = count;
        }

        public int count() {
            return count;
        }
    }

    public int rowBytes() {
        return width * samples.count;
    }

    /** Sends it through a pipe. */
    public void write(DataOutputStream out) throws IOException {
        out.writeInt(width);
        out.writeInt(height);
        out.writeUTF(samples.name());
        out.writeInt(profile.length);
        out.write(profile);
    }

    public static Raw read(DataInputStream in) throws IOException {
        int width = in.readInt();
        int height = in.readInt();
        Samples samples = Samples.valueOf(in.readUTF());
        return new Raw(width, height, samples, in.readNBytes(in.readInt()));
    }
}
