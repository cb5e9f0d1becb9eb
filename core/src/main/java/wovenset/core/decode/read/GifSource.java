package wovenset.core.decode.read;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.stream.ImageInputStream;
import org.w3c.dom.Element;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.said.Reason;

/** The first frame of a GIF (GIF89a specification, 1990), where it lies on the logical screen; the rest of that is clear. */
final class GifSource implements Source {
    private static final int HEADER = 10;

    @Override
    public int[] size(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] head = in.readNBytes(HEADER);
            if (head.length < HEADER) {
                throw new UnreadableException(Reason.FILE_CUT_SHORT);
            }
            return new int[] {(head[6] & 255) | (head[7] & 255) << 8, (head[8] & 255) | (head[9] & 255) << 8};
        }
    }

    @Override
    public void decode(Path file, RowSink sink) throws IOException {
        int[] size = size(file);
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
            reader.setInput(stream, true, false);
            BufferedImage frame = reader.read(0);
            int[] at = place(reader.getImageMetadata(0));
            Raw raw = new Raw(size[0], size[1], Raw.Samples.BLUE_GREEN_RED_ALPHA, new byte[0]);
            sink.begin(raw);
            byte[] row = new byte[raw.rowBytes()];
            int[] pixels = new int[frame.getWidth()];
            for (int y = 0; y < size[1]; y++) {
                Arrays.fill(row, (byte) 0);
                if (y >= at[1] && y < at[1] + frame.getHeight()) {
                    frame.getRGB(0, y - at[1], frame.getWidth(), 1, pixels, 0, frame.getWidth());
                    for (int x = 0; x < Math.min(frame.getWidth(), size[0] - at[0]); x++) {
                        int to = 4 * (at[0] + x);
                        row[to] = (byte) pixels[x];
                        row[to + 1] = (byte) (pixels[x] >> 8);
                        row[to + 2] = (byte) (pixels[x] >> 16);
                        row[to + 3] = (byte) (pixels[x] >> 24);
                    }
                }
                sink.rows(row, row.length);
            }
        } finally {
            reader.dispose();
        }
    }

    private static int[] place(IIOMetadata metadata) {
        Element root = (Element) metadata.getAsTree("javax_imageio_gif_image_1.0");
        Element frame = (Element) root.getElementsByTagName("ImageDescriptor").item(0);
        return new int[] {
            Integer.parseInt(frame.getAttribute("imageLeftPosition")),
            Integer.parseInt(frame.getAttribute("imageTopPosition"))
        };
    }
}
