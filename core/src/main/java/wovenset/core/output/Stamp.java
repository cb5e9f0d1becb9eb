package wovenset.core.output;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import wovenset.core.measure.Resolution;

/**
 * Writes resolution and the sRGB profile into an image file: JFIF 1.02 density and an ICC application segment for JPEG
 * (ICC.1:2010, annex B.4), the pHYs and iCCP chunks for PNG (ISO/IEC 15948, 11.3).
 */
final class Stamp {
    /** The shipped Java platform's sRGB profile. */
    static final byte[] PROFILE = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    private static final int MOST_IN_SEGMENT = 65_519;

    private Stamp() {}

    static void copy(Path bare, Path target, MakeRequest.Kind kind, Resolution resolution) throws IOException {
        try (InputStream in = Files.newInputStream(bare);
                OutputStream out = new BufferedOutputStream(Files.newOutputStream(target), 1 << 16)) {
            if (kind == MakeRequest.Kind.PNG) {
                png(in, out, resolution);
            } else {
                jpeg(in, out, resolution);
            }
        }
    }

    private static void jpeg(InputStream in, OutputStream out, Resolution resolution) throws IOException {
        DataInputStream from = new DataInputStream(in);
        DataOutputStream to = new DataOutputStream(out);
        to.writeShort(from.readUnsignedShort());
        int marker = from.readUnsignedShort();
        if (marker == 0xFFE0) {
            from.skipNBytes(from.readUnsignedShort() - 2L);
            marker = from.readUnsignedShort();
        }
        int ppi = (int) Math.round(resolution.ppi());
        to.writeShort(0xFFE0);
        to.writeShort(16);
        to.writeBytes("JFIF\0");
        to.writeShort(0x0102);
        to.writeByte(1);
        to.writeShort(ppi);
        to.writeShort(ppi);
        to.writeShort(0);
        int parts = (PROFILE.length + MOST_IN_SEGMENT - 1) / MOST_IN_SEGMENT;
        for (int part = 0; part < parts; part++) {
            int start = part * MOST_IN_SEGMENT;
            int length = Math.min(MOST_IN_SEGMENT, PROFILE.length - start);
            to.writeShort(0xFFE2);
            to.writeShort(length + 16);
            to.writeBytes("ICC_PROFILE\0");
            to.writeByte(part + 1);
            to.writeByte(parts);
            to.write(PROFILE, start, length);
        }
        to.writeShort(marker);
        to.flush();
        from.transferTo(out);
    }

    private static void png(InputStream in, OutputStream out, Resolution resolution) throws IOException {
        int signatureAndHeader = 8 + 25;
        out.write(in.readNBytes(signatureAndHeader));
        ByteArrayOutputStream profile = new ByteArrayOutputStream();
        profile.write("sRGB\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(profile)) {
            deflater.write(PROFILE);
        }
        chunk(out, "iCCP", profile.toByteArray());
        int perMetre = (int) Math.round(resolution.ppi() / 0.0254);
        ByteArrayOutputStream density = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(density);
        data.writeInt(perMetre);
        data.writeInt(perMetre);
        data.writeByte(1);
        chunk(out, "pHYs", density.toByteArray());
        in.transferTo(out);
    }

    private static void chunk(OutputStream out, String name, byte[] data) throws IOException {
        DataOutputStream to = new DataOutputStream(out);
        byte[] type = name.getBytes(StandardCharsets.ISO_8859_1);
        CRC32 sum = new CRC32();
        sum.update(type);
        sum.update(data);
        to.writeInt(data.length);
        to.write(type);
        to.write(data);
        to.writeInt((int) sum.getValue());
        to.flush();
    }
}
