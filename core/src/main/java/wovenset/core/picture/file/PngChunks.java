package wovenset.core.picture.file;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import wovenset.core.said.Reason;

/** The chunks of a PNG file (ISO/IEC 15948) that matter before it is decoded. Cost: one step a chunk. */
public final class PngChunks {
    private static final int LARGEST_PROFILE = 4_000_000;

    private PngChunks() {}

    /** @throws RefusedPhotoException if the file ends before its last chunk */
    public static void checkComplete(ByteBuffer file) {
        int at = 8;
        while (at + 12 <= file.limit()) {
            long next = at + 12L + Integer.toUnsignedLong(file.getInt(at));
            if (name(file, at).equals("IEND")) {
                return;
            }
            if (next > file.limit()) {
                break;
            }
            at = (int) next;
        }
        throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
    }

    /** The embedded colour profile; empty if there is none or it cannot be unpacked. */
    public static byte[] profile(ByteBuffer file) {
        int at = 8;
        while (at + 12 <= file.limit()) {
            int length = file.getInt(at);
            if (length < 0 || at + 12L + length > file.limit() || name(file, at).equals("IDAT")) {
                return new byte[0];
            }
            if (name(file, at).equals("iCCP")) {
                return unpacked(copy(file, at + 8, length));
            }
            at += 12 + length;
        }
        return new byte[0];
    }

    private static String name(ByteBuffer file, int at) {
        return new String(copy(file, at + 4, 4), StandardCharsets.ISO_8859_1);
    }

    private static byte[] copy(ByteBuffer file, int from, int length) {
        byte[] copy = new byte[length];
        file.get(from, copy);
        return copy;
    }

    private static byte[] unpacked(byte[] chunk) {
        int zero = 0;
        while (zero < chunk.length && chunk[zero] != 0) {
            zero++;
        }
        if (zero + 2 >= chunk.length) {
            return new byte[0];
        }
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(chunk, zero + 2, chunk.length - zero - 2);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] buffer = new byte[8192];
            for (int n = inflater.inflate(buffer); n > 0; n = inflater.inflate(buffer)) {
                out.write(buffer, 0, n);
                if (out.size() > LARGEST_PROFILE) {
                    return new byte[0];
                }
            }
            return out.toByteArray();
        } catch (DataFormatException e) {
            return new byte[0];
        } finally {
            inflater.end();
        }
    }
}
