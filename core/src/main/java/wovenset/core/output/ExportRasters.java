package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.util.LinkedHashMap;
import java.util.Map;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.file.RefusedPhotoException;

/**
 * Photos decoded from their originals at the size they are printed, kept while neighbouring strips need them: at most a
 * quarter of the heap, least recently used first to go.
 */
final class ExportRasters implements PhotoRasters {
    private final PhotoFiles files;
    private final long budget = Runtime.getRuntime().maxMemory() / 4;
    private final Map<Key, BufferedImage> kept = new LinkedHashMap<>(16, 0.75f, true);
    private long bytes;

    ExportRasters(PhotoFiles files) {
        this.files = files;
    }

    private record Key(PhotoPixels pixels, int longEdge) {}

    @Override
    public BufferedImage raster(PhotoPixels pixels, double wantedScale) {
        PhotoFiles.Original original = files.original(pixels.photo());
        int longEdge = RasterScale.longEdge(
                original.header().width(), original.header().height(), wantedScale);
        Key key = new Key(pixels, longEdge);
        BufferedImage known = kept.get(key);
        if (known != null) {
            return known;
        }
        try {
            BufferedImage image = PhotoDecoder.decode(original.file(), original.header(), longEdge);
            kept.put(key, image);
            bytes += size(image);
            trim();
            return image;
        } catch (RefusedPhotoException e) {
            throw MissingPhotoException.damaged(original.name(), e);
        }
    }

    private void trim() {
        var oldest = kept.entrySet().iterator();
        while (bytes > budget && kept.size() > 1) {
            bytes -= size(oldest.next().getValue());
            oldest.remove();
        }
    }

    private static long size(BufferedImage image) {
        return (long) image.getColorModel().getNumComponents() * image.getWidth() * image.getHeight();
    }
}
