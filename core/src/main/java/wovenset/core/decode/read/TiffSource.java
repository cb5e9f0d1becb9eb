package wovenset.core.decode.read;

import java.awt.Rectangle;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;

/**
 * The first picture of a TIFF (TIFF 6.0, 1992; BigTIFF), in strips of rows so that a scan of any size needs little memory, unless the
 * file itself is one single strip. Samples of 1 to 32 bits are brought to 8, grey to colour; colours are not converted.
 */
final class TiffSource implements Source {
    /** Pixels of one strip. */
    private static final int STRIP = 4_000_000;

    private interface Work<T> {
        T on(ImageReader reader) throws IOException;
    }

    private static final byte[] PLAIN_GREY =
            ICC_Profile.getInstance(ColorSpace.CS_GRAY).getData();

    private static <T> T open(Path file, Work<T> work) throws IOException {
        ImageReader reader = ImageIO.getImageReadersByFormatName("tiff").next();
        try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
            reader.setInput(stream, false, true);
            return work.on(reader);
        } finally {
            reader.dispose();
        }
    }

    @Override
    public int[] size(Path file) throws IOException {
        return open(file, reader -> new int[] {reader.getWidth(0), reader.getHeight(0)});
    }

    @Override
    public void decode(Path file, RowSink sink) throws IOException {
        open(file, reader -> {
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            ImageTypeSpecifier type = reader.getRawImageType(0);
            if (type == null) {
                type = reader.getImageTypes(0).next();
            }
            ColorModel colours = type.getColorModel();
            Raw raw = new Raw(width, height, samples(colours), profile(colours));
            sink.begin(raw);
            if (PackedTiff.suits(reader.getImageMetadata(0), type, raw)) {
                PackedTiff.rows(file, raw, sink);
                return raw;
            }
            int rows = Math.max(1, Math.min(height, STRIP / width));
            byte[] block = new byte[rows * raw.rowBytes()];
            for (int y = 0; y < height; y += rows) {
                int count = Math.min(rows, height - y);
                ImageReadParam param = reader.getDefaultReadParam();
                param.setDestinationType(type);
                param.setSourceRegion(new Rectangle(0, y, width, count));
                fill(block, reader.read(0, param), raw.samples());
                sink.rows(block, count * raw.rowBytes());
            }
            return raw;
        });
    }

    private static Raw.Samples samples(ColorModel colours) {
        if (colours.getNumColorComponents() == 4) {
            return Raw.Samples.INKS;
        }
        return colours.hasAlpha() ? Raw.Samples.BLUE_GREEN_RED_ALPHA : Raw.Samples.BLUE_GREEN_RED;
    }

    /** That the file tells of; the reader gives one of the platform's to what has none. */
    private static byte[] profile(ColorModel colours) {
        if (!(colours.getColorSpace() instanceof ICC_ColorSpace space) || space.isCS_sRGB()) {
            return new byte[0];
        }
        byte[] profile = space.getProfile().getData();
        return Arrays.equals(profile, PLAIN_GREY) ? new byte[0] : profile;
    }

    private static void fill(byte[] block, BufferedImage strip, Raw.Samples samples) {
        if (strip.getColorModel() instanceof IndexColorModel) {
            ofPalette(block, strip, samples);
            return;
        }
        Raster raster = strip.getRaster();
        ColorModel model = strip.getColorModel();
        if (raster.getTransferType() == DataBuffer.TYPE_BYTE
                && raster.getNumBands() == 3
                && samples == Raw.Samples.BLUE_GREEN_RED) {
            ofBytes(block, raster);
            return;
        }
        int bands = raster.getNumBands();
        boolean grey = model.getNumColorComponents() == 1;
        float[] most = most(model, raster, bands);
        float[] row = new float[raster.getWidth() * bands];
        byte[] pixel = new byte[samples.count()];
        int to = 0;
        for (int y = 0; y < raster.getHeight(); y++) {
            raster.getPixels(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            for (int x = 0; x < raster.getWidth(); x++) {
                for (int i = 0; i < pixel.length; i++) {
                    int band = band(samples, i, grey, bands);
                    pixel[i] = eight(row[x * bands + band], most[band]);
                }
                System.arraycopy(pixel, 0, block, to, pixel.length);
                to += pixel.length;
            }
        }
        if (samples == Raw.Samples.BLUE_GREEN_RED_ALPHA && model.isAlphaPremultiplied()) {
            SampleOrder.unmultiply(block, to);
        }
    }

    private static void ofBytes(byte[] block, Raster raster) {
        byte[] row = new byte[raster.getWidth() * 3];
        int to = 0;
        for (int y = 0; y < raster.getHeight(); y++) {
            raster.getDataElements(raster.getMinX(), raster.getMinY() + y, raster.getWidth(), 1, row);
            for (int i = 0; i < row.length; i += 3) {
                block[to] = row[i + 2];
                block[to + 1] = row[i + 1];
                block[to + 2] = row[i];
                to += 3;
            }
        }
    }

    /** Which band of the file holds the i-th sample that is sent. */
    private static int band(Raw.Samples samples, int i, boolean grey, int bands) {
        if (samples == Raw.Samples.INKS) {
            return i;
        }
        if (i == 3) {
            return bands - 1;
        }
        return grey ? 0 : 2 - i;
    }

    private static float[] most(ColorModel model, Raster raster, int bands) {
        float[] most = new float[bands];
        boolean real =
                raster.getTransferType() == DataBuffer.TYPE_FLOAT || raster.getTransferType() == DataBuffer.TYPE_DOUBLE;
        for (int i = 0; i < bands; i++) {
            most[i] = real ? 1 : (float) (Math.pow(2, model.getComponentSize(i)) - 1);
        }
        return most;
    }

    private static byte eight(float value, float most) {
        return (byte) Math.round(255 * Math.min(1, Math.max(0, value / most)));
    }

    private static void ofPalette(byte[] block, BufferedImage strip, Raw.Samples samples) {
        int[] row = new int[strip.getWidth()];
        int to = 0;
        for (int y = 0; y < strip.getHeight(); y++) {
            strip.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int rgb : row) {
                block[to] = (byte) rgb;
                block[to + 1] = (byte) (rgb >> 8);
                block[to + 2] = (byte) (rgb >> 16);
                if (samples == Raw.Samples.BLUE_GREEN_RED_ALPHA) {
                    block[to + 3] = (byte) (rgb >>> 24);
                }
                to += samples.count();
            }
        }
    }
}
