package wovenset.bench.hold;

import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import wovenset.core.testing.MovingPictures;
import wovenset.core.testing.TestPhotos;

/** Files that are made to take much time or memory, and large ones that people really have. */
final class HostileFiles {
    private static final int DIRECTORIES = 20_000;
    private static final int DEEP = 100_000;
    private static final int UNPACKED_MB = 500;
    private static final int SCANS = 883;
    private static final int SIDE = 13_400;
    private static final int HEADER_END = 33;

    private HostileFiles() {}

    /** A TIFF of so many directories, each of which names the next. */
    static byte[] chained() {
        byte[] plain = MovingPictures.bigTiff(TestPhotos.corners(16, 16));
        int directory = 8 + 10 * 20 + 8;
        int first = plain.length - directory;
        ByteBuffer out = ByteBuffer.allocate(first + DIRECTORIES * directory).order(ByteOrder.LITTLE_ENDIAN);
        out.put(plain, 0, first);
        for (int i = 0; i < DIRECTORIES; i++) {
            out.put(plain, first, directory - 8);
            out.putLong(i + 1 < DIRECTORIES ? out.position() + 8L : 0);
        }
        return out.array();
    }

    /** A PNG whose words are elements within elements. */
    static byte[] nested() {
        String xml = "<a>".repeat(DEEP) + "</a>".repeat(DEEP);
        byte[] head = "XML:com.adobe.xmp\0\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1);
        return withChunk("iTXt", TestPhotos.concat(head, xml.getBytes(StandardCharsets.US_ASCII)));
    }

    /** A PNG whose words unpack to half a gigabyte. */
    static byte[] swelling() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.writeBytes("XML:com.adobe.xmp\0\1\0\0\0".getBytes(StandardCharsets.ISO_8859_1));
        byte[] block = new byte[1_000_000];
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            for (int i = 0; i < UNPACKED_MB; i++) {
                out.write(block);
            }
        }
        return withChunk("iTXt", packed.toByteArray());
    }

    private static byte[] withChunk(String name, byte[] content) {
        byte[] png = TestPhotos.file(TestPhotos.corners(64, 48), "png");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(png, 0, HEADER_END);
        try {
            chunk(new DataOutputStream(out), name, content);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        out.write(png, HEADER_END, png.length - HEADER_END);
        return out.toByteArray();
    }

    private static void chunk(DataOutputStream out, String name, byte[] content) throws IOException {
        byte[] bytes = TestPhotos.concat(name.getBytes(StandardCharsets.US_ASCII), content);
        CRC32 sum = new CRC32();
        sum.update(bytes);
        out.writeInt(content.length);
        out.write(bytes);
        out.writeInt((int) sum.getValue());
    }

    /** A JPEG that is told again and again. */
    static byte[] scanned() {
        byte[] jpeg = TestPhotos.jpeg(1200, 900, 7);
        int scan = 2;
        while ((jpeg[scan + 1] & 255) != 0xDA) {
            scan += 2 + ByteBuffer.wrap(jpeg).getShort(scan + 2);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, scan);
        for (int i = 0; i < SCANS; i++) {
            out.write(jpeg, scan, jpeg.length - 2 - scan);
        }
        out.write(jpeg, jpeg.length - 2, 2);
        return out.toByteArray();
    }

    /** A PNG of 180 megapixels with 16 bits a sample: within the limit, and more than a gigabyte unpacked. */
    static Path vast(Path file) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        byte[] row = new byte[1 + SIDE * 6];
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed, new Deflater(1))) {
            for (int y = 0; y < SIDE; y++) {
                Arrays.fill(row, 1, row.length, (byte) (y >> 6));
                out.write(row);
            }
        }
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file));
                DataOutputStream data = new DataOutputStream(out)) {
            data.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
            chunk(
                    data,
                    "IHDR",
                    ByteBuffer.allocate(13)
                            .putInt(SIDE)
                            .putInt(SIDE)
                            .put((byte) 16)
                            .put((byte) 2)
                            .array());
            chunk(data, "IDAT", packed.toByteArray());
            chunk(data, "IEND", new byte[0]);
        }
        return file;
    }

    /** A scan of A4 at 600 ppi as a plain TIFF, 104 MB. */
    static byte[] scan(int seed) {
        return MovingPictures.bigTiff(TestPhotos.scene(4961, 7016, seed));
    }
}
