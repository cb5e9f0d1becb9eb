package wovenset.core.paint;

import java.awt.image.DataBufferByte;
import java.awt.image.PixelInterleavedSampleModel;
import java.awt.image.Raster;
import java.util.Optional;

/** Where the rows of a raster begin among its bytes, which are blue, green and red of each pixel, one after the other. */
final class SolidRows {
    private final byte[] data;
    private final int first;
    private final int line;

    private SolidRows(byte[] data, int first, int line) {
        this.data = data;
        this.first = first;
        this.line = line;
    }

    /** Nothing if its pixels are kept otherwise. */
    static Optional<SolidRows> of(Raster raster) {
        if (!(raster.getDataBuffer() instanceof DataBufferByte bytes)
                || !(raster.getSampleModel() instanceof PixelInterleavedSampleModel model)
                || model.getNumBands() != 3
                || model.getPixelStride() != 3
                || model.getBandOffsets()[0] != 2
                || model.getBandOffsets()[2] != 0) {
            return Optional.empty();
        }
        int first = model.getOffset(
                raster.getMinX() - raster.getSampleModelTranslateX(),
                raster.getMinY() - raster.getSampleModelTranslateY(),
                2);
        return Optional.of(new SolidRows(bytes.getData(), bytes.getOffset() + first, model.getScanlineStride()));
    }

    byte[] data() {
        return data;
    }

    int row(int row) {
        return first + row * line;
    }
}
