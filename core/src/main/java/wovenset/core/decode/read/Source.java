package wovenset.core.decode.read;

import java.io.IOException;
import java.nio.file.Path;
import wovenset.core.decode.answer.Kind;
import wovenset.core.decode.answer.RowSink;

/** Reads one format, in the child. */
public interface Source {
    /** Width and height of the picture, in pixels as stored. */
    int[] size(Path file) throws IOException;

    /** Decodes the picture into the sink. */
    void decode(Path file, RowSink sink) throws IOException;

    /** A new reader of this format. */
    static Source of(Kind kind) {
        return switch (kind) {
            case HEIF -> new HeifSource();
            case TIFF -> new TiffSource();
            case GIF -> new GifSource();
            case PNG -> new PngSource();
            case JPEG_INKS -> new InkJpegSource(InkJpegSource.Coding.INKS);
            case JPEG_PAPER -> new InkJpegSource(InkJpegSource.Coding.PAPER);
            case JPEG_BRIGHTNESS -> new InkJpegSource(InkJpegSource.Coding.BRIGHTNESS);
        };
    }
}
