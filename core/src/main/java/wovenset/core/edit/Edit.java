package wovenset.core.edit;

/**
 * A change to a piece, as a value. Its kinds are records, grouped by what they change; {@code edit.apply} finds what applies one by
 * its type.
 */
public sealed interface Edit
        permits PieceEdit,
                StyleEdit,
                EntryEdit,
                AlbumEdit,
                PageEdit,
                ArrangeEdit,
                WordsEdit,
                ItemEdit,
                AdjustEdit,
                RetouchEdit {}
