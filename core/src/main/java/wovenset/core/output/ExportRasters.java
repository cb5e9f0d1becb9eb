package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wovenset.core.adjust.Adjusting;
import wovenset.core.display.Op;
import wovenset.core.display.PhotoVisitor;
import wovenset.core.display.Unit;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.scene.PageScene;

/**
 * Photos decoded from their originals at the size they are printed, kept while neighbouring strips need them: at most three sixteenths of
 * the heap, least recently used first to go. A sixteenth is for those that are decoded ahead, while strips are drawn and packed.
 */
final class ExportRasters implements PhotoRasters, AutoCloseable {
    private final PhotoFiles files;
    private final long budget = Runtime.getRuntime().maxMemory() / 4;
    private final long aheadBudget = budget / 4;
    private final Map<Key, BufferedImage> kept = new LinkedHashMap<>(16, 0.75f, true);
    private long bytes;
    private @Nullable Ahead<Key, BufferedImage> ahead;

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
        BufferedImage made = ahead == null ? null : ahead.take(key);
        BufferedImage image = made == null ? decoded(key) : made;
        kept.put(key, image);
        bytes += size(image);
        trim();
        return image;
    }

    private BufferedImage decoded(Key key) {
        PhotoFiles.Original original = files.original(key.pixels().photo());
        try {
            PhotoHeader header = original.header();
            Adjustments adjustments = key.pixels().adjustments();
            int edge = Adjusting.edge(adjustments, key.longEdge(), Math.max(header.width(), header.height()));
            BufferedImage changed = Adjusting.of(PhotoDecoder.decode(original.file(), header, edge), adjustments);
            return DerivedPixels.within(changed, key.longEdge());
        } catch (RefusedPhotoException e) {
            throw MissingPhotoException.damaged(original.name(), e);
        }
    }

    /** Begins to decode what a page shows, from top to bottom; {@link #close} ends that. */
    void expect(PageScene page, double pixelsPerMm) {
        close();
        Needs needs = needs(page, pixelsPerMm);
        needs.bytes.keySet().removeAll(kept.keySet());
        ahead = new Ahead<>(needs.bytes, aheadBudget, this::decoded);
    }

    @Override
    public void close() {
        if (ahead != null) {
            ahead.close();
            ahead = null;
        }
    }

    /** The bytes that the photos of a page come to at most, as far as they are kept side by side. */
    long needed(PageScene page, double pixelsPerMm) {
        Needs needs = needs(page, pixelsPerMm);
        long all = needs.bytes.values().stream().mapToLong(Long::longValue).sum();
        long largest =
                needs.bytes.values().stream().mapToLong(Long::longValue).max().orElse(0);
        return Math.min(all, budget + largest);
    }

    private static Needs needs(PageScene page, double pixelsPerMm) {
        Needs needs = new Needs(pixelsPerMm);
        page.groundOps(0).forEach(op -> op.accept(needs));
        page.units().stream()
                .map(Unit::onPage)
                .sorted(Comparator.comparingDouble(unit -> unit.ink().y()))
                .forEach(needs::group);
        return needs;
    }

    /** What each picture will take when it is decoded, those further up on the page first. */
    private static final class Needs implements PhotoVisitor {
        private final Map<Key, Long> bytes = new LinkedHashMap<>();
        private double scale;

        Needs(double pixelsPerMm) {
            scale = pixelsPerMm;
        }

        @Override
        public void group(Op.Group group) {
            double around = scale;
            scale *= Math.sqrt(Math.abs(group.to().awt().getDeterminant()));
            group.children().forEach(op -> op.accept(this));
            scale = around;
        }

        @Override
        public void image(Op.Image image) {
            int edge = Math.max(image.widthPx(), image.heightPx());
            int longEdge = RasterScale.longEdge(image.widthPx(), image.heightPx(), scale * image.mmPerPixel());
            double side = (double) longEdge / edge;
            bytes.put(
                    new Key(image.pixels(), longEdge),
                    Math.round(4 * side * side * image.widthPx() * image.heightPx()));
        }

        @Override
        public void tilted(Op.Tilted tilted) {
            tilted.children().forEach(op -> op.accept(this));
        }
    }

    private void trim() {
        var oldest = kept.entrySet().iterator();
        while (bytes > budget - aheadBudget && kept.size() > 1) {
            bytes -= size(oldest.next().getValue());
            oldest.remove();
        }
    }

    private static long size(BufferedImage image) {
        return (long) image.getColorModel().getNumComponents() * image.getWidth() * image.getHeight();
    }
}
