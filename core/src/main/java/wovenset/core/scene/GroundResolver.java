package wovenset.core.scene;

import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.frame.CropGeometry;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Entry;
import wovenset.core.piece.GroundColour;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;

/** Resolves what a page is covered with. */
final class GroundResolver {
    /** Millimetres beyond the bleed that a photo covers, for pixels that the page's edge cuts through. */
    private static final double BEYOND = 1;

    private GroundResolver() {}

    static PageGround of(Piece piece, Page page, PhotoFacts facts) {
        if (page.ground() instanceof Ground.Pictured pictured) {
            // A photo whose file is not known leaves its veil.
            return piece.entries()
                    .find(pictured.entry())
                    .map(Entry::photo)
                    .flatMap(
                            photo -> facts.size(photo).map(size -> pictured(pictured, photo, size, piece, page, facts)))
                    .orElseGet(() -> PageGround.of(new Paint.Solid(pictured.veil())));
        }
        return PageGround.of(
                page.ground() instanceof Ground.Covered own
                        ? own.paint()
                        : piece.styles().grounds().on(Grounds.Side.of(piece.indexOf(page.id()))));
    }

    private static PageGround pictured(
            Ground.Pictured ground, PhotoId photo, PixelSize size, Piece piece, Page page, PhotoFacts facts) {
        BoxMm all = new BoxMm(
                        0,
                        0,
                        piece.format().width().mm(),
                        piece.format().height().mm())
                .outset(piece.format().bleed().mm() + BEYOND);
        CropGeometry.Placed placed = CropGeometry.place(size.width(), size.height(), all, Crop.CENTRED);
        Op.Image image = new Op.Image(new PhotoPixels(photo), size.width(), size.height(), Affine.of(placed.toPage()));
        Op shown = ground.softness().isPositive()
                ? new Op.SoftImage(image, ground.softness().mm())
                : image;
        double solid = 1 - ground.strength();
        Rgb colour = GroundColour.of(piece, page, facts);
        return new PageGround(
                new Paint.Solid(ground.veil()),
                solid > 0
                        ? Optional.of(new Op.Group(Affine.IDENTITY, solid, Optional.empty(), List.of(shown)))
                        : Optional.empty(),
                colour);
    }
}
