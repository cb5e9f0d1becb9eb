package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.item.MosaicTiles.Tile;
import wovenset.core.photo.Region;

/**
 * A photo drawn as the tiles of a mosaic: each a picture of its own, so that it is as sharp in print as its photo, however large the mosaic
 * is. Over them lies the photo itself as a tint (overlay), and as a veil. Cost: linear in the tiles.
 */
final class MosaicOps {
    private static final double MM_PER_INCH = 25.4;

    private MosaicOps() {}

    /**
     * @param photo the photo as it would be drawn itself
     * @param shows in the axes around: what of it is seen; nothing is drawn beyond
     */
    static List<Op> of(Op.Image photo, Woven woven, BoxMm shows) {
        double width = Math.hypot(photo.to().a(), photo.to().b());
        double height = Math.hypot(photo.to().c(), photo.to().d());
        Affine turned = photo.to().after(new Affine(1 / width, 0, 0, 1 / height, 0, 0));
        List<Op> tiles = new ArrayList<>();
        double column = width / woven.mosaic().weave().across();
        double row = height / woven.mosaic().rows();
        for (Tile tile : woven.mosaic().tiles()) {
            BoxMm box = new BoxMm(tile.column() * column, tile.row() * row, tile.side() * column, tile.side() * row);
            Optional<Woven.TilePhoto> shown = woven.photos().get(tile.photo());
            if (shown.isPresent() && turned.bounds(box).meets(shows)) {
                tiles.add(new Op.Group(
                        Affine.IDENTITY, 1, Optional.of(new ShapeMm.Rectangle(box)), List.of(image(shown.get(), box))));
            }
        }
        List<Op> all = new ArrayList<>();
        // Where a photo is gone the whole is seen.
        if (woven.photos().stream().anyMatch(Optional::isEmpty)) {
            all.add(photo);
        }
        all.add(new Op.Group(turned, 1, Optional.empty(), tiles));
        laid(photo, Blend.OVERLAY, woven.mosaic().tint()).ifPresent(all::add);
        laid(photo, Blend.NORMAL, woven.mosaic().veil()).ifPresent(all::add);
        return all;
    }

    /** Pixels per inch of the tile that has the fewest, as the photo itself only tints them; nothing if all its photos are gone. */
    static OptionalDouble ppi(Affine to, Woven woven) {
        double column = Math.hypot(to.a(), to.b()) / woven.mosaic().weave().across();
        return woven.mosaic().tiles().stream()
                .flatMapToDouble(tile -> woven.photos().get(tile.photo()).stream()
                        .mapToDouble(photo ->
                                photo.part().width() * photo.size().width() * MM_PER_INCH / (tile.side() * column)))
                .min();
    }

    private static Optional<Op> laid(Op.Image photo, Blend blend, double share) {
        return share == 0
                ? Optional.empty()
                : Optional.of(new Op.Group(
                        Affine.IDENTITY, share, blend, Optional.empty(), Optional.empty(), List.of(photo)));
    }

    private static Op image(Woven.TilePhoto photo, BoxMm box) {
        Region part = photo.part();
        double width = box.width() / part.width();
        double height = box.height() / part.height();
        return new Op.Image(
                photo.pixels(),
                photo.size().width(),
                photo.size().height(),
                new Affine(width, 0, 0, height, box.x() - part.x() * width, box.y() - part.y() * height));
    }
}
