package wovenset.core.picture.file;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;
import wovenset.core.said.Reason;

/**
 * The marker segments of a JPEG file (ITU-T T.81, annex B): size, colours, profile, and whether it is complete.
 *
 * <p>Cost: linear in the file, one pass; nothing is decoded.
 */
public final class JpegSegments {
    private static final int SOI = 0xD8;
    private static final int EOI = 0xD9;
    private static final int SOS = 0xDA;
    private static final int APP0 = 0xE0;
    private static final int APP2 = 0xE2;
    private static final int APP14 = 0xEE;
    private static final int APP15 = 0xEF;
    private static final int COM = 0xFE;
    /** Cameras and programs write some ten; each is decoded over the whole picture. */
    private static final int MOST_SCANS = 100;

    private static final byte[] ICC_NAME = "ICC_PROFILE\0".getBytes(StandardCharsets.ISO_8859_1);

    private final ByteBuffer file;
    private final TreeMap<Integer, byte[]> profileParts = new TreeMap<>();
    private final List<Segment> segments = new ArrayList<>();
    private int width;
    private int height;
    private int components;
    private int bits;
    private int adobeTransform = -1;
    private boolean arithmetic;
    private int scans;
    private int end = -1;

    private JpegSegments(ByteBuffer file) {
        this.file = file;
    }

    /** @throws RefusedPhotoException if the bytes do not have the form of a JPEG file or end too early */
    public static JpegSegments read(ByteBuffer file) {
        JpegSegments segments = new JpegSegments(file);
        segments.walk(false);
        if (segments.width == 0 || segments.height == 0) {
            throw new RefusedPhotoException(Reason.FILE_NO_SIZE);
        }
        if (segments.end < 0) {
            throw new RefusedPhotoException(Reason.FILE_CUT_SHORT);
        }
        return segments;
    }

    /** What stands before the picture's data, for a file that was read whole before: its profile and how its inks are told. */
    public static JpegSegments head(ByteBuffer file) {
        JpegSegments segments = new JpegSegments(file);
        segments.walk(true);
        return segments;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** 1 for grey, 3 for colour, 4 for four inks. */
    public int components() {
        return components;
    }

    /** What an Adobe segment says of four inks: 0 as they are, 2 told as brightness and colour; -1 without one. */
    public int adobeTransform() {
        return adobeTransform;
    }

    /** Whether the samples are coded arithmetically, which few programs can read. */
    public boolean arithmetic() {
        return arithmetic;
    }

    /** Bits of each sample; 8 in photos. */
    public int bits() {
        return bits;
    }

    /** The embedded colour profile, joined from its parts; empty if there is none or a part is missing. */
    public byte[] profile() {
        if (profileParts.isEmpty() || profileParts.firstKey() != 1 || profileParts.lastKey() != profileParts.size()) {
            return new byte[0];
        }
        ByteArrayOutputStream joined = new ByteArrayOutputStream();
        profileParts.values().forEach(joined::writeBytes);
        return joined.toByteArray();
    }

    /**
     * Writes the same compressed picture without what the camera or a program told of it: place, thumbnail, maker's
     * notes, comments, profile, and anything behind the picture. Only the colour transform's marker stays.
     */
    public void writePictureOnly(OutputStream out) throws IOException {
        out.write(0xFF);
        out.write(SOI);
        for (Segment segment : segments) {
            int marker = segment.marker;
            if (!(marker >= APP0 && marker <= APP15 && marker != APP14) && marker != COM) {
                write(out, segment.from, segment.to);
            }
        }
        out.write(0xFF);
        out.write(EOI);
    }

    private byte[] copy(int from, int to) {
        byte[] copy = new byte[to - from];
        file.get(from, copy);
        return copy;
    }

    private void write(OutputStream out, int from, int to) throws IOException {
        byte[] block = new byte[Math.min(1 << 16, to - from)];
        for (int at = from; at < to; at += block.length) {
            int count = Math.min(block.length, to - at);
            file.get(at, block, 0, count);
            out.write(block, 0, count);
        }
    }

    /** @param from the segment's first byte, its marker's 0xFF; a scan's segment includes its coded data */
    private record Segment(int marker, int from, int to) {}

    private void walk(boolean onlyHead) {
        int at = 2;
        while (at + 3 < file.limit()) {
            if ((file.get(at) & 0xFF) != 0xFF) {
                throw new RefusedPhotoException(Reason.FILE_DAMAGED_AT, at);
            }
            int marker = file.get(at + 1) & 0xFF;
            if (marker == 0xFF) {
                at++;
                continue;
            }
            if (marker == EOI) {
                end = at + 2;
                return;
            }
            int next = at + 2 + word(at + 2);
            if (word(at + 2) < 2 || next > file.limit()) {
                return;
            }
            note(marker, at + 4, next);
            if (marker == SOS && onlyHead) {
                return;
            }
            if (marker == SOS) {
                next = endOfScan(next);
                if (++scans > MOST_SCANS) {
                    throw new RefusedPhotoException(Reason.FILE_TOO_LONG);
                }
            }
            segments.add(new Segment(marker, at, next));
            at = next;
        }
        if (at + 1 < file.limit() && (file.get(at) & 0xFF) == 0xFF && (file.get(at + 1) & 0xFF) == EOI) {
            end = at + 2;
        }
    }

    private void note(int marker, int from, int to) {
        boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
        if (frame && to - from >= 6) {
            arithmetic = marker >= 0xC9;
            bits = file.get(from) & 0xFF;
            height = word(from + 1);
            width = word(from + 3);
            components = file.get(from + 5) & 0xFF;
        } else if (marker == APP14
                && to - from >= 12
                && new String(copy(from, from + 5), StandardCharsets.ISO_8859_1).equals("Adobe")) {
            adobeTransform = file.get(from + 11) & 0xFF;
        } else if (marker == APP2
                && to - from > ICC_NAME.length + 2
                && Arrays.equals(copy(from, from + ICC_NAME.length), ICC_NAME)) {
            profileParts.putIfAbsent(file.get(from + ICC_NAME.length) & 0xFF, copy(from + ICC_NAME.length + 2, to));
        }
    }

    /** The first byte behind entropy-coded data: 0xFF followed by neither a stuffed zero nor a restart marker. */
    private int endOfScan(int from) {
        int at = from;
        while (at + 1 < file.limit()) {
            if (file.get(at) == (byte) 0xFF) {
                int next = file.get(at + 1) & 0xFF;
                if (next != 0 && !(next >= 0xD0 && next <= 0xD7) && next != 0xFF) {
                    return at;
                }
            }
            at++;
        }
        return file.limit();
    }

    private int word(int at) {
        return (file.get(at) & 0xFF) << 8 | file.get(at + 1) & 0xFF;
    }
}
