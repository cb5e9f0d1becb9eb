package wovenset.core.decode.read;

import java.awt.image.ColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataFormatImpl;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;

/**
 * Plain colour photos that are packed by dictionary (LZW), which Java's readers unpack at a tenth of the native library's speed.
 * The library holds the whole picture; it runs in a child with limits like every decoder here.
 */
final class PackedTiff {
    private static final int ROWS_AT_ONCE = 256;
    private static final long MOST_BYTES = 600_000_000;

    private PackedTiff() {}

    /** Only what the library and Java read alike: three samples of 8 bits, upright as they are stored. */
    static boolean suits(IIOMetadata metadata, ImageTypeSpecifier type, Raw raw) {
        ColorModel colours = type.getColorModel();
        boolean plain = !(colours instanceof IndexColorModel)
                && type.getSampleModel().getDataType() == DataBuffer.TYPE_BYTE
                && type.getNumBands() == 3
                && raw.samples() == Raw.Samples.BLUE_GREEN_RED;
        Element tree = (Element) metadata.getAsTree(IIOMetadataFormatImpl.standardMetadataFormatName);
        return plain
                && (long) raw.rowBytes() * raw.height() <= MOST_BYTES
                && "LZW".equals(value(tree, "CompressionTypeName"))
                && List.of("", "Normal").contains(value(tree, "ImageOrientation"));
    }

    private static String value(Element tree, String name) {
        NodeList found = tree.getElementsByTagName(name);
        return found.getLength() == 0 ? "" : ((Element) found.item(0)).getAttribute("value");
    }

    static void rows(Path file, Raw raw, RowSink sink) throws IOException {
        try (Mat picture = opencv_imgcodecs.imread(file.toString(), opencv_imgcodecs.IMREAD_UNCHANGED)) {
            if (picture.type() != opencv_core.CV_8UC3
                    || picture.cols() != raw.width()
                    || picture.rows() != raw.height()) {
                throw new IOException("The picture is not the one that its file tells of");
            }
            byte[] block = new byte[ROWS_AT_ONCE * raw.rowBytes()];
            for (int y = 0; y < raw.height(); y += ROWS_AT_ONCE) {
                int count = Math.min(ROWS_AT_ONCE, raw.height() - y);
                try (Mat part = picture.rowRange(y, y + count)) {
                    part.data().get(block, 0, count * raw.rowBytes());
                }
                sink.rows(block, count * raw.rowBytes());
            }
        }
    }
}
