package wovenset.core.decode.read;

import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;

/** A JPEG in four printing inks (ITU-T T.81, T.871). */
final class InkJpegSource implements Source {
    /** How the file tells its inks. */
    enum Coding {
        INKS,
        PAPER,
        BRIGHTNESS
    }

    private static final int BLOCK = 1 << 20;

    private final Coding coding;

    InkJpegSource(Coding coding) {
        this.coding = coding;
    }

    @Override
    public int[] size(Path file) throws IOException {
        Raster raster = read(file);
        return new int[] {raster.getWidth(), raster.getHeight()};
    }

    @Override
    public void decode(Path file, RowSink sink) throws IOException {
        Raster raster = read(file);
        Raw raw = new Raw(raster.getWidth(), raster.getHeight(), Raw.Samples.INKS, new byte[0]);
        sink.begin(raw);
        byte[] samples = ((DataBufferByte) raster.getDataBuffer()).getData();
        if (coding == Coding.BRIGHTNESS) {
            fromBrightness(samples);
        } else if (coding == Coding.PAPER) {
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (byte) ~samples[i];
            }
        }
        int rows = Math.max(1, BLOCK / raw.rowBytes());
        byte[] block = new byte[rows * raw.rowBytes()];
        for (int y = 0; y < raw.height(); y += rows) {
            int length = Math.min(rows, raw.height() - y) * raw.rowBytes();
            System.arraycopy(samples, y * raw.rowBytes(), block, 0, length);
            sink.rows(block, length);
        }
    }

    /** The samples as they are coded, by the platform's own reader: others convert them to colours of their choice. */
    private static Raster read(Path file) throws IOException {
        for (Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("jpeg"); readers.hasNext(); ) {
            ImageReader reader = readers.next();
            if (reader.getClass().getName().startsWith("com.sun.")) {
                try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
                    reader.setInput(stream, true, true);
                    return reader.readRaster(0, null);
                } finally {
                    reader.dispose();
                }
            }
        }
        throw new IOException("The platform reads no JPEG");
    }

    /** What is told is the inks' complement in brightness and colour, and inverted black. */
    private static void fromBrightness(byte[] pixels) {
        for (int i = 0; i < pixels.length; i += 4) {
            double y = pixels[i] & 255;
            double cb = (pixels[i + 1] & 255) - 128;
            double cr = (pixels[i + 2] & 255) - 128;
            pixels[i] = clamped(y + 1.402 * cr);
            pixels[i + 1] = clamped(y - 0.344136 * cb - 0.714136 * cr);
            pixels[i + 2] = clamped(y + 1.772 * cb);
            pixels[i + 3] = (byte) ~pixels[i + 3];
        }
    }

    private static byte clamped(double value) {
        return (byte) Math.round(Math.min(255, Math.max(0, value)));
    }
}
