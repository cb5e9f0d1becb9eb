package wovenset.core.decode.read;

import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.said.Reason;

/**
 * How a PNG's rows hold pixels (ISO/IEC 15948, 11.2.2).
 *
 * @param type 0 grey, 2 colour, 3 palette, 4 grey and alpha, 6 colour and alpha
 * @param depth bits of a sample
 * @param count samples a pixel
 */
record PngPixels(int type, int depth, int count) {
    static final PngPixels NONE = new PngPixels(0, 8, 1);

    static PngPixels of(int type, int depth) {
        int count =
                switch (type) {
                    case 0, 3 -> 1;
                    case 2 -> 3;
                    case 4 -> 2;
                    case 6 -> 4;
                    default -> throw new UnreadableException(Reason.FILE_HEADER);
                };
        if (depth != 1 && depth != 2 && depth != 4 && depth != 8 && depth != 16) {
            throw new UnreadableException(Reason.FILE_HEADER);
        }
        return new PngPixels(type, depth, count);
    }

    boolean hasAlpha() {
        return type == 4 || type == 6;
    }

    int rowBytes(int width) {
        return (int) (((long) width * count * depth + 7) / 8);
    }

    /** By how many bytes a pixel lies behind the one before it, at least 1. */
    int step() {
        return Math.max(1, count * depth / 8);
    }

    /** Brings a row to blue, green, red, and alpha if there is any. */
    void send(byte[] row, int width, byte[] palette, byte[] transparency, byte[] into, int at) {
        boolean clear = hasAlpha() || transparency.length > 0;
        int to = at;
        for (int x = 0; x < width; x++) {
            int first = sample(row, x * count);
            boolean colour = type == 2 || type == 6;
            if (type == 3) {
                int entry = 3 * first;
                boolean known = entry + 2 < palette.length;
                into[to] = known ? palette[entry + 2] : 0;
                into[to + 1] = known ? palette[entry + 1] : 0;
                into[to + 2] = known ? palette[entry] : 0;
            } else {
                into[to] = eight(colour ? sample(row, x * count + 2) : first);
                into[to + 1] = eight(colour ? sample(row, x * count + 1) : first);
                into[to + 2] = eight(first);
            }
            if (clear) {
                into[to + 3] = alpha(row, x, first, transparency);
            }
            to += clear ? 4 : 3;
        }
    }

    private byte alpha(byte[] row, int x, int first, byte[] transparency) {
        if (hasAlpha()) {
            return eight(sample(row, x * count + count - 1));
        }
        if (type == 3) {
            return first < transparency.length ? transparency[first] : -1;
        }
        // One grey or colour is told to be clear, in two bytes a sample.
        for (int i = 0; i < count; i++) {
            int told = 2 * i + 1 < transparency.length
                    ? (transparency[2 * i] & 255) << 8 | transparency[2 * i + 1] & 255
                    : -1;
            if (told != sample(row, x * count + i)) {
                return -1;
            }
        }
        return 0;
    }

    private int sample(byte[] row, int index) {
        if (depth == 16) {
            return (row[2 * index] & 255) << 8 | row[2 * index + 1] & 255;
        }
        if (depth == 8) {
            return row[index] & 255;
        }
        int bit = index * depth;
        return row[bit / 8] >> 8 - depth - bit % 8 & (1 << depth) - 1;
    }

    private byte eight(int sample) {
        return switch (depth) {
            case 16 -> (byte) ((sample + 128) / 257);
            case 8 -> (byte) sample;
            default -> (byte) (sample * 255 / ((1 << depth) - 1));
        };
    }
}
