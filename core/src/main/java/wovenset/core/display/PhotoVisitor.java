package wovenset.core.display;

/** A walk over operations that looks only for photos; all that shows none is passed over. */
public interface PhotoVisitor extends Op.Visitor {
    @Override
    default void fill(Op.Fill fill) {}

    @Override
    default void shade(Op.Shade shade) {}

    @Override
    default void glyphs(Op.Glyphs glyphs) {}

    @Override
    default void letterEdge(Op.LetterEdge edge) {}

    @Override
    default void letterShade(Op.LetterShade shade) {}

    @Override
    default void said(Op.Said said) {}

    /** It has few pixels of its own, whatever the photo's. */
    @Override
    default void softImage(Op.SoftImage soft) {}
}
