package wovenset.core.decode.read;

import com.drew.lang.SequentialByteArrayReader;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.iptc.IptcReader;
import com.drew.metadata.xmp.XmpReader;
import com.twelvemonkeys.imageio.metadata.AbstractDirectory;
import com.twelvemonkeys.imageio.metadata.CompoundDirectory;
import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import javax.imageio.stream.ImageInputStream;

/** What is embedded in a TIFF with offsets of 64 bits (BigTIFF), which the usual reader of metadata does not know. */
final class BigTiffMetadata {
    private static final int BIG = 43;

    private BigTiffMetadata() {}

    static boolean suits(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] start = in.readNBytes(4);
            return start.length == 4
                    && (start[0] == 'I' && start[1] == 'I' && start[2] == BIG && start[3] == 0
                            || start[0] == 'M' && start[1] == 'M' && start[2] == 0 && start[3] == BIG);
        }
    }

    /** Of the first picture; what is of no use is left out. */
    static Metadata read(Path file) throws IOException {
        Metadata metadata = new Metadata();
        try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
            if (new TIFFReader().read(stream) instanceof CompoundDirectory all && all.directoryCount() > 0) {
                take(all.getDirectory(0), new ExifIFD0Directory(), metadata);
            }
        }
        return metadata;
    }

    private static void take(Iterable<Entry> from, Directory to, Metadata metadata) {
        metadata.addDirectory(to);
        for (Entry entry : from) {
            int tag = (Integer) entry.getIdentifier();
            Object value = entry.getValue();
            if (tag == TIFF.TAG_XMP && value instanceof byte[] bytes) {
                new XmpReader().extract(bytes, metadata);
            } else if (tag == TIFF.TAG_IPTC && value instanceof byte[] bytes) {
                new IptcReader().extract(new SequentialByteArrayReader(bytes), metadata, bytes.length);
            } else if (tag == TIFF.TAG_EXIF_IFD && value instanceof AbstractDirectory exif) {
                take(exif, new ExifSubIFDDirectory(), metadata);
            } else if (value instanceof Number number) {
                to.setInt(tag, number.intValue());
            } else if (value instanceof String text) {
                to.setString(tag, text);
            }
        }
    }
}
