package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wovenset.core.adjust.PrintSharpening;
import wovenset.core.display.Op;
import wovenset.core.display.PhotoVisitor;
import wovenset.core.display.Unit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.Enlargement;
import wovenset.core.scene.PageScene;

/**
 * Photos decoded from their originals at the size they are printed, kept while neighbouring strips need them: at most three sixteenths of
 * the heap, least recently used first to go. A sixteenth is for those that are decoded ahead, while strips are drawn and packed.
 */
final class ExportRasters implements PhotoRasters, AutoCloseable {
    /** Pixels of a photo that is enlarged, where all that a strip shows has room side by side. */
    private static final double MOST_ENLARGED = 12e6;

    /** Fewer are not worth it. */
    private static final double LEAST_ENLARGED = 1e6;

    private static final double LESS = 0.8;

    private final PhotoFiles files;
    private final long budget;
    private final long aheadBudget;
    private final Map<Key, BufferedImage> kept = new LinkedHashMap<>(16, 0.75f, true);
    private final Optional<MakeRequest.Sharpening> sharpening;
    private final double pixelsPerMm;
    private double mostEnlarged = MOST_ENLARGED;
    private long bytes;
    private @Nullable Ahead<Key, BufferedImage> ahead;

    ExportRasters(PhotoFiles files) {
        this(files, Optional.empty(), 1);
    }

    /** @param pixelsPerMm of the print that is drawn */
    ExportRasters(PhotoFiles files, Optional<MakeRequest.Sharpening> sharpening, double pixelsPerMm) {
        this(files, sharpening, pixelsPerMm, Runtime.getRuntime().maxMemory() / 4);
    }

    /** @param budget bytes of photos that are held */
    ExportRasters(PhotoFiles files, Optional<MakeRequest.Sharpening> sharpening, double pixelsPerMm, long budget) {
        this.files = files;
        this.budget = budget;
        aheadBudget = budget / 4;
        this.sharpening = sharpening;
        this.pixelsPerMm = pixelsPerMm;
    }

    /** @param perDevice how many of its pixels there are to one that is drawn, at most about one */
    private record Key(PhotoPixels pixels, int longEdge, float perDevice) {}

    private Key key(PhotoPixels pixels, int width, int height, double wantedScale) {
        int longEdge = wantedScale > 1
                ? enlarged(width, height, wantedScale)
                : RasterScale.longEdge(width, height, wantedScale);
        double own = longEdge / (Math.max(width, height) * wantedScale);
        // Without sharpening one picture serves all that are about as large.
        return new Key(pixels, longEdge, sharpening.isEmpty() ? 1 : (float) Math.min(1, own));
    }

    /** As large as it is printed, where that is more than the photo has; very large ones are enlarged the rest of the way as they are drawn. */
    private int enlarged(int width, int height, double wantedScale) {
        double most = Math.max(1, Math.sqrt(mostEnlarged / ((double) width * height)));
        return (int) Math.round(Math.max(width, height) * Math.min(wantedScale, most));
    }

    /** Strips are drawn on other threads than they are packed on, or on the same. */
    @Override
    public synchronized BufferedImage raster(PhotoPixels pixels, double wantedScale) {
        PhotoFiles.Original original = files.original(pixels.photo());
        Key key = key(pixels, original.header().width(), original.header().height(), wantedScale);
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
        BufferedImage own = PrintPixels.of(files, key.pixels(), key.longEdge());
        BufferedImage sized = Enlargement.of(DerivedPixels.within(own, key.longEdge()), key.longEdge());
        return sharpening
                .map(how -> PrintSharpening.of(sized, key.perDevice() * pixelsPerMm, how.amount()))
                .orElse(sized);
    }

    /** Begins to decode what a page shows, from top to bottom; {@link #close} ends that. */
    void expect(Needs needs) {
        close();
        Map<Key, Long> missing = new LinkedHashMap<>(needs.bytes);
        missing.keySet().removeAll(kept.keySet());
        ahead = new Ahead<>(missing, aheadBudget, this::decoded);
    }

    @Override
    public void close() {
        if (ahead != null) {
            ahead.close();
            ahead = null;
        }
    }

    /**
     * What a page needs when its photos are enlarged so little that those side by side have room: else each strip would make all of them anew.
     * It holds until another page is asked for.
     */
    Needs needs(PageScene page, double pixelsPerMm) {
        mostEnlarged = MOST_ENLARGED;
        Needs needs = asEnlarged(page, pixelsPerMm);
        while (needs.sideBySide() > budget - aheadBudget && mostEnlarged > LEAST_ENLARGED) {
            mostEnlarged *= LESS;
            needs = asEnlarged(page, pixelsPerMm);
        }
        return needs;
    }

    private Needs asEnlarged(PageScene page, double pixelsPerMm) {
        Needs needs = new Needs(pixelsPerMm);
        page.groundOps(0).forEach(op -> op.accept(needs));
        page.units().stream()
                .map(Unit::onPage)
                .sorted(Comparator.comparingDouble(unit -> unit.ink().y()))
                .forEach(needs::unit);
        return needs;
    }

    /** What each picture will take when it is decoded, those further up on the page first. */
    final class Needs implements PhotoVisitor {
        private final Map<Key, Long> bytes = new LinkedHashMap<>();
        /** From where on the page to where each is shown, in millimetres from above. */
        private final Map<Key, BoxMm> shown = new HashMap<>();

        private Optional<BoxMm> ink = Optional.empty();
        private double scale;

        private Needs(double pixelsPerMm) {
            scale = pixelsPerMm;
        }

        private void unit(Op.Group onPage) {
            ink = Optional.of(onPage.ink());
            group(onPage);
        }

        /** The bytes they come to at most, as far as they are kept side by side. */
        long bytes() {
            long all = bytes.values().stream().mapToLong(Long::longValue).sum();
            long largest =
                    bytes.values().stream().mapToLong(Long::longValue).max().orElse(0);
            return Math.min(all, budget + largest);
        }

        /** The most bytes of photos that lie on one line across the page. */
        private long sideBySide() {
            return shown.values().stream()
                    .mapToLong(line -> shown.entrySet().stream()
                            .filter(one -> one.getValue().y() <= line.y()
                                    && one.getValue().bottom() >= line.y())
                            .mapToLong(one -> bytes.getOrDefault(one.getKey(), 0L))
                            .sum())
                    .max()
                    .orElse(0);
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
            Key key = key(image.pixels(), image.widthPx(), image.heightPx(), scale * image.mmPerPixel());
            double side = (double) key.longEdge() / edge;
            int channels = image.pixels().retouching().cutOut().isPresent() ? 4 : 3;
            bytes.put(key, Math.round(channels * side * side * image.widthPx() * image.heightPx()));
            ink.ifPresent(box -> shown.merge(key, box, BoxMm::union));
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
