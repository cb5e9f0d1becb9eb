package wovenset.core.picture;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import org.jspecify.annotations.Nullable;
import wovenset.core.said.Reason;

/** The chunks of a PNG file (ISO/IEC 15948) that matter before it is decoded. Cost: one step a chunk. */
final class PngChunks {
    private static final int LARGEST_PROFILE = 4_000_000;

    private PngChunks() {}

    /** @throws RefusedPhotoException if the file ends before its last chunk */
    static void checkComplete(byte[] file) {
        int at = 8;
        while (at + 12 <= file.length) {
            long next = at + 12L + Integer.toUnsignedLong(ByteBuffer.wrap(file).getInt(at));
            if (name(file, at).equals("IEND")) {
                return;
            }
            if (next > file.length) {
                break;
            }
            at = (int) next;
        }
        throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
    }

    /** The embedded colour profile; null if there is none or it cannot be unpacked. */
    static byte @Nullable [] profile(byte[] file) {
        int at = 8;
        while (at + 12 <= file.length) {
            int length = ByteBuffer.wrap(file).getInt(at);
            if (length < 0 || at + 12L + length > file.length || name(file, at).equals("IDAT")) {
                return null;
            }
            if (name(file, at).equals("iCCP")) {
                return unpacked(Arrays.copyOfRange(file, at + 8, at + 8 + length));
            }
            at += 12 + length;
        }
        return null;
    }

    private static String name(byte[] file, int at) {
        return new String(file, at + 4, 4, StandardCharsets.ISO_8859_1);
    }

    private static byte @Nullable [] unpacked(byte[] chunk) {
        int zero = 0;
        while (zero < chunk.length && chunk[zero] != 0) {
            zero++;
        }
        if (zero + 2 >= chunk.length) {
            return null;
        }
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(chunk, zero + 2, chunk.length - zero - 2);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] buffer = new byte[8192];
            for (int n = inflater.inflate(buffer); n > 0; n = inflater.inflate(buffer)) {
                out.write(buffer, 0, n);
                if (out.size() > LARGEST_PROFILE) {
                    return null;
                }
            }
            return out.toByteArray();
        } catch (DataFormatException e) {
            return null;
        } finally {
            inflater.end();
        }
    }
}
