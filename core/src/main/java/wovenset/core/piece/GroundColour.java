package wovenset.core.piece;

import wovenset.core.ink.Rgb;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;

/** The one colour that stands for a page's ground: words on it have to be read on it. */
public final class GroundColour {
    private GroundColour() {}

    /** A photo's is its mean under its veil, or the veil where the photo is not known. */
    public static Rgb of(Piece piece, Page page, PhotoFacts facts) {
        if (page.ground() instanceof Ground.Pictured pictured) {
            return piece.entries()
                    .find(pictured.entry())
                    .flatMap(entry -> facts.colour(entry.photo()))
                    .map(mean -> mean.rgb().mixed(pictured.veil(), pictured.strength()))
                    .orElse(pictured.veil());
        }
        return page.ground() instanceof Ground.Covered own
                ? own.paint().colour()
                : piece.styles()
                        .grounds()
                        .on(Grounds.Side.of(piece.indexOf(page.id())))
                        .colour();
    }
}
