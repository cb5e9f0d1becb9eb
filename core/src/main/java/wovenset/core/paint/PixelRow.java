package wovenset.core.paint;

import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;

/** A row of a raster's pixels as whole numbers, alpha above red, green and blue, for rasters of packed numbers and of bytes. */
final class PixelRow {
    private final boolean packed;
    private final int bands;
    private final int[] pixels;
    private final byte[] bytes;

    PixelRow(Raster raster, int width) {
        packed = raster.getTransferType() == DataBuffer.TYPE_INT;
        bands = raster.getNumBands();
        pixels = new int[width];
        bytes = new byte[packed ? 0 : width * bands];
    }

    /** Without an alpha of their own they are solid. */
    int[] read(Raster raster, int row) {
        if (packed) {
            raster.getDataElements(raster.getMinX(), row + raster.getMinY(), pixels.length, 1, pixels);
            for (int x = 0; bands < 4 && x < pixels.length; x++) {
                pixels[x] |= 0xff000000;
            }
            return pixels;
        }
        raster.getDataElements(raster.getMinX(), row + raster.getMinY(), pixels.length, 1, bytes);
        for (int x = 0, at = 0; x < pixels.length; x++, at += bands) {
            int alpha = bands < 4 ? 255 : bytes[at + 3] & 255;
            pixels[x] = alpha << 24 | (bytes[at] & 255) << 16 | (bytes[at + 1] & 255) << 8 | bytes[at + 2] & 255;
        }
        return pixels;
    }

    /** Writes what stands in the numbers now. */
    void write(WritableRaster raster, int row) {
        if (packed) {
            raster.setDataElements(raster.getMinX(), row + raster.getMinY(), pixels.length, 1, pixels);
            return;
        }
        for (int x = 0, at = 0; x < pixels.length; x++, at += bands) {
            bytes[at] = (byte) (pixels[x] >> 16);
            bytes[at + 1] = (byte) (pixels[x] >> 8);
            bytes[at + 2] = (byte) pixels[x];
            if (bands == 4) {
                bytes[at + 3] = (byte) (pixels[x] >>> 24);
            }
        }
        raster.setDataElements(raster.getMinX(), row + raster.getMinY(), pixels.length, 1, bytes);
    }
}
