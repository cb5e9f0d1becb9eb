package wovenset.core.decode;

import java.io.IOException;
import java.nio.file.Path;

/** Reads one format, in the child. */
interface Source {
    /** Width and height of the picture, in pixels as stored. */
    int[] size(Path file) throws IOException;

    /** Decodes the picture into the sink. */
    void decode(Path file, RowSink sink) throws IOException;
}
