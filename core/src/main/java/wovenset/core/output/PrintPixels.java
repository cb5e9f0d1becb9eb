package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import wovenset.core.paint.PhotoRasters.MissingPhotoException;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.retouch.Development;

/** The pixels of photos as they are printed, with all that is done to them. */
final class PrintPixels {
    /** So many times finer than what is printed, a stored picture has nothing of its packing left to be seen. */
    private static final int FINER = 4;

    /** Pixels across that are averaged to one at least, where a stored picture serves. */
    private static final int AVERAGED = 2;

    private PrintPixels() {}

    /**
     * @param longEdge wanted, in pixels; where lines and grains need more pixels than that, the picture has more
     * @throws MissingPhotoException if its file is gone or damaged
     */
    static BufferedImage of(PhotoFiles files, PhotoPixels pixels, int longEdge) {
        PhotoFiles.Original original = files.original(pixels.photo());
        PhotoHeader header = original.header();
        int edge = Development.edge(pixels, longEdge, Math.max(header.width(), header.height()));
        try {
            // What is wanted much smaller than a picture that is stored already comes from that: hundreds of tiles in
            // little time.
            Optional<Path> reduced = files.reduced(pixels.photo(), FINER * edge);
            BufferedImage decoded = reduced.isPresent()
                    ? DerivedPixels.within(stored(Files.readAllBytes(reduced.get()), AVERAGED * edge), edge)
                    : PhotoDecoder.decode(original.file(), header, edge);
            return Development.of(decoded, pixels);
        } catch (RefusedPhotoException | IOException e) {
            throw MissingPhotoException.damaged(original.name(), e);
        }
    }

    /**
     * A JPEG's own transform gives the first halvings sooner; the last step is always a mean of pixels.
     *
     * @param file of the small size
     * @param enough pixels across
     */
    private static BufferedImage stored(byte[] file, int enough) {
        if (enough <= Derivatives.SMALL / 4) {
            return DerivedPixels.readQuarter(file);
        }
        return enough <= Derivatives.SMALL / 2 ? DerivedPixels.readHalf(file) : DerivedPixels.read(file);
    }
}
